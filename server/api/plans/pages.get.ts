import type { PlanPagesAnswer } from '../../../core/studio/planAnswers'
import { planPagesQuerySchema } from '../../../core/studio/planAnswers'
import { useShop } from '../../running/useShop'
import { draftPlan, pageSubjectOf, usePlanReach } from '../../pagePlans/usePlanReach'
import { queryOf } from '../../utils/request'

/** The pages that a plan is for. */
export default api('viewer', async (event): Promise<PlanPagesAnswer> => {
  const { plan: key, which, offset, limit } = queryOf(event, planPagesQuerySchema)
  const { shop } = await useShop()
  const plan = draftPlan(shop, key)
  const { gets, shared } = await usePlanReach(plan)
  const listed =
    which === 'gets' ? gets.slice(offset, offset + limit).map(about => ({ about, plans: [] })) : shared.slice(offset, offset + limit)
  return {
    gets: gets.length,
    shared: shared.length,
    rows: listed.map(({ about, plans }) => ({
      ...pageSubjectOf(plan.page, about, shop),
      plans: plans.map(({ plan: { key: name }, reason }) => ({ plan: name, reason })),
    })),
  }
})
