import { z } from 'zod'
import { neighbourSettingsSchema } from '../../catalogue/neighbours'
import { skuSchema } from '../../catalogue/sku'

/** Sets which traits of a product count for its neighbours, and which categories are left out. */
export const neighboursCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('setNeighbours'), source: skuSchema, settings: neighbourSettingsSchema }),
])
export type NeighboursCommand = z.infer<typeof neighboursCommandSchema>
