import type { Me } from '../../../core/access/people'
import { signInSchema } from '../../../core/access/people'
import { meAnswer } from '../../admission/meAnswer'
import { hasPassword } from '../../admission/passwordCheck'
import { signIn } from '../../admission/signedIn'
import { trying } from '../../admission/tries'
import { clientAddress } from '../../http/clientAddress'
import { useShop } from '../../running/useShop'

const hashing = { hash: hashPassword, verify: verifyPassword }

export default api('nothing', async (event): Promise<Me> => {
  const { email: given, password } = await bodyOf(event, signInSchema)
  const email = given.trim().toLowerCase()
  const { access } = await useShop()
  const person = access.personWith(email)
  const isRight = await trying(email, clientAddress(event.node.req), () => hasPassword(person, password, hashing))
  if (!isRight) throw new Problem(401, 'wrong-password', 'Not signed in', 'This address and this password don’t belong together.')
  await signIn(event, person!)
  return meAnswer(person)
})
