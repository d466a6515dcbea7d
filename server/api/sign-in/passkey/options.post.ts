import { limitCostly } from '../../../admission/limits'
import { askWho } from '../../../admission/passkeyQuestions'

/** Asks the browser of whoever wants to sign in for a passkey. */
export default api('nothing', async event => {
  await limitCostly(event)
  return askWho()
})
