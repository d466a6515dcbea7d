import type { PagePlan } from './pagePlan'

/** A page plan as any version of Manada has written it, in today's form: at first all were default plans. */
export const upgradePlan = (stored: Omit<PagePlan, 'scope' | 'rank'> & Partial<Pick<PagePlan, 'scope' | 'rank'>>): PagePlan => ({
  ...stored,
  scope: stored.scope ?? null,
  rank: stored.rank ?? 0,
})
