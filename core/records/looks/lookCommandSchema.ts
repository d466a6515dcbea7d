import { z } from 'zod'
import { lookSettingsSchema } from '../../looks/look'
import { keySchema } from '../../text/key'

/** Commands on looks. They change drafts alone. */
export const lookCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addLook'), settings: lookSettingsSchema }),
  /** Sets parts of a look. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({
    type: z.literal('changeLook'),
    key: keySchema,
    settings: lookSettingsSchema.partial(),
    seen: lookSettingsSchema.partial(),
  }),
  /** Takes a look away that no section has. */
  z.strictObject({ type: z.literal('removeLook'), key: keySchema }),
])
export type LookCommand = z.infer<typeof lookCommandSchema>
