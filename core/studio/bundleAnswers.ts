import { z } from 'zod'
import { productSchema } from '../catalogue/product'
import { skuSchema } from '../catalogue/sku'
import { translationSchema } from '../text/translations'
import { keyedBundleSchema } from '../bundles/bundleSettings'

/*
 * What the studio is told of bundles.
 */

const bundleRowSchema = z.object({
  sku: skuSchema,
  name: z.string(),
  image: z.string().nullable(),
  /** What shoppers have of it, and whether they will have another. */
  state: z.enum(['draft', 'live', 'changed', 'retired']),
  type: z.enum(['fixed', 'choice', 'pickAny']),
  contents: z.string(),
  price: z.int().nullable(),
  isFrom: z.boolean(),
  /** Null: nothing of it is tracked. */
  stock: z.int().nullable(),
  /** How many things are wrong with it. */ problems: z.int(),
})
export type BundleRow = z.infer<typeof bundleRowSchema>
export const bundleListSchema = z.object({ bundles: z.array(bundleRowSchema) })

/** Products as the live shop has them: whatever a bundle names, and bundles that have something in common with it. */
export const bundleItemsSchema = z.object({ items: z.array(productSchema) })

/** The last orders with a bundle, newest first; with what was in it then, and its share of the price in minor units. */
export const bundleOrdersSchema = z.object({
  total: z.int(),
  orders: z.array(
    z.object({
      number: z.string(),
      placed: z.string(),
      quantity: z.int(),
      total: z.int(),
      components: z.array(z.object({ sku: z.string(), name: z.string(), quantity: z.int(), total: z.int() })),
    }),
  ),
})
export type BundleOrders = z.infer<typeof bundleOrdersSchema>

/** A bundle as shoppers have it, and as it is drafted; null: they have none, or it is to be taken away. */
export const storedBundleSchema = bundleItemsSchema.extend({
  sku: skuSchema,
  live: keyedBundleSchema.nullable(),
  draft: keyedBundleSchema.nullable(),
  /** What is known of its translations. */
  translations: z.array(translationSchema),
  /** Orders have it: it can't be removed. */
  isSold: z.boolean(),
})
export type StoredBundle = z.infer<typeof storedBundleSchema>
