import type { Me } from '../../../../core/access/people'
import { passkeyAnswerSchema } from '../../../../core/access/people'
import { limitCostly } from '../../../admission/limits'
import { meAnswer } from '../../../admission/meAnswer'
import { provenPasskey } from '../../../admission/passkeyQuestions'
import { signIn } from '../../../admission/signedIn'
import { useShop } from '../../../running/useShop'

/** Signs in whoever has a passkey. Unlike a password it can't be guessed. */
export default api('nothing', async (event): Promise<Me> => {
  await limitCostly(event)
  const answer = await bodyOf(event, passkeyAnswerSchema)
  const { access } = await useShop()
  const passkey = access.passkeys.with(answer.response.id)
  const counter = await provenPasskey(passkey, answer)
  const person = access.person(passkey!.person)!
  access.passkeys.used(passkey!.id, counter)
  await signIn(event, person)
  return meAnswer(person)
})
