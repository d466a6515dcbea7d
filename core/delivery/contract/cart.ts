import { z } from 'zod'
import { maxPieceKey } from '../../catalogue/bundle'
import { skuSchema } from '../../catalogue/sku'
import { warningCodes } from '../../pricing/cart'
import { amountSchema } from './values'

/*
 * What a cart costs, and the order that a simulated checkout ends in.
 */

const cartQuantitySchema = z
  .int('A quantity is a whole number.')
  .min(1, 'A quantity is at least 1.')
  .max(9999, 'A quantity is at most 9999.')
const cartLineSchema = z.strictObject({
  sku: skuSchema.meta({ description: 'A product without variants, a variant, or a bundle.' }),
  quantity: cartQuantitySchema,
  choices: z
    .array(
      z.strictObject({
        part: z.string().max(maxPieceKey),
        sku: skuSchema,
        quantity: cartQuantitySchema.default(1).meta({ description: 'How many of it are picked; only where any so many can be.' }),
      }),
    )
    .max(200)
    .optional()
    .meta({
      description: 'Of a bundle: what the shopper chose for its parts, by their keys. A part that can be one thing only may be left out.',
    }),
  from: z
    .string()
    .regex(/^(section|offer):[a-z0-9-]{1,40}$/, 'What a line came from is “section:” or “offer:” with a key.')
    .optional()
    .meta({ description: 'The section or offer that it was added from. It is kept with the order.' }),
  seen: amountSchema.min(0).optional().meta({
    description: 'What one cost as the shopper saw it. When it costs something else by now, a warning says so; it is never charged.',
  }),
})
export const cartRequestSchema = z
  .strictObject({ lines: z.array(cartLineSchema).max(200, 'A cart has at most 200 lines.') })
  .meta({ id: 'CartRequest' })
export const orderRequestSchema = cartRequestSchema
  .extend({
    visitor: z
      .string()
      .regex(/^[\w-]{8,64}$/, 'A visitor is 8 to 64 letters, digits, “_” or “-”.')
      .optional()
      .meta({ description: 'Names who orders.' }),
    total: amountSchema
      .min(0)
      .meta({ description: 'What the shopper agreed to, in minor units. When it costs something else by now, nothing is ordered.' }),
  })
  .meta({ id: 'OrderRequest' })

const reductionSchema = z.object({
  code: z
    .enum(['bundle', 'offer'])
    .meta({ description: 'bundle: because the products are bought as one; offer: because what it was offered with is in the cart.' }),
  key: z.string().meta({ description: 'SKU of the bundle, or key of the offer.' }),
  amount: amountSchema.meta({ description: 'How much less.' }),
  percent: z.number().nullable().meta({ description: 'When it is worked out in percent; with at most two digits after the point.' }),
  words: z.string().meta({ description: 'Why, for people.' }),
})
const pricedLineSchema = z.object({
  line: z.int().meta({ description: 'Which of the lines asked for, counted from 0.' }),
  sku: z.string(),
  quantity: z.int(),
  unit: amountSchema.meta({ description: 'What one costs.' }),
  was: amountSchema
    .nullable()
    .meta({ description: 'What one of it cost before; of a bundle, what its parts cost by themselves. Null when that is not more.' }),
  total: amountSchema,
  reductions: z.array(reductionSchema).meta({ description: 'What makes the line cheaper.' }),
  components: z
    .array(
      z.object({
        part: z.string(),
        sku: z.string(),
        chosen: z.string().nullable().meta({
          description: 'What was chosen in a group of options, for people: “Suit: white, XXXL”. Null when it is in none.',
        }),
        quantity: z.int().meta({ description: 'For the whole line.' }),
        unit: amountSchema.meta({ description: 'What one costs by itself.' }),
        total: amountSchema,
        reductions: z.array(reductionSchema),
      }),
    )
    .meta({
      description:
        'Of a bundle: what is in it. The line’s reductions are shared out by largest remainder, so that the totals add up to the line’s.',
    }),
})
const pricedCart = {
  lines: z.array(pricedLineSchema),
  subtotal: amountSchema.meta({ description: 'What all would cost without the reductions.' }),
  reductions: z.array(reductionSchema).meta({ description: 'All of them, each over all lines.' }),
  total: amountSchema,
  currency: z.string(),
}
export const cartAnswerSchema = z
  .object({
    ...pricedCart,
    lines: pricedCart.lines.meta({ description: 'What can be sold, in the order asked for. The totals of the lines add up to the total.' }),
    warnings: z
      .array(
        z.object({
          line: z.int().meta({ description: 'Which of the lines asked for, counted from 0.' }),
          sku: z.string(),
          code: z.enum(warningCodes),
          sure: z.int().meta({
            description:
              'Of what is not there in the quantity: so many can be had for sure, 0 when none. It is no more than there is in stock.',
          }),
          part: z.string().nullable().meta({ description: 'SKU or key of the part of a bundle that it is about.' }),
        }),
      )
      .meta({
        description:
          'notAvailable: not in this quantity; priceChanged: one costs something else than was seen. Then the line stays. With any ' +
          'other it is left out: ' +
          'unknown SKU; notForSale, it or a part of it; noChoice, a variant or part has to be chosen; choiceNotSold, what was chosen is ' +
          'not sold in the bundle; wrongNumber, too few or too many were chosen.',
      }),
  })
  .meta({ id: 'Cart' })
export type CartAnswer = z.infer<typeof cartAnswerSchema>
export type CartRequestLine = z.input<typeof cartLineSchema>

export const orderAnswerSchema = z
  .object({ number: z.string(), placed: z.string().meta({ description: 'ISO 8601' }), ...pricedCart })
  .meta({ id: 'Order' })
export type OrderAnswer = z.infer<typeof orderAnswerSchema>
