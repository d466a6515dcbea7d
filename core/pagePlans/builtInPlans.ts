import { pageKinds, pageTypes } from '../pageTypes/registry'
import type { PagePlan } from './pagePlan'

/** The plan of each kind of page that gets no other. */
export const builtInPlans: PagePlan[] = pageKinds.map(page => {
  const { name, blocks } = pageTypes[page].defaultPlan
  return {
    key: `${page}-default`,
    name,
    page,
    scope: null,
    rank: 0,
    repeats: false,
    off: [],
    zones: Object.entries(blocks).map(([key, each]) => ({ key, blocks: each })),
  }
})
