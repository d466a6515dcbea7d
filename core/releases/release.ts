import { z } from 'zod'
import { look } from '../looks/look'
import type { Look } from '../looks/look'
import { pagePlan } from '../pagePlans/pagePlan'
import type { PagePlan } from '../pagePlans/pagePlan'
import { section } from '../sections/section'
import { keySchema } from '../text/key'
import type { Section } from '../sections/section'

/** Everything that shoppers get of sections, page plans and looks. */
export interface ReleaseContent {
  sections: Section[]
  plans: PagePlan[]
  /** null: it was published before looks were kept. */
  looks: Look[] | null
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
  sections: z.record(keySchema, section.nullable()),
  plans: z.record(keySchema, pagePlan.nullable()),
  looks: z.record(keySchema, look.nullable()),
})
export type Schedule = z.infer<typeof schedule>

/** All releases, the newest first, and what is still to come. */
export const releasesAnswer = z.object({ releases: z.array(releaseHead), schedules: z.array(schedule) })
export type ReleasesAnswer = z.infer<typeof releasesAnswer>
export const releaseAnswer = releaseHead.extend({ sections: z.array(section), plans: z.array(pagePlan), looks: z.array(look).nullable() })
