import { passkeysAnswer } from '../../../admission/passkeysAnswer'
import { themselves } from '../../../admission/themselves'

/** Takes a passkey of one's own away: nobody signs in with it any more. */
export default api('viewer', async (event, asker) => {
  const { access, person } = await themselves(asker)
  await access.passkeys.remove(person.id, pathPart(event, 'id'))
  return passkeysAnswer(access.passkeys.of(person.id))
})
