import { askForPasskey } from '../../../admission/passkeyQuestions'
import { themselves } from '../../../admission/themselves'

/** Asks one's browser to make a passkey. */
export default api('viewer', async (_, asker) => {
  const { access, person } = await themselves(asker)
  return askForPasskey(person, access.passkeys.of(person.id))
})
