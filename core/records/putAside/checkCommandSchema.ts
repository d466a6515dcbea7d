import { z } from 'zod'
import { findingSchema } from '../../checks/check'
import { keepCeilingsSchema } from '../lanes/laneCommandSchema'
import { maxNamed } from '../../journal/commandParts'

/** So many findings are mended in one go. */
export const maxMended = 2000

/** Commands on what the checks found. */
export const checkCommandSchema = z.discriminatedUnion('type', [
  /** Keeps findings out of the counts, and says why; and takes them up again. */
  z.strictObject({
    type: z.literal('putAside'),
    findings: z.array(findingSchema).min(1).max(maxNamed),
    reason: z.string().trim().min(1, 'Say why, in a few words.').max(200, 'A reason has at most 200 characters.'),
  }),
  z.strictObject({ type: z.literal('reopen'), findings: z.array(findingSchema).min(1).max(maxNamed) }),
  /** Mends each finding as its check says: unlinks, links back, or shortens the lane. */
  z.strictObject({
    type: z.literal('mend'),
    findings: z
      .array(findingSchema)
      .min(1)
      .max(maxMended, `At most ${maxMended.toLocaleString('en')} findings are mended at once.`),
    keepCeilings: keepCeilingsSchema,
  }),
])
export type CheckCommand = z.infer<typeof checkCommandSchema>
