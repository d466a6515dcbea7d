import { planReview } from '../../../core/checks/planReview'
import type { PlanReviewAnswer } from '../../../core/studio/planAnswers'
import { planReviewQuerySchema } from '../../../core/studio/planAnswers'
import { runInSteps } from '../../live/runInSteps'
import { useShop } from '../../running/useShop'
import { draftPlan, pageSubjectOf, usePlanReach } from '../../pagePlans/usePlanReach'
import { queryOf } from '../../utils/request'

const maxExamples = 5

/** How the draft of a plan turns out on the pages that get it. */
export default api('viewer', async (event): Promise<PlanReviewAnswer> => {
  const { plan: key } = queryOf(event, planReviewQuerySchema)
  const { shop } = await useShop()
  const plan = draftPlan(shop, key)
  const { gets } = await usePlanReach(plan)
  const { sampled, blank, shown, same } = await runInSteps(planReview(shop.drafted, plan, gets, shop.now()), whileAsked(event))
  return {
    pages: gets.length,
    sampled,
    blank: blank.length,
    blankExamples: blank.slice(0, maxExamples).map(about => pageSubjectOf(plan.page, about, shop)),
    shown: Object.fromEntries(shown),
    same,
  }
})
