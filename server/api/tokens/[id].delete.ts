import { useShop } from '../../running/useShop'

export default api('admin', async event => {
  const { access } = await useShop()
  await access.tokens.takeBack(pathPart(event, 'id'))
  setResponseStatus(event, 204)
  return null
})
