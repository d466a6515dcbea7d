import { z } from 'zod'
import { stepSources, stepTypeOf } from '../../fillSteps/fillStep'
import { lineListSchema, skuListSchema } from '../../catalogue/skuLists'
import { keySchema } from '../../text/key'
import { askedLanguageSchema } from '../../text/text'
import { pageKindSchema } from '../../pagePlans/pagePlan'
import { displaySchema, layoutSchema } from '../../sections/display'
import { offerLayoutSchema, offerPartSchema } from '../../offers/offerDisplay'
import { guardSchema } from '../../sections/section'
import { amountSchema, bundleTypeSchema, draftQuery, flagSchema, houseStyle, reducingOfferSchema, styleSchema } from './values'

/* What a shop sends and gets for the sections of a page. Shops integrate against this: add to it, never change it. */

export const pageQuerySchema = z.object({
  cart: lineListSchema.default([]).meta({
    description: 'Cart lines as SKU or SKU:quantity, separated by commas, most recently added first. Unknown SKUs are ignored.',
    example: 'VEIL-S:2,SMK-10',
  }),
  parts: skuListSchema.default([]).meta({
    description:
      'What was chosen in bundles of the cart: SKUs, separated by commas. It counts as in the cart, as does what is always in ' +
      'them, which need not be told.',
  }),
  seen: skuListSchema
    .default([])
    .meta({ description: 'Recently viewed SKUs, separated by commas, most recent first. Unknown ones are ignored.' }),
  visitor: z.string().max(128).optional().meta({ description: 'Names the visitor; seeds shuffles.' }),
  lang: askedLanguageSchema.optional().meta({
    description: 'BCP 47 language tag. The nearest language that the shop has is told (RFC 4647, lookup), or its default language.',
  }),
  at: z.iso
    .datetime({ offset: true, error: 'This is not a moment in ISO 8601, such as 2026-05-01T10:00:00Z.' })
    .optional()
    .meta({ description: 'Resolve as of this moment. Default: now.' }),
  ...draftQuery,
  plan: keySchema.optional().meta({ description: 'With draft=1: as if every page of its kind got the page plan with this key.' }),
  foot: z
    .string()
    .regex(
      new RegExp(`^(?:${pageKindSchema.options.join('|')}):[^:]+$`),
      'Write a kind of page, a colon and the key of a section, such as product:related.',
    )
    .optional()
    .meta({
      description: 'With draft=1: as if the section product:KEY stood at the foot of pages of that kind whose plan doesn’t have it.',
    }),
  explain: flagSchema.meta({
    description: '1: adds what is hidden and what was held back, with reasons. For people who are signed in, and tokens with draft:read.',
  }),
})
export type PageQuery = z.infer<typeof pageQuerySchema>

const heldBackReasonSchema = z.enum([...guardSchema.options, 'excluded', 'priceBand', 'lowMargin', 'outsideDates', 'duplicate', 'noRoom'])
const hiddenReasonSchema = z.enum(['off', 'outsideDates', 'switchedOffHere', 'cartEmpty', 'nothingFound', 'belowMinimum'])
const idleReasonSchema = z.enum([
  'off',
  'cartEmpty',
  'noSubject',
  'noCategory',
  'noArticle',
  'noTiles',
  'retiredKind',
  'noSuchCategory',
  'noData',
])
const stepSourceSchema = z.enum(stepSources)

const deliveredItemSchema = z.object({
  sku: z.string().meta({ description: 'The product.' }),
  variant: z.string().nullable().meta({ description: 'The variant’s SKU when one variant is meant.' }),
  name: z.string(),
  url: z.string(),
  image: z.string().nullable(),
  price: amountSchema,
  was: amountSchema.nullable(),
  currency: z.string(),
  inStock: z.boolean(),
  hasOptions: z.boolean().meta({ description: 'The shopper has to choose a variant, or the parts of a bundle, before buying.' }),
  brand: z.string().nullable(),
  few: z.boolean().meta({ description: 'Only a few are left.' }),
  step: z.int().meta({ description: 'The fill step that brought it, counted from 0.' }),
  reason: z
    .enum(stepSources.map(from => stepTypeOf({ from }).reason))
    .meta({ description: 'What kind of step brought it. linked: a merchandiser linked it by hand.' }),
  bundle: z
    .object({ type: bundleTypeSchema, isFrom: z.boolean().meta({ description: 'The price is that of its cheapest choice.' }) })
    .optional()
    .meta({ description: 'Of a bundle.' }),
  offer: reducingOfferSchema,
  kind: z
    .string()
    .nullable()
    .meta({ description: 'The kind of link that brought it, such as upsell or accessory; null when no link did.' }),
})
export type DeliveredItem = z.infer<typeof deliveredItemSchema>

const explainedCandidateSchema = z.object({
  sku: z.string(),
  variant: z.string().nullable(),
  name: z.string(),
  source: z.string().nullable().meta({ description: 'SKU of the product that it is offered for; null when it is offered to all.' }),
  place: z.int().meta({ description: 'Its place in that product’s lane, or in the list that the step makes.' }),
  strength: z.int().nullable().meta({ description: 'How many traits it shares with that product, where that was counted.' }),
  alternatives: z
    .array(z.string())
    .optional()
    .meta({ description: 'Of a rule with alternatives: which of them it passes, by where they stand in the second half of the rule.' }),
})
const tileHeldBackSchema = z.enum(['emptyCategory', 'duplicate', 'noRoom'])

