import equal from 'fast-deep-equal'
import { z } from 'zod'
import type { Change } from '../commands/change'
import { pagePlan } from '../pagePlans/pagePlan'
import type { PagePlan } from '../pagePlans/pagePlan'
import { section, sectionKey } from '../sections/section'
import type { Section } from '../sections/section'
import type { Versions } from '../sections/versions'

/** Everything that shoppers get of sections and page plans. */
export interface ReleaseContent {
  sections: Section[]
  plans: PagePlan[]
}

/** One of the states that shoppers have had, one after the other. */
const releaseHead = z.object({
  number: z.int(),
  /** ISO 8601 */
  at: z.string(),
  /** What whoever published wrote beside it. */
  note: z.string(),
  /** What was done, in plain words. */
  words: z.string(),
})
export type ReleaseHead = z.infer<typeof releaseHead>

export const releaseNote = z.string().trim().max(300, 'A note has at most 300 characters.')

/** What is to go live at a set time: as it was drafted when that was said. */
export const schedule = z.object({
  key: z.string(),
  at: z.iso.datetime({ offset: true }),
  note: z.string(),
  /** By key; null: it is to be taken away. */
  sections: z.record(sectionKey, section.nullable()),
  plans: z.record(sectionKey, pagePlan.nullable()),
})
export type Schedule = z.infer<typeof schedule>

/** All releases, the newest first, and what is still to come. */
export const releasesAnswer = z.object({ releases: z.array(releaseHead), schedules: z.array(schedule) })
export type ReleasesAnswer = z.infer<typeof releasesAnswer>
export const releaseAnswer = releaseHead.extend({ sections: z.array(section), plans: z.array(pagePlan) })

interface AllVersions { sections: ReadonlyMap<string, Versions<Section>>, plans: ReadonlyMap<string, Versions<PagePlan>> }

/** What shoppers get after changes. */
export function liveAfter(changes: readonly Change[], { sections, plans }: AllVersions): ReleaseContent {
  const after = <T>(of: 'section' | 'plan', things: ReadonlyMap<string, Versions<T>>): T[] => {
    const all = new Map(things)
    for (const change of changes) {
      if (change.of !== of) continue
      if (change.after) all.set(change.kind, change.after as Versions<T>)
      else all.delete(change.kind)
    }
    return [...all.values()].flatMap(({ live }) => live === null ? [] : [live])
  }
  return { sections: after('section', sections), plans: after('plan', plans) }
}

/** Whether changes give shoppers anything else. */
export const areForShoppers = (changes: readonly Change[]) =>
  changes.some(change => (change.of === 'section' || change.of === 'plan') && !equal(change.before?.live ?? null, change.after?.live ?? null))
