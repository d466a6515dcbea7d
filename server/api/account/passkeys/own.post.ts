import { askWhetherThemselves } from '../../../admission/passkeyQuestions'
import { themselves } from '../../../admission/themselves'

/** Asks one's browser for a passkey that one has, to show that it is oneself. */
export default api('viewer', async (_, asker) => {
  const { access, person } = await themselves(asker)
  const own = access.passkeys.of(person.id)
  if (!own.length) throw new Problem(404, 'no-passkey', 'No passkey', 'You have no passkey yet.')
  return askWhetherThemselves(person, own)
})
