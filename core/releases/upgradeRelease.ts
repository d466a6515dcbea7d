import { mapValues } from 'es-toolkit'
import type { DraftedSort } from './draftedSorts'
import { draftedSorts, forEachSort } from './draftedSorts'
import type { ReleaseContent, Schedule } from './release'

/** Things of a sort as any version of Manada has written them. */
type Upgrade = (stored: object) => object

/** What shoppers got with a release, as any version of Manada has written it, in today's form. */
export const upgradeRelease = (stored: Partial<ReleaseContent>): ReleaseContent =>
  forEachSort(sort => stored[sort]?.map(draftedSorts[sort].upgrade as Upgrade) ?? null) as unknown as ReleaseContent

/** A planned publishing as any version of Manada has written it, in today's form. */
export const upgradeSchedule = (stored: Pick<Schedule, 'key' | 'at' | 'note'> & Partial<Schedule>): Schedule => ({
  ...stored,
  ...(forEachSort(sort => mapValues(stored[sort] ?? {}, each => each && (draftedSorts[sort].upgrade as Upgrade)(each))) as unknown as Pick<
    Schedule,
    DraftedSort
  >),
})