const deliveredStepSchema = z.object({
  from: stepSourceSchema,
  kind: z.string().optional().meta({ description: 'Of a step of links.' }),
  subjects: z.enum(['page', 'cart']),
  idle: idleReasonSchema.nullable().meta({ description: 'Why it had nothing to look for; null when it had.' }),
  taken: z.array(explainedCandidateSchema),
  heldBack: z.array(explainedCandidateSchema.extend({ reason: heldBackReasonSchema })),
  more: z.boolean().meta({ description: 'There were still more candidates, for which there was no room.' }),
  categories: z
    .array(z.object({ key: z.string(), name: z.string(), reason: tileHeldBackSchema.nullable() }))
    .optional()
    .meta({ description: 'Of a section of tiles: the categories that it brought, with the reason for each that is not shown.' }),
})
export type DeliveredStep = z.infer<typeof deliveredStepSchema>
export type ExplainedCandidate = z.infer<typeof explainedCandidateSchema>
export type HiddenReason = z.infer<typeof hiddenReasonSchema>
export type HeldBackReason = z.infer<typeof heldBackReasonSchema>
export type TileReason = z.infer<typeof tileHeldBackSchema>
export type IdleReason = z.infer<typeof idleReasonSchema>

const stepsSchema = z.array(deliveredStepSchema).optional().meta({ description: 'Only with explain=1.' })

const deliveredSectionSchema = z.object({
  key: z.string(),
  heading: z.string(),
  zone: z.string(),
  layout: layoutSchema,
  display: displaySchema
    .omit({ seeAll: true })
    .extend({ places: z.int() })
    .meta({ description: 'How it looks: what its cards show, and how many stand side by side on each device.' }),
  style: styleSchema.meta({ description: 'CSS custom properties to be set on it: what is not as the page’s.' }),
  buttons: z.object({ add: z.string(), choose: z.string() }).meta({ description: 'What its buttons say; empty: as the shop says it.' }),
  seeAll: z
    .object({ of: z.enum(['brand', 'category']), key: z.string(), name: z.string() })
    .nullable()
    .meta({ description: 'All products of what the page is about, to be linked to.' }),
  mark: z
    .object({ brand: z.string(), image: z.string().nullable() })
    .nullable()
    .meta({ description: 'The brand whose mark stands beside the heading, with its picture when it has one.' }),
  items: z.array(deliveredItemSchema).meta({ description: 'The products, in their order. Empty in a section of tiles.' }),
  categories: z.array(z.object({ key: z.string(), name: z.string(), image: z.string().nullable() })).meta({
    description: 'Of a section of tiles: the categories, in their order, each with the picture of its best seller. Otherwise empty.',
  }),
  steps: stepsSchema,
})
export type DeliveredSection = z.infer<typeof deliveredSectionSchema>

const notOfferedSchema = z.object({
  sku: z.string(),
  name: z.string(),
  reason: z.enum(['inCart', 'notForSale', 'hasChoices', 'outOfStock', 'offeredAbove', 'shownEarlier']),
})
const deliveredOfferSchema = z.object({
  key: z.string(),
  heading: z.string(),
  subject: z.string().meta({ description: 'SKU of the product that it is offered with.' }),
  zone: z.string(),
  sectionsAbove: z
    .int()
    .meta({ description: 'How many of the sections of this answer stand above it: it goes before the one with this index.' }),
  layout: offerLayoutSchema.meta({ description: 'row: beside each other; list: below each other; checklist: each can be ticked.' }),
  parts: z.array(offerPartSchema).meta({ description: 'What is shown of each product.' }),
  style: styleSchema.meta({ description: 'CSS custom properties to be set on it: what is not as the page’s.' }),
  texts: z.object({ button: z.string(), total: z.string(), before: z.string(), saving: z.string() }).meta({
    description:
      'What it says of what is taken: {count} stands for how many, {total}, {before} and {saving} for amounts. ' +
      'Empty: as the shop says it. before and saving are for where something is saved.',
  }),
  reduction: z
    .object({ percent: z.number().nullable(), amount: amountSchema.nullable() })
    .nullable()
    .meta({ description: 'What each of its products costs less while the subject is in the cart; null: nothing.' }),
  items: z
    .array(
      deliveredItemSchema.omit({ step: true, reason: true, kind: true, offer: true }).extend({
        together: amountSchema
          .nullable()
          .meta({ description: 'What it costs when it goes into the cart with the subject; null: what it costs by itself.' }),
      }),
    )
    .meta({ description: 'To be ticked, in their order.' }),
  left: z.array(notOfferedSchema).optional().meta({ description: 'What it names and does not offer here. Only with explain=1.' }),
})
export type DeliveredOffer = z.infer<typeof deliveredOfferSchema>

export const pageAnswerSchema = z
  .object({
    page: z.object({ kind: pageKindSchema, subjects: z.array(z.string()) }),
    plan: z.object({ key: z.string(), name: z.string() }),
    style: styleSchema.meta({ description: houseStyle }),
    sections: z.array(deliveredSectionSchema),
    offers: z
      .array(deliveredOfferSchema)
      .optional()
      .meta({ description: 'Of a page about products: what is offered together, in page order. Left out when nothing is.' }),
    hiddenOffers: z
      .array(
        deliveredOfferSchema.pick({ key: true, heading: true, subject: true }).extend({
          zone: z.string().nullable().meta({ description: 'null: the plan has no place for it.' }),
          reason: z.enum(['off', 'notOnPlan', 'nothingLeft', 'partMissing']),
          left: z.array(notOfferedSchema),
        }),
      )
      .optional()
      .meta({ description: 'Only with explain=1.' }),
    hidden: z
      .array(z.object({ key: z.string(), heading: z.string(), zone: z.string(), reason: hiddenReasonSchema, steps: stepsSchema }))
      .optional()
      .meta({ description: 'Only with explain=1.' }),
  })
  .meta({ id: 'Page' })
export type PageAnswer = z.infer<typeof pageAnswerSchema>
