import { confirmationSchema } from '../../../../core/access/people'
import { confirmThemselves } from '../../../admission/confirmed'
import { askForPasskey } from '../../../admission/passkeyQuestions'
import { themselves } from '../../../admission/themselves'

/** Asks one's browser to make a passkey, once somebody has shown that it is them: it lasts longer than the session. */
export default api('viewer', async (event, asker) => {
  const confirmation = await bodyOf(event, confirmationSchema)
  const { access, person } = await themselves(asker)
  await confirmThemselves(event, access, person, confirmation)
  return askForPasskey(person, access.passkeys.of(person.id))
})
