import type { FillAnswer } from '../../../core/studio/sectionAnswers'
import { fillQuerySchema } from '../../../core/studio/sectionAnswers'
import { queryOf } from '../../utils/request'
import { useCounting } from '../../counting/useCounting'

/** How well a section is filled over all products; counted beside the server's other work, so ask again until it is settled. */
export default api('viewer', async (event): Promise<FillAnswer> => {
  const { section, page } = queryOf(event, fillQuerySchema)
  return (await useCounting()).ask(section, page)
})
