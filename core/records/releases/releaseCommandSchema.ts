import { z } from 'zod'
import { maxNamed } from '../../journal/commandParts'
import type { DraftedSort } from '../../releases/draftedSorts'
import { draftedSorts, forEachSort } from '../../releases/draftedSorts'
import { releaseNoteSchema } from '../../releases/release'

type KeysSchema = z.ZodArray<z.ZodType<string>>
/** Keys of what has drafts; of a sort that releases of old don't have there need not be any. */
const drafts = forEachSort(sort => {
  const keys: KeysSchema = z.array(draftedSorts[sort].keys).max(maxNamed)
  return draftedSorts[sort].isInAllReleases ? keys : keys.optional()
}) as {
  [Sort in DraftedSort]: (typeof draftedSorts)[Sort]['isInAllReleases'] extends true ? KeysSchema : z.ZodOptional<KeysSchema>
}
/** What is to be published, of each sort. */
export const toPublishSchema = z.strictObject(drafts)

const scheduleKeySchema = z.string().min(1).max(20)

/** Commands on what shoppers get of drafts: now, at a set time, or again. */
export const releaseCommandSchema = z.discriminatedUnion('type', [
  /** Makes drafts live; and puts them back to what is live. */
  z.strictObject({ type: z.literal('publish'), ...drafts, note: releaseNoteSchema.optional() }),
  z.strictObject({ type: z.literal('discard'), ...drafts }),
  /** Takes from shoppers what is live; it stays as a draft. */
  z.strictObject({ type: z.literal('unpublish'), ...drafts }),
  /** Gives shoppers what they had with a release. Drafts stay. */
  z.strictObject({ type: z.literal('goBack'), release: z.int().min(1) }),
  /** Publishes drafts as they are now, at a set time. */
  z.strictObject({
    type: z.literal('schedulePublish'),
    at: z.iso.datetime({ offset: true }),
    ...drafts,
    note: releaseNoteSchema.default(''),
  }),
  z.strictObject({ type: z.literal('cancelSchedule'), key: scheduleKeySchema }),
  z.strictObject({ type: z.literal('runSchedule'), key: scheduleKeySchema }),
])
export type ReleaseCommand = z.infer<typeof releaseCommandSchema>
