import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planSwitch } from './planSwitch'
import { switchCommandSchema } from './switchCommandSchema'

export const switchCommands: CommandGroup<typeof switchCommandSchema> = {
  schema: switchCommandSchema,
  plan: planSwitch,
  words(command, context, language) {
    const { section, name } = namesIn(context, language)
    return `Switched the section ${section(command.section)} ${command.off ? 'off' : 'on again'} on the page of ${name(command.source)}`
  },
}
