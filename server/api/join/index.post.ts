import { z } from 'zod'
import type { Me } from '../../../core/access/people'
import { joiningSchema } from '../../../core/access/people'
import { meAnswer } from '../../admission/meAnswer'
import { signIn } from '../../admission/signedIn'
import { useShop } from '../../running/useShop'

const body = joiningSchema.extend({ key: z.string().max(100) })

/** Makes a person of whoever was invited, and signs them in. */
export default api('nothing', async (event): Promise<Me> => {
  const { key, password, ...given } = await bodyOf(event, body)
  const { access } = await useShop()
  // A password takes a while to be kept, by design: not for whoever has no invitation.
  const hash = access.invitationOf(key) ? await hashPassword(password) : null
  const person = await access.join(key, { ...given, password: hash })
  await signIn(event, person)
  return meAnswer(person)
})
