import { z } from 'zod'
import { kindKeySchema, kindSettingsSchema } from '../../links/kind'

/** Commands on the kinds of links. */
export const kindCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addKind'), settings: kindSettingsSchema }),
  z.strictObject({ type: z.literal('changeKind'), key: kindKeySchema, settings: kindSettingsSchema.partial() }),
  /** Puts the kinds into this order; those that are not named come after, as they stood. */
  z.strictObject({ type: z.literal('orderKinds'), order: z.array(kindKeySchema).min(1) }),
  /** Takes a kind out of use, and puts it back. Its links stay as they are. */
  z.strictObject({ type: z.literal('retireKind'), key: kindKeySchema }),
  z.strictObject({ type: z.literal('restoreKind'), key: kindKeySchema }),
])
export type KindCommand = z.infer<typeof kindCommandSchema>
