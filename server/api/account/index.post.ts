import type { Me } from '../../../core/access/people'
import { accountSchema } from '../../../core/access/people'
import { meAnswer } from '../../admission/meAnswer'
import { themselves } from '../../admission/themselves'

/** Changes one's own name and colour. */
export default api('viewer', async (event, asker): Promise<Me> => {
  const given = await bodyOf(event, accountSchema)
  const { access, person } = await themselves(asker)
  return meAnswer(await access.change(person.id, given))
})
