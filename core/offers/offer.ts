import { z } from 'zod'
import { skuSchema } from '../catalogue/sku'
import { kindKeySchema } from '../links/kind'
import { linkDateSchema } from '../links/lane'
import { minorUnitsSchema } from '../money/money'
import { reductionPercentSchema } from '../money/percent'
import { planScopeSchema } from '../pagePlans/pagePlan'
import { internalNameSchema } from '../text/internalName'
import { keySchema } from '../text/key'
import { textSchema } from '../text/text'

/** What is offered beside a product, to be ticked and put into the cart with it. */
const offeredSchema = z.discriminatedUnion('by', [
  /** The same products or variants for every product. */
  z.strictObject({ by: z.literal('chosen'), skus: z.array(skuSchema).max(20, 'At most 20 products are offered together.') }),
  /** The first so many links of a kind, of the product that the offer is for. */
  z.strictObject({
    by: z.literal('links'),
    kind: kindKeySchema,
    count: z.int().min(1, 'At least one is offered.').max(8, 'At most 8 links are offered together.'),
  }),
])

/** What each offered product is reduced by. Amounts are in minor units. */
const offerReductionSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('percent'),
    percent: reductionPercentSchema(0.01, 'A reduction is at least 0.01 %.'),
  }),
  z.strictObject({ by: z.literal('amount'), amount: minorUnitsSchema.min(1) }),
])

/** What a merchandiser says of a together offer. */
export const offerSettingsSchema = z.strictObject({
  internalName: internalNameSchema,
  heading: textSchema,
  /** The products that it is for; null: all. */
  trigger: planScopeSchema.nullable(),
  offered: offeredSchema,
  /** null: nothing is cheaper; it is only offered. */
  reduction: offerReductionSchema.nullable(),
  /** How often in one cart the reduction is given. */
  limit: z.int().min(1, 'It is given at least once.').max(99, 'It is given at most 99 times.'),
  /** What becomes of it when a part can't be had, or is in the cart already: the rest is offered, or nothing. */
  partly: z.enum(['shrink', 'hide']),
  /** Whether a product that is reduced already is reduced once more. */
  stacks: z.boolean(),
  from: linkDateSchema.nullable(),
  until: linkDateSchema.nullable(),
})
export type OfferSettings = z.infer<typeof offerSettingsSchema>

/** Products that are offered together with another. Of several, the one with the lowest rank comes first. */
export const offerSchema = offerSettingsSchema.extend({ key: keySchema, rank: z.int().min(0).max(100_000) })
export type Offer = z.infer<typeof offerSchema>
