import type { PagePlan } from '../pagePlans/pagePlan'
import { sectionsOf } from '../pagePlans/pagePlan'
import type { Versions } from '../sections/versions'
import type { AllVersions } from './draftedSorts'
import type { ReleaseContent } from './release'

/** A release with what stays beside it: the default plans of kinds of pages that came after it, and their sections. */
export function withKept(release: ReleaseContent, { sections, plans }: AllVersions): ReleaseContent {
  const kept = keptPlans(plans, release.plans)
  const keptSections = new Set(kept.flatMap(sectionsOf).filter(key => !release.sections.some(each => each.key === key)))
  return {
    ...release,
    sections: [...release.sections, ...[...sections].flatMap(([key, { live }]) => (live && keptSections.has(key) ? [live] : []))],
    plans: [...release.plans, ...kept],
  }
}

/** The default plans of those kinds of pages that came after a release: no page is left without a plan. Their sections stay with them. */
const keptPlans = (plans: ReadonlyMap<string, Versions<PagePlan>>, then: readonly PagePlan[]): PagePlan[] =>
  [...plans.values()].flatMap(({ live }) =>
    live?.scope === null && !then.some(each => each.page === live.page && each.scope === null) ? [live] : [],
  )
