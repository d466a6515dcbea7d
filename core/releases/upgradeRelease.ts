import { mapValues } from 'es-toolkit'
import { sectionsOf } from '../pagePlans/pagePlan'
import { isOlderPlan } from '../pagePlans/upgradePlan'
import { builtInSections } from '../sections/builtIn'
import type { Section } from '../sections/section'
import type { DraftedSort } from './draftedSorts'
import { draftedSorts, forEachSort } from './draftedSorts'
import type { ReleaseContent, Schedule } from './release'

/** Things of a sort as any version of Manada has written them. */
type Upgrade = (stored: object) => object

/** What shoppers got with a release, as any version of Manada has written it, in today's form. */
export function upgradeRelease(stored: Partial<ReleaseContent>): ReleaseContent {
  const release = forEachSort(sort => stored[sort]?.map(draftedSorts[sort].upgrade as Upgrade) ?? null) as unknown as ReleaseContent
  return stored.plans?.some(isOlderPlan) ? { ...release, sections: withBuiltIn(release) } : release
}

/** Its sections, with those of Manada's own that its plans have named only since. */
function withBuiltIn({ sections, plans }: ReleaseContent): Section[] {
  const missing = new Set(plans.flatMap(sectionsOf))
  for (const { key } of sections) missing.delete(key)
  return [...sections, ...builtInSections.filter(({ key }) => missing.has(key))]
}

/** A planned publishing as any version of Manada has written it, in today's form. */
export const upgradeSchedule = (stored: Pick<Schedule, 'key' | 'at' | 'note'> & Partial<Schedule>): Schedule => ({
  ...stored,
  ...(forEachSort(sort => mapValues(stored[sort] ?? {}, each => each && (draftedSorts[sort].upgrade as Upgrade)(each))) as unknown as Pick<
    Schedule,
    DraftedSort
  >),
})
