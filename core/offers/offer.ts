import { z } from 'zod'
import { freeStepOrdersSchema } from '../candidates/stepOrder'
import { skuSchema } from '../catalogue/sku'
import { kindKeySchema } from '../links/kind'
import { linkDateSchema } from '../links/lane'
import { sectionLookSchema } from '../looks/look'
import { minorUnitsSchema } from '../money/money'
import { reductionPercentSchema } from '../money/percent'
import { planScopeSchema } from '../pagePlans/pagePlan'
import { ruleSchema } from '../rules/rule'
import { internalNameSchema } from '../text/internalName'
import { keySchema } from '../text/key'
import { textSchema } from '../text/text'
import { offerLayoutSchema, offerPartsSchema } from './offerDisplay'
import { offerTextsSchema } from './offerTexts'

const countSchema = z.int().min(1, 'At least one is offered.').max(8, 'At most 8 are offered together.')

/** The same for every shopper: what is offered is cheaper. */
export const offerOrderSchema = freeStepOrdersSchema.exclude(['shuffle', 'shuffle-every-view'])

/** What is offered beside a product, to be ticked and put into the cart with it. */
const offeredSchema = z.discriminatedUnion('by', [
  /** The same products or variants for every product. */
  z.strictObject({ by: z.literal('chosen'), skus: z.array(skuSchema).max(20, 'At most 20 products are offered together.') }),
  /** The first so many links of a kind, of the product that the offer is for. */
  z.strictObject({
    by: z.literal('links'),
    kind: kindKeySchema,
    count: countSchema,
  }),
  /** The first so many that can be had of what a matching rule picks for the product that the offer is for. */
  z.strictObject({ by: z.literal('rule'), rule: ruleSchema, order: offerOrderSchema, count: countSchema }),
])
export type Offered = z.infer<typeof offeredSchema>

const triggerSchema = z.strictObject({
  /** Of each of them it has something. */
  all: z.array(planScopeSchema).min(1).max(4, 'At most four things can be asked for at once.'),
  /** And nothing of this. */
  except: planScopeSchema,
})
export type OfferTrigger = z.infer<typeof triggerSchema>

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
  texts: offerTextsSchema,
  layout: offerLayoutSchema,
  parts: offerPartsSchema,
  look: sectionLookSchema,
  /** The products that it is for; null: all. */
  trigger: triggerSchema.nullable(),
  offered: offeredSchema,
  /** In their order, when nothing can be had of what comes before. */
  fallbacks: z.array(offeredSchema).max(3, 'At most three things come instead.'),
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
