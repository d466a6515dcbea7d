import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { sectionDifferences } from '../../sections/sectionDifferences'
import { listed } from '../../text/sentence'
import { planSections } from './planSections'
import type { SectionCommand } from './sectionCommandSchema'
import { sectionCommandSchema } from './sectionCommandSchema'

export const sectionCommands: CommandGroup<typeof sectionCommandSchema> = {
  schema: sectionCommandSchema,
  plan: planSections,
  words: sectionWords,
}

function sectionWords(command: SectionCommand, context: CommandContext, language: string): string {
  const { section, text } = namesIn(context, language)
  switch (command.type) {
    case 'addSection':
      return `Added the section “${text(command.settings.heading)}”`
    case 'changeSection': {
      const before = context.versions.sections.get(command.key)!.draft!
      const changed = sectionDifferences(before, { ...before, ...command.settings })
      if (changed.length === 1 && before.off !== (command.settings.off ?? before.off))
        return `Switched the section ${section(command.key)} ${command.settings.off ? 'off' : 'on'} everywhere, in its draft`
      return `Changed ${listed(changed) || 'nothing'} of the section ${section(command.key)}`
    }
    case 'removeSection':
      return `Removed the section ${section(command.key)}`
  }
}
