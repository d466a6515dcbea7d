import { newPasswordSchema } from '../../../core/access/people'
import { sessionOf } from '../../admission/signedIn'
import { themselves } from '../../admission/themselves'
import { trying } from '../../admission/tries'
import { clientAddress } from '../../http/clientAddress'

/** Changes one's own password, and ends one's other sessions. */
export default api('viewer', async (event, asker) => {
  const { current, next } = await bodyOf(event, newPasswordSchema)
  const { access, person } = await themselves(asker)
  const { password } = person
  const isRight = password && (await trying(person.email, clientAddress(event.node.req), () => verifyPassword(password, current)))
  if (!isRight) throw new Problem(403, 'wrong-password', 'Not changed', 'The password that you have now is another one.')
  await access.change(person.id, { password: await hashPassword(next) })
  return { ended: await access.endSessions(person.id, (await sessionOf(event)) ?? undefined) }
})
