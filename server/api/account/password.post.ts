import { newPasswordSchema } from '../../../core/access/people'
import { confirmPassword } from '../../admission/confirmed'
import { sessionOf } from '../../admission/signedIn'
import { themselves } from '../../admission/themselves'

/** Changes one's own password, and ends one's other sessions; also one's passkeys, if asked to. */
export default api('viewer', async (event, asker) => {
  const { current, next, withoutPasskeys } = await bodyOf(event, newPasswordSchema)
  const { access, person } = await themselves(asker)
  await confirmPassword(event, person, current)
  await access.change(person.id, { password: await hashPassword(next) })
  return {
    sessions: await access.endSessions(person.id, (await sessionOf(event)) ?? undefined),
    passkeys: withoutPasskeys ? await access.passkeys.removeAll(person.id) : 0,
  }
})
