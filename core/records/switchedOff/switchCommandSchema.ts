import { z } from 'zod'
import { skuSchema } from '../../catalogue/sku'
import { keySchema } from '../../text/key'

/** Switches a section off, or on again, on the page of a product. */
export const switchCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('switchSection'), source: skuSchema, section: keySchema, off: z.boolean() }),
])
export type SwitchCommand = z.infer<typeof switchCommandSchema>
