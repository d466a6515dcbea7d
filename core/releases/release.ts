import { z } from 'zod'
import { lookSchema } from '../looks/look'
import type { Look } from '../looks/look'
import { pagePlanSchema } from '../pagePlans/pagePlan'
import type { PagePlan } from '../pagePlans/pagePlan'
import { sectionSchema } from '../sections/section'
import { keySchema } from '../text/key'
import type { Section } from '../sections/section'

/** Everything that shoppers get of sections, page plans and looks. */
export interface ReleaseContent {
  sections: Section[]
  plans: PagePlan[]
  /** null: it was published before looks were kept. */
  looks: Look[] | null
}

const releaseSchema = z.object({
  number: z.int(),
  /** ISO 8601 */
  at: z.string(),
  /** What whoever published wrote beside it. */
  note: z.string(),
  /** What was done, in plain words. */
  words: z.string(),
})
/** One of the states that shoppers have had, one after the other. */
export interface ReleaseHead extends z.infer<typeof releaseSchema> {
  /** Who made it, as the journal has it. */
  editor: string
}
/** The same, as the studio shows it, with the name of who made it; null: nobody known. */
export const releaseShownSchema = releaseSchema.extend({ by: z.string().nullable() })
export type ReleaseShown = z.infer<typeof releaseShownSchema>

export const releaseNoteSchema = z.string().trim().max(300, 'A note has at most 300 characters.')

/** What is to go live at a set time: as it was drafted when that was said. */
export const scheduleSchema = z.object({
  key: z.string(),
  at: z.iso.datetime({ offset: true }),
  note: z.string(),
  /** By key; null: it is to be taken away. */
  sections: z.record(keySchema, sectionSchema.nullable()),
  plans: z.record(keySchema, pagePlanSchema.nullable()),
  looks: z.record(keySchema, lookSchema.nullable()),
})
export type Schedule = z.infer<typeof scheduleSchema>

/** All releases, the newest first, and what is still to come. */
export const releasesAnswerSchema = z.object({ releases: z.array(releaseShownSchema), schedules: z.array(scheduleSchema) })
export type ReleasesAnswer = z.infer<typeof releasesAnswerSchema>
export const releaseAnswerSchema = releaseShownSchema.extend({
  sections: z.array(sectionSchema),
  plans: z.array(pagePlanSchema),
  looks: z.array(lookSchema).nullable(),
})
