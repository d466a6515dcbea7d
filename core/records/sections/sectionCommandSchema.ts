import { z } from 'zod'
import { sectionSettingsSchema } from '../../sections/section'
import { keySchema } from '../../text/key'

/** Commands on sections. They change drafts alone: shoppers see nothing of it. */
export const sectionCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addSection'), settings: sectionSettingsSchema }),
  /** Sets parts of a section. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({
    type: z.literal('changeSection'),
    key: keySchema,
    settings: sectionSettingsSchema.partial(),
    seen: sectionSettingsSchema.partial(),
  }),
  /** Takes a section away, also from the plans that have it. */
  z.strictObject({ type: z.literal('removeSection'), key: keySchema }),
])
export type SectionCommand = z.infer<typeof sectionCommandSchema>
