import type { z } from 'zod'
import type { planCountsAnswerSchema } from '../../../core/studio/planAnswers'
import { pageKindSchema } from '../../../core/pagePlans/pagePlan'
import { planCounts } from '../../../core/pagePlans/planReach'
import { runInSteps } from '../../live/runInSteps'
import { useShop } from '../../running/useShop'
import { plannedShop } from '../../pagePlans/usePlanReach'

/** How many pages get each plan. */
export default api('viewer', async (): Promise<z.infer<typeof planCountsAnswerSchema>> => {
  const { shop } = await useShop()
  const counts: [string, number][] = []
  for (const page of pageKindSchema.options) counts.push(...(await runInSteps(planCounts(page, plannedShop(shop)))))
  return { counts: Object.fromEntries(counts) }
})
