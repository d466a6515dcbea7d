import { z } from 'zod'
import { productStatusSchema } from '../../catalogue/product'
import { skuListSchema } from '../../catalogue/skuLists'
import { pageQuerySchema } from './pages'
import { amountSchema, bundleTypeSchema, draftQuery, houseStyle, reducingOfferSchema, styleSchema } from './values'

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
  offer: reducingOfferSchema,
})
export type CatalogueCard = z.infer<typeof catalogueCardSchema>

const namedKeySchema = z.object({ key: z.string(), name: z.string() })

export const shopAnswerSchema = z
  .object({
    name: z.string(),
    currency: z.string(),
    language: z.string(),
    languages: z.array(z.string()),
    welcome: z.string().meta({ description: 'What it says to shoppers at its beginning; empty: nothing.' }),
    checkout: z.boolean().meta({ description: 'Whether orders are taken here.' }),
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
            few: z.boolean(),
            available: z.boolean().meta({ description: 'For sale, and there in the quantity that one bundle takes.' }),
          }),
        )
        .meta({ description: 'What it can be. A combination of values that is not among them is not sold.' }),
    }),
  ),
  pick: z
    .object({ least: z.int(), most: z.int(), repeats: z.boolean(), steps: z.array(z.object({ count: z.int(), percent: z.number() })) })
    .nullable()
    .meta({ description: 'Of pickAny: how many are picked, whether the same again, and the reduction from how many on.' }),
})
export type BundleAnswer = z.infer<typeof bundleAnswerSchema>

export const productAnswerSchema = catalogueCardSchema
  .extend({
    description: z.string(),
    categories: z.array(namedKeySchema).meta({ description: 'From the top down to the product’s main category.' }),
    attributes: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
    few: z.boolean().meta({ description: 'Only a few are left.' }),
    status: productStatusSchema,
    options: z.array(z.object({ name: z.string(), values: z.array(z.string()) })),
    variants: z.array(
      z.object({
        sku: z.string(),
        options: z.record(z.string(), z.string()),
        price: amountSchema.nullable(),
        was: amountSchema.nullable(),
        inStock: z.boolean(),
        few: z.boolean(),
        image: z.string().nullable(),
        forSale: z.boolean(),
        offer: reducingOfferSchema,
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
/** Of a route that tells what products cost. */
export const pricedQuerySchema = languageQuerySchema.extend({ cart: pageQuerySchema.shape.cart })
/** Of a route that tells what is drafted too. */
export const draftableQuerySchema = languageQuerySchema.extend({ ...draftQuery, at: pageQuerySchema.shape.at })
export const productQuerySchema = draftableQuerySchema.extend(pricedQuerySchema.shape)
export const listQuerySchema = pricedQuerySchema.extend({
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(60),
})
export const searchQuerySchema = pricedQuerySchema.extend({
  q: z
    .string()
    .trim()
    .min(1, 'Say what to look for.')
    .max(200)
    .meta({ description: 'Words, or beginnings of words, of a product’s name, SKU, GTIN, brand, tags or category. Accents don’t matter.' }),
  limit: z.coerce.number().int().min(1).max(200).default(24),
})
export const linesQuerySchema = draftableQuerySchema.extend({
  skus: skuListSchema.pipe(z.array(z.string()).max(200, 'At most 200 SKUs at a time.')),
})
