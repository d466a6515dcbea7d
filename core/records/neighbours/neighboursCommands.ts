import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planNeighbours } from './planNeighbours'
import { neighboursCommandSchema } from './neighboursCommandSchema'

export const neighboursCommands: CommandGroup<typeof neighboursCommandSchema> = {
  schema: neighboursCommandSchema,
  plan: planNeighbours,
  words: ({ source }, context, language) => `Set what counts for the neighbours of ${namesIn(context, language).name(source)}`,
}
