import { z } from 'zod'
import { stepSources, stepTypeOf } from '../fillSteps/fillStep'
import { productStatusSchema } from '../catalogue/product'
import { skuSchema } from '../catalogue/sku'
import { lineListSchema, skuListSchema } from '../catalogue/skuLists'
import { askedLanguageSchema } from '../text/text'
import { pageKindSchema } from '../pagePlans/pagePlan'
import { warningCodes } from '../pricing/cart'
import { displaySchema, layoutSchema } from '../sections/display'
import { guardSchema } from '../sections/section'

/*
 * What a shop sends and gets. Shops integrate against this: add to it, never change it.
 */

const flagSchema = z
  .enum(['0', '1'])
  .default('0')
  .transform(value => value === '1')
const amountSchema = z.int().meta({ description: 'Whole minor units of the currency (ISO 4217).' })

export const pageQuerySchema = z.object({
  cart: lineListSchema.default([]).meta({
    description: 'Cart lines as SKU or SKU:quantity, separated by commas, most recently added first. Unknown SKUs are ignored.',
    example: 'VEIL-S:2,SMK-10',
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
  draft: flagSchema.meta({ description: '1: with unpublished sections and plans.' }),
  explain: flagSchema.meta({ description: '1: adds what is hidden and what was held back, with reasons.' }),
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

const styleSchema = z.record(z.string(), z.string())
const houseStyle = 'The shop’s own look as CSS custom properties, to be set on the page.'

const bundleTypeSchema = z.enum(['fixed', 'choice', 'pickAny'])

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
  stock: z.int().meta({ description: 'Units on hand, its variants’ together.' }),
  step: z.int().meta({ description: 'The fill step that brought it, counted from 0.' }),
  reason: z
    .enum(stepSources.map(from => stepTypeOf({ from }).reason))
    .meta({ description: 'What kind of step brought it. linked: a merchandiser linked it by hand.' }),
  bundle: z
    .object({ type: bundleTypeSchema, isFrom: z.boolean().meta({ description: 'The price is that of its cheapest choice.' }) })
    .optional()
    .meta({ description: 'Of a bundle.' }),
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
  reason: z.enum(['inCart', 'notForSale', 'outOfStock', 'offeredAbove']),
})
const deliveredOfferSchema = z.object({
  key: z.string(),
  heading: z.string(),
  subject: z.string().meta({ description: 'SKU of the product that it is offered with.' }),
  reduction: z
    .object({ percent: z.int().nullable(), amount: amountSchema.nullable() })
    .nullable()
    .meta({ description: 'What each of its products costs less while the subject is in the cart; null: nothing.' }),
  items: z.array(deliveredItemSchema.omit({ step: true, reason: true, kind: true })).meta({ description: 'To be ticked, in their order.' }),
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
      .meta({ description: 'Of a product page or the cart: what is offered together. Left out when nothing is.' }),
    hiddenOffers: z
      .array(
        deliveredOfferSchema
          .pick({ key: true, heading: true, subject: true })
          .extend({ reason: z.enum(['nothingLeft', 'partMissing']), left: z.array(notOfferedSchema) }),
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

/** RFC 9457 */
export const problemSchema = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z.string(),
    about: z.array(z.string()).optional().meta({ description: 'The SKUs, keys or parameters at fault.' }),
  })
  .meta({ id: 'Problem' })
export type ProblemDetails = z.infer<typeof problemSchema>

/*
 * Plain catalogue facts, for a shop front that has no catalogue of its own, as the stand-in shop.
 */

const catalogueCardSchema = z.object({
  sku: z.string(),
  name: z.string(),
  brand: z.string().nullable(),
  url: z.string(),
  image: z.string().nullable(),
  price: amountSchema.nullable(),
  was: amountSchema.nullable(),
  inStock: z.boolean(),
  forSale: z.boolean(),
  hasOptions: z.boolean(),
  isFrom: z.boolean().meta({ description: 'The price is that of the cheapest choice of a bundle.' }),
})
export type CatalogueCard = z.infer<typeof catalogueCardSchema>

const namedKeySchema = z.object({ key: z.string(), name: z.string() })

export const shopAnswerSchema = z
  .object({
    name: z.string(),
    currency: z.string(),
    language: z.string(),
    languages: z.array(z.string()),
    style: styleSchema.meta({ description: houseStyle }),
    categories: z.array(namedKeySchema.extend({ parent: z.string().nullable() })),
    articles: z.array(
      namedKeySchema.extend({ image: z.string().nullable(), intro: z.string().meta({ description: 'Its first sentence.' }) }),
    ),
  })
  .meta({ id: 'Shop' })
export type ShopAnswer = z.infer<typeof shopAnswerSchema>

const bundleEndSchema = z.object({ price: amountSchema, was: amountSchema.nullable() }).nullable()
const bundleAnswerSchema = z.object({
  type: bundleTypeSchema.meta({
    description: 'fixed: always the same; choice: one product of each group of options; pickAny: any so many of a set.',
  }),
  from: bundleEndSchema.meta({ description: 'Price of the cheapest choice; null: none is for sale.' }),
  to: bundleEndSchema.meta({ description: 'Price of the dearest choice.' }),
  parts: z.array(
    z.object({
      part: z.string().meta({ description: 'Names the part in the choices of a cart line.' }),
      name: z.string(),
      quantity: z.int(),
      options: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
      choices: z
        .array(
          z.object({
            sku: z.string(),
            values: z.array(z.string()).meta({ description: 'Its values of the options, in their order.' }),
            name: z.string(),
            url: z.string(),
            image: z.string().nullable(),
            price: amountSchema.nullable().meta({ description: 'What one costs by itself.' }),
            stock: z.int(),
            available: z.boolean().meta({ description: 'For sale, and there in the quantity that one bundle takes.' }),
          }),
        )
        .meta({ description: 'What it can be. A combination of values that is not among them is not sold.' }),
    }),
  ),
  pick: z
    .object({ least: z.int(), most: z.int(), repeats: z.boolean(), steps: z.array(z.object({ count: z.int(), percent: z.int() })) })
    .nullable()
    .meta({ description: 'Of pickAny: how many are picked, whether the same again, and the reduction from how many on.' }),
})
export type BundleAnswer = z.infer<typeof bundleAnswerSchema>

export const productAnswerSchema = catalogueCardSchema
  .extend({
    description: z.string(),
    categories: z.array(namedKeySchema).meta({ description: 'From the top down to the product’s main category.' }),
    attributes: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
    stock: z.int(),
    status: productStatusSchema,
    options: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
    variants: z.array(
      z.object({
        sku: z.string(),
        options: z.record(z.string(), z.string()),
        price: amountSchema.nullable(),
        was: amountSchema.nullable(),
        stock: z.int(),
        image: z.string().nullable(),
        forSale: z.boolean(),
      }),
    ),
    bundle: bundleAnswerSchema.nullable().meta({ description: 'What is in it, when it is several products sold as one.' }),
    inBundles: z.array(catalogueCardSchema).meta({ description: 'The bundles on sale that it, or a variant of it, can be in.' }),
  })
  .meta({ id: 'Product' })
export type ProductAnswer = z.infer<typeof productAnswerSchema>

export const categoryAnswerSchema = namedKeySchema
  .extend({
    path: z.array(namedKeySchema).meta({ description: 'The categories above it, from the top.' }),
    children: z.array(namedKeySchema),
    products: z.array(catalogueCardSchema),
    total: z.int(),
  })
  .meta({ id: 'Category' })
export type CategoryAnswer = z.infer<typeof categoryAnswerSchema>

export const brandAnswerSchema = z
  .object({
    name: z.string(),
    mark: z.string().nullable().meta({ description: 'Its picture.' }),
    products: z.array(catalogueCardSchema),
    total: z.int(),
  })
  .meta({ id: 'Brand' })
export type BrandAnswer = z.infer<typeof brandAnswerSchema>

export const articleAnswerSchema = namedKeySchema
  .extend({
    text: z.string(),
    image: z.string().nullable(),
    products: z.array(catalogueCardSchema),
  })
  .meta({ id: 'Article' })
export type ArticleAnswer = z.infer<typeof articleAnswerSchema>

export const searchAnswerSchema = z
  .object({ products: z.array(catalogueCardSchema).meta({ description: 'The best match first.' }), total: z.int() })
  .meta({ id: 'Search' })
export type SearchAnswer = z.infer<typeof searchAnswerSchema>

/** Products or variants of a cart, in the order asked for; unknown SKUs are left out. */
export const linesAnswerSchema = z
  .object({
    lines: z.array(
      catalogueCardSchema.extend({
        line: z.string().meta({ description: 'The SKU that was asked for.' }),
        options: z.record(z.string(), z.string()),
        text: z.string().meta({ description: 'The first sentence of its description.' }),
        attributes: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
      }),
    ),
  })
  .meta({ id: 'Lines' })
export type LinesAnswer = z.infer<typeof linesAnswerSchema>

export const languageQuerySchema = z.object({ lang: pageQuerySchema.shape.lang })
export const overviewQuerySchema = languageQuerySchema.extend({ draft: pageQuerySchema.shape.draft })
export const listQuerySchema = languageQuerySchema.extend({
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(60),
})
export const searchQuerySchema = languageQuerySchema.extend({
  q: z
    .string()
    .trim()
    .min(1, 'Say what to look for.')
    .max(200)
    .meta({ description: 'Words, or beginnings of words, of a product’s name, SKU, GTIN, brand, tags or category. Accents don’t matter.' }),
  limit: z.coerce.number().int().min(1).max(200).default(24),
})
export const linesQuerySchema = languageQuerySchema.extend({
  skus: skuListSchema.pipe(z.array(z.string()).max(200, 'At most 200 SKUs at a time.')),
})

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
        part: z.string().max(64),
        sku: skuSchema,
        quantity: cartQuantitySchema.default(1).meta({ description: 'How many of it are picked; only where any so many can be.' }),
      }),
    )
    .max(200)
    .optional()
    .meta({
      description: 'Of a bundle: what the shopper chose for its parts, by their keys. A part that can be one thing only may be left out.',
    }),
  seen: amountSchema.min(0).optional().meta({
    description: 'What one cost as the shopper saw it. When it costs something else by now, a warning says so; it is never charged.',
  }),
})
export const cartRequestSchema = z
  .strictObject({ lines: z.array(cartLineSchema).max(200, 'A cart has at most 200 lines.') })
  .meta({ id: 'CartRequest' })
export const orderRequestSchema = cartRequestSchema
  .extend({
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
  percent: z.int().nullable().meta({ description: 'When it is worked out in percent.' }),
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
          available: z.int().meta({ description: 'Of what is not there in the quantity: how many this line can have.' }),
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
