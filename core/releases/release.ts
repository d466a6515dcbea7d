import { z } from 'zod'
import { keyedBundleSchema } from '../bundles/bundleSettings'
import type { DraftedSort, DraftedThings } from './draftedSorts'
import { draftedSorts, forEachSort } from './draftedSorts'

/** Everything that shoppers get of what is published; null: it was published before releases had things of this sort. */
export type ReleaseContent = {
  [Sort in DraftedSort]: DraftedThings[Sort][] | ((typeof draftedSorts)[Sort]['isInAllReleases'] extends true ? never : null)
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
  /** Of each sort by key; null: it is to be taken away. */
  ...(forEachSort(sort => z.record(draftedSorts[sort].keys, (draftedSorts[sort].schema as z.ZodType).nullable())) as {
    [Sort in DraftedSort]: z.ZodType<Record<string, DraftedThings[Sort] | null>>
  }),
})
export type Schedule = z.infer<typeof scheduleSchema>

/** All releases, the newest first, and what is still to come. */
export const releasesAnswerSchema = z.object({ releases: z.array(releaseShownSchema), schedules: z.array(scheduleSchema) })
export type ReleasesAnswer = z.infer<typeof releasesAnswerSchema>
export const releaseAnswerSchema = releaseShownSchema.extend({
  /** Bundles as shoppers have them, of those that are not the same in it. There may be thousands: `bundles` has these alone, too. */
  liveBundles: z.array(keyedBundleSchema),
  ...(forEachSort(sort => {
    const list = z.array(draftedSorts[sort].schema as z.ZodType)
    return draftedSorts[sort].isInAllReleases ? list : list.nullable()
  }) as unknown as { [Sort in DraftedSort]: z.ZodType<ReleaseContent[Sort]> }),
})
