import { z } from 'zod'
import { product, productStatus } from '../catalogue/product'
import { sku } from '../catalogue/sku'
import { bundleSettings } from '../bundles/bundleSettings'

/*
 * What the studio is told of bundles.
 */

const bundleRow = z.object({
  sku, name: z.string(), image: z.string().nullable(), status: productStatus, type: z.enum(['fixed', 'choice', 'pickAny']), contents: z.string(),
  price: z.int().nullable(), isFrom: z.boolean(), stock: z.int(), /** How many things are wrong with it. */ problems: z.int(),
})
export type BundleRow = z.infer<typeof bundleRow>
export const bundleList = z.object({ bundles: z.array(bundleRow) })

/** Products as the live shop has them: whatever a bundle names, and bundles that have something in common with it. */
export const bundleItems = z.object({ items: z.array(product) })

/** The last orders with a bundle, newest first; with what was in it then, and its share of the price in minor units. */
export const bundleOrders = z.object({
  total: z.int(),
  orders: z.array(z.object({
    number: z.string(), placed: z.string(), quantity: z.int(), total: z.int(), components: z.array(z.object({ sku: z.string(), name: z.string(), quantity: z.int(), total: z.int() })),
  })),
})
export type BundleOrders = z.infer<typeof bundleOrders>

/** A bundle as it is kept. */
export const storedBundle = bundleItems.extend({ sku, settings: bundleSettings })
export type StoredBundle = z.infer<typeof storedBundle>
