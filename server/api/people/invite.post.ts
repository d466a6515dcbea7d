import { invitingSchema } from '../../../core/access/people'
import { joinLink } from '../../admission/joinLink'
import { useShop } from '../../running/useShop'

/** Makes a link that lets somebody in, to be sent to them. */
export default api('admin', async event => {
  const { name, role } = await bodyOf(event, invitingSchema)
  const { access } = await useShop()
  return { link: joinLink(await access.invite(name, role)) }
})
