import type { PlanForAnswer } from '../../../core/studio/planAnswers'
import { planForQuerySchema } from '../../../core/studio/planAnswers'
import { subjectOf } from '../../../core/pagePlans/planReach'
import { useShop } from '../../running/useShop'
import { pageSubjectOf, plannedShop } from '../../pagePlans/usePlanReach'
import { queryOf } from '../../utils/request'

/** Which plan a page gets, and which others are for it too. */
export default api('viewer', async (event): Promise<PlanForAnswer> => {
  const { page, about } = queryOf(event, planForQuerySchema)
  const { shop } = await useShop()
  const planned = plannedShop(shop)
  const subject = subjectOf(page, about, planned)
  if (!subject)
    throw new Problem(
      404,
      'unknown-subject',
      'Not found',
      `The shop has no ${page === 'category' || page === 'article' ? page : 'product'} ${about}.`,
      [about],
    )
  const plans = planned.plans.matching(page, subject, shop.catalogue).map(({ plan: { key }, reason }) => ({ plan: key, reason }))
  return { subject: pageSubjectOf(page, about, shop), plans }
})
