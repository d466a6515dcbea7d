import type { Me } from '../../../core/access/people'
import { signInSchema } from '../../../core/access/people'
import { meAnswer } from '../../admission/meAnswer'
import { signIn } from '../../admission/signedIn'
import { trying } from '../../admission/tries'
import { clientAddress } from '../../http/clientAddress'
import { useShop } from '../../running/useShop'

/** A hash that no password has: whoever is not known is checked for as long as who is. */
let nobodysHash: Promise<string> | undefined

export default api('nothing', async (event): Promise<Me> => {
  const { email: given, password } = await bodyOf(event, signInSchema)
  const email = given.trim().toLowerCase()
  const { access } = await useShop()
  const person = access.personWith(email)
  const hash = person?.password ?? (await (nobodysHash ??= hashPassword('')))
  const isRight = await trying(
    email,
    clientAddress(event.node.req),
    async () => (await verifyPassword(hash, password)) && person?.password === hash,
  )
  if (!isRight) throw new Problem(401, 'wrong-password', 'Not signed in', 'This address and this password don’t belong together.')
  await signIn(event, person!)
  return meAnswer(person)
})
