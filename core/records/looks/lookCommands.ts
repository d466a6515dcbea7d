import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { lookDifferences } from '../../looks/lookWords'
import { listed } from '../../text/sentence'
import { planLooks } from './planLooks'
import type { LookCommand } from './lookCommandSchema'
import { lookCommandSchema } from './lookCommandSchema'

export const lookCommands: CommandGroup<typeof lookCommandSchema> = { schema: lookCommandSchema, plan: planLooks, words: lookWords }

function lookWords(command: LookCommand, context: CommandContext, language: string): string {
  const { look, text } = namesIn(context, language)
  switch (command.type) {
    case 'addLook':
      return `Added the look “${text(command.settings.name)}”`
    case 'changeLook': {
      const before = context.versions.looks.get(command.key)!.draft!
      return `Changed ${listed(lookDifferences(before, { ...before, ...command.settings })) || 'nothing'} of the look ${look(command.key)}`
    }
    case 'removeLook':
      return `Removed the look ${look(command.key)}`
  }
}
