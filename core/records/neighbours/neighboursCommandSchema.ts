import { z } from 'zod'
import { neighbourSettings } from '../../catalogue/neighbours'
import { sku } from '../../catalogue/sku'

/** Sets which traits of a product count for its neighbours, and which categories are left out. */
export const neighboursCommandSchema = z.discriminatedUnion('type', [z.strictObject({ type: z.literal('setNeighbours'), source: sku, settings: neighbourSettings })])
export type NeighboursCommand = z.infer<typeof neighboursCommandSchema>
