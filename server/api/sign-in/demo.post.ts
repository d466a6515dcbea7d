import type { Me } from '../../../core/access/people'
import { demoMerchandiser, isDemo } from '../../access/demo'
import { meAnswer } from '../../admission/meAnswer'
import { signIn } from '../../admission/signedIn'
import { useShop } from '../../running/useShop'

/** Lets whoever tries the demo in. */
export default api('nothing', async (event): Promise<Me> => {
  if (!isDemo()) throw new Problem(404, 'no-demo', 'Not found', 'This is no demo: people sign in here.')
  const { access } = await useShop()
  const person = await access.demoPerson(demoMerchandiser)
  await signIn(event, person)
  return meAnswer(person)
})
