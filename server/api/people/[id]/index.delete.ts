import { useShop } from '../../../running/useShop'

/** Lets somebody in no more. What they did stays, with their name. */
export default api('admin', async event => {
  const { access } = await useShop()
  await access.remove(pathPart(event, 'id'))
  setResponseStatus(event, 204)
  return null
})
