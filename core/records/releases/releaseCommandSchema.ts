import { z } from 'zod'
import { mostNamed } from '../../journal/commandParts'
import { releaseNote } from '../../releases/release'
import { keySchema } from '../../text/key'

const keys = z.array(keySchema).max(mostNamed)
/** Keys of what has drafts. */
const drafts = { sections: keys, plans: keys, looks: keys.optional() }
const scheduleKey = z.string().min(1).max(20)

/** Commands on what shoppers get of drafts: now, at a set time, or again. */
export const releaseCommandSchema = z.discriminatedUnion('type', [
  /** Makes drafts live; and puts them back to what is live. */
  z.strictObject({ type: z.literal('publish'), ...drafts, note: releaseNote.optional() }),
  z.strictObject({ type: z.literal('discard'), ...drafts }),
  /** Gives shoppers what they had with a release. Drafts stay. */
  z.strictObject({ type: z.literal('goBack'), release: z.int().min(1) }),
  /** Publishes drafts as they are now, at a set time. */
  z.strictObject({ type: z.literal('schedulePublish'), at: z.iso.datetime({ offset: true }), ...drafts, note: releaseNote.default('') }),
  z.strictObject({ type: z.literal('cancelSchedule'), key: scheduleKey }),
  z.strictObject({ type: z.literal('runSchedule'), key: scheduleKey }),
])
export type ReleaseCommand = z.infer<typeof releaseCommandSchema>
