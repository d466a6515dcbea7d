import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import type { KindSettings } from '../../links/kind'
import { textIn } from '../../text/text'
import { planKinds } from './planKinds'
import type { KindCommand } from './kindCommandSchema'
import { kindCommandSchema } from './kindCommandSchema'

export const kindCommands: CommandGroup<typeof kindCommandSchema> = {
  schema: kindCommandSchema,
  // Shoppers get it at once.
  role: () => 'publisher',
  plan: (command, context) => planKinds(command, context.kinds()),
  words: kindWords,
}

function kindWords(command: KindCommand, context: CommandContext, language: string): string {
  const { kind, text } = namesIn(context, language)
  switch (command.type) {
    case 'addKind':
      return `Added the kind ${text(command.settings.name)}`
    case 'changeKind':
      return changeWords(kind(command.key), command.settings, language)
    case 'orderKinds':
      return 'Put the kinds in order'
    case 'retireKind':
      return `Retired the kind ${kind(command.key)}`
    case 'restoreKind':
      return `Restored the kind ${kind(command.key)}`
  }
}

function changeWords(was: string, { name }: Partial<KindSettings>, language: string): string {
  const now = name && textIn(name, language, language)
  return now && now !== was ? `Renamed the kind ${was} to ${now}` : `Changed the kind ${was}`
}
