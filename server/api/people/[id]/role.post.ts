import { rolesGivenSchema } from '../../../../core/access/people'
import { useShop } from '../../../running/useShop'

/** Gives somebody another role. It holds with their next step. */
export default api('admin', async event => {
  const { role } = await bodyOf(event, rolesGivenSchema)
  const { access } = await useShop()
  await access.change(pathPart(event, 'id'), { role })
  setResponseStatus(event, 204)
  return null
})
