import { z } from 'zod'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { lookSettings } from '../../looks/look'
import { lookDifferences } from '../../looks/lookWords'
import { keySchema } from '../../text/key'
import { listed } from '../../text/sentence'
import { planLooks } from './planLooks'

/** Commands on looks. They change drafts alone. */
const lookCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('addLook'), settings: lookSettings }),
  /** Sets parts of a look. `seen` is how its sender saw them: if they have changed since, the command is refused. */
  z.strictObject({ type: z.literal('changeLook'), key: keySchema, settings: lookSettings.partial(), seen: lookSettings.partial() }),
  /** Takes a look away that no section has. */
  z.strictObject({ type: z.literal('removeLook'), key: keySchema }),
])
export type LookCommand = z.infer<typeof lookCommandSchema>

export const lookCommands: CommandGroup<typeof lookCommandSchema> = { schema: lookCommandSchema, plan: planLooks, words: lookWords }

function lookWords(command: LookCommand, context: CommandContext, language: string): string {
  const { look, text } = namesIn(context, language)
  switch (command.type) {
    case 'addLook': return `Added the look “${text(command.settings.name)}”`
    case 'changeLook': {
      const before = context.lookVersions().get(command.key)!.draft!
      return `Changed ${listed(lookDifferences(before, { ...before, ...command.settings })) || 'nothing'} of the look ${look(command.key)}`
    }
    case 'removeLook': return `Removed the look ${look(command.key)}`
  }
}
