import type { PagePlan } from '../pagePlans/pagePlan'
import { zonesOf } from '../pageTypes/registry'

/** A plan with one block more, at the foot of its pages. */
export function withAtFoot(plan: PagePlan, block: string): PagePlan {
  const foot = zonesOf(plan.page).at(-1)!
  const { zones } = plan
  const isThere = zones.some(each => each.key === foot)
  return {
    ...plan,
    zones: isThere
      ? zones.map(each => (each.key === foot ? { ...each, blocks: [...each.blocks, block] } : each))
      : [...zones, { key: foot, blocks: [block] }],
  }
}
