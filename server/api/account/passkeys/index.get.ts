import { passkeysAnswer } from '../../../admission/passkeysAnswer'
import { themselves } from '../../../admission/themselves'

/** One's own passkeys. */
export default api('viewer', async (_, asker) => {
  const { access, person } = await themselves(asker)
  return passkeysAnswer(access.passkeys.of(person.id))
})
