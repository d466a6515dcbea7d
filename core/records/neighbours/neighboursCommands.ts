import { z } from 'zod'
import { neighbourSettings } from '../../catalogue/neighbours'
import { sku } from '../../catalogue/sku'
import type { CommandGroup } from '../../journal/commandGroup'
import { namesIn } from '../../journal/names'
import { planNeighbours } from './planNeighbours'

/** Sets which traits of a product count for its neighbours, and which categories are left out. */
const neighboursCommandSchema = z.discriminatedUnion('type', [z.strictObject({ type: z.literal('setNeighbours'), source: sku, settings: neighbourSettings })])
export type NeighboursCommand = z.infer<typeof neighboursCommandSchema>

export const neighboursCommands: CommandGroup<typeof neighboursCommandSchema> = {
  schema: neighboursCommandSchema,
  plan: planNeighbours,
  words: ({ source }, context, language) => `Set what counts for the neighbours of ${namesIn(context, language).name(source)}`,
}
