import { z } from 'zod'

/*
 * What the studio is told of orders.
 */

export const orderedWith = ['any', 'bundle', 'offer'] as const

export const orderListQuerySchema = z.object({
  /** How a number, or the SKU of a line, begins. */
  q: z.string().trim().max(64).default(''),
  /** Days where the shop is, ISO 8601, both included; left out: always. */
  from: z.iso.date().optional(),
  until: z.iso.date().optional(),
  /** Those alone with a bundle, or with what an offer reduced. */
  with: z.enum(orderedWith).default('any'),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(50),
})
export type OrderListQuery = z.output<typeof orderListQuerySchema>

const orderRowSchema = z.object({
  number: z.string(),
  /** ISO 8601 */
  placed: z.string(),
  lines: z.int(),
  units: z.int(),
  /** In minor units. */
  total: z.int(),
  hasBundle: z.boolean(),
  hasOffer: z.boolean(),
})
export type OrderListRow = z.infer<typeof orderRowSchema>
export const orderListSchema = z.object({ total: z.int(), orders: z.array(orderRowSchema) })

const lineFacts = {
  sku: z.string(),
  /** In the shop’s language; empty: the shop has it no more. */
  name: z.string(),
  quantity: z.int(),
  /** What one cost by itself, and all of it with what made it cheaper; in minor units. */
  unitPrice: z.int(),
  total: z.int(),
  /** What was chosen, as the shopper read it: “Suit: white, XXXL”. */
  chosen: z.string().nullable(),
}
const orderedLineSchema = z.object({
  ...lineFacts,
  image: z.string().nullable(),
  /** What made it cheaper, with what that is called; none are kept of orders before. */
  reductions: z.array(z.object({ of: z.enum(['bundle', 'offer']), key: z.string(), name: z.string(), amount: z.int() })),
  /** The section or offer that it came from; null: not known. */
  from: z.object({ of: z.enum(['section', 'offer']), key: z.string(), name: z.string() }).nullable(),
  components: z.array(z.object(lineFacts)),
})
export const orderAnswerSchema = z.object({
  number: z.string(),
  placed: z.string(),
  /** In minor units. */
  total: z.int(),
  lines: z.array(orderedLineSchema),
})
export type OrderShown = z.infer<typeof orderAnswerSchema>
