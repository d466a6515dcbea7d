import { z } from 'zod'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { sectionSettings } from '../../sections/section'
import { sectionDifferences } from '../../sections/sectionDifferences'
import { keySchema } from '../../text/key'
import { listed } from '../../text/sentence'
import { planSections } from './planSections'

/** Commands on sections. They change drafts alone: shoppers see nothing of it. */
const sectionCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addSection'), settings: sectionSettings }),
  /** Sets parts of a section. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeSection'), key: keySchema, settings: sectionSettings.partial(), seen: sectionSettings.partial() }),
  /** Takes a section away, also from the plans that have it. */
  z.strictObject({ type: z.literal('removeSection'), key: keySchema }),
])
export type SectionCommand = z.infer<typeof sectionCommandSchema>

export const sectionCommands: CommandGroup<typeof sectionCommandSchema> = { schema: sectionCommandSchema, plan: planSections, words: sectionWords }

function sectionWords(command: SectionCommand, context: CommandContext, language: string): string {
  const { section, text } = namesIn(context, language)
  switch (command.type) {
    case 'addSection': return `Added the section “${text(command.settings.heading)}”`
    case 'changeSection': {
      const before = context.sectionVersions().get(command.key)!.draft!
      const changed = sectionDifferences(before, { ...before, ...command.settings })
      if (changed.length === 1 && before.off !== (command.settings.off ?? before.off)) return `Switched the section ${section(command.key)} ${command.settings.off ? 'off' : 'on'} everywhere, in its draft`
      return `Changed ${listed(changed) || 'nothing'} of the section ${section(command.key)}`
    }
    case 'removeSection': return `Removed the section ${section(command.key)}`
  }
}
