import type { Me } from '../../core/access/people'
import { askerOf } from '../admission/askerOf'
import { meAnswer } from '../admission/meAnswer'
import { useShop } from '../running/useShop'

/** Who is asking; of somebody unknown, nothing. */
export default api('nothing', async (event): Promise<Me> => {
  setResponseHeader(event, 'cache-control', 'private, no-store')
  const asker = await askerOf(event)
  const { access } = await useShop()
  return meAnswer(asker.kind === 'person' ? access.person(asker.id) : null)
})
