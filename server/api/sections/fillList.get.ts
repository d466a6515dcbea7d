import type { PageList } from '../../../core/studio/sectionAnswers'
import { fillListQuerySchema } from '../../../core/studio/sectionAnswers'
import { useCounting } from '../../counting/useCounting'
import { useShop } from '../../running/useShop'
import { toPageRow } from '../../sections/pageRow'
import { queryOf } from '../../utils/request'

/** The pages that show so many of a section. */
export default api('viewer', async (event): Promise<PageList> => {
  const { section, page, version, from, to, offset, limit } = queryOf(event, fillListQuerySchema)
  const { shop } = await useShop()
  const { subjects, total } = await (await useCounting()).list({ section, page, version }, from, to, offset, limit)
  return { total, pages: subjects.map(subject => toPageRow(page, subject, shop)) }
})
