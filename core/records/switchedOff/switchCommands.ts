import { z } from 'zod'
import { sku } from '../../catalogue/sku'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { keySchema } from '../../text/key'
import { planSwitch } from './planSwitch'

/** Switches a section off, or on again, on the page of a product. */
const switchCommandSchema = z.discriminatedUnion('type', [z.strictObject({ type: z.literal('switchSection'), source: sku, section: keySchema, off: z.boolean() })])
export type SwitchCommand = z.infer<typeof switchCommandSchema>

export const switchCommands: CommandGroup<typeof switchCommandSchema> = {
  schema: switchCommandSchema,
  plan: planSwitch,
  words(command, context, language) {
    const { section, name } = namesIn(context, language)
    return `Switched the section ${section(command.section)} ${command.off ? 'off' : 'on again'} on the page of ${name(command.source)}`
  },
}
