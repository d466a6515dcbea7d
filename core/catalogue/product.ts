import { isEqual } from 'es-toolkit'
import { z } from 'zod'
import { bundleSchema } from './bundle'
import { minorUnitsSchema } from '../money/money'
import { textSchema } from '../text/text'
import { isGtin } from './gtin'
import { isPictureAddress, pictureAddressSchema } from './pictureAddress'
import { skuSchema } from './sku'
import type { Moment } from '../time/moment'
import { hasBegun } from '../time/moment'

const gtinSchema = z.string().refine(isGtin, 'This GTIN’s check digit or length is wrong.')

/** An ISO 8601 calendar date or UTC date and time. */
const isoDateSchema = z.union([z.iso.date(), z.iso.datetime()], { error: 'This is not a date in ISO 8601, such as 2026-03-01.' })

export const productStatusSchema = z.enum(['active', 'draft', 'retired'], { error: 'A status is active, draft or retired.' })
export type ProductStatus = z.infer<typeof productStatusSchema>

/** A short text that stands among others in one cell of a file: no `|`, no control characters, no blanks at the ends. */
const listedSchema = z
  .string()
  .min(1)
  .max(256)
  .refine(
    value => value === value.trim() && !/[|\p{Cc}]/u.test(value),
    'This can’t contain “|” or control characters, nor begin or end with a blank.',
  )
const listedNameSchema = listedSchema.max(64).refine(value => !value.includes('='), 'A name of an attribute or option can’t contain “=”.')

/** Name → values, for example `fits` → `National`, `Commercial`. */
const attributesSchema = z.record(listedNameSchema, z.array(listedSchema).min(1))

/** Units on hand; null: not tracked, there is always some. */
const stockSchema = z.int().nullable()

/** One choice of options of a product. Price, status and picture fall back to the product's. */
export const variantSchema = z.object({
  sku: skuSchema,
  gtin: gtinSchema.nullable(),
  options: z.record(listedNameSchema, listedSchema),
  price: minorUnitsSchema.nullable(),
  stock: stockSchema,
  status: productStatusSchema.nullable(),
  image: pictureAddressSchema.nullable(),
})
export type Variant = z.infer<typeof variantSchema>

export const productSchema = z.object({
  sku: skuSchema,
  gtin: gtinSchema.nullable(),
  name: textSchema,
  brand: z.string().min(1).nullable(),
  /** Category keys, the main one first. */
  categories: z.array(z.string().min(1)),
  tags: z.array(listedSchema),
  price: minorUnitsSchema.nullable(),
  was: minorUnitsSchema.nullable(),
  cost: minorUnitsSchema.nullable(),
  /** With variants the variants' stock counts instead. */
  stock: stockSchema,
  status: productStatusSchema,
  released: isoDateSchema.nullable(),
  attributes: attributesSchema,
  image: pictureAddressSchema.nullable(),
  description: textSchema,
  variants: z.array(variantSchema),
  /** What it is made of, when it is several products sold as one: its price and stock then follow from theirs. It has no variants. */
  bundle: bundleSchema.nullable(),
})
export type Product = z.infer<typeof productSchema>

/**
 * Whether a product, or one variant of it, is for sale at a moment: active, released, and with a price.
 */
export function isForSale(product: Product, variant: Variant | null, at: Moment): boolean {
  if (product.status !== 'active' || (variant?.status ?? 'active') !== 'active') return false
  return priceOf(product, variant) !== null && isReleased(product, at)
}

/** Whether shoppers are to know nothing of a product yet, or of one variant of it. */
export const isDraft = (product: Product, variant: Variant | null): boolean => product.status === 'draft' || variant?.status === 'draft'

/** @param at milliseconds since 1970-01-01 UTC */
export const isReleased = ({ released }: Product, at: Moment) => released === null || hasBegun(released, at)

/**
 * Units on hand, Infinity where they are not tracked. A product with variants has what its variants for sale have together.
 * Stock below zero (sold beyond what was there) counts as none.
 */
export function stockOf(product: Product, variant: Variant | null): number {
  if (variant) return onHand(variant)
  if (!product.variants.length) return onHand(product)
  let sum = 0
  for (const each of product.variants) if ((each.status ?? product.status) === 'active') sum += onHand(each)
  return sum
}

const onHand = ({ stock }: Product | Variant) => (stock === null ? Infinity : Math.max(0, stock))

/** Units on hand as they are written down and shown: null where they are not tracked. */
export const trackedStock = (units: number): number | null => (units === Infinity ? null : units)

/** Price in minor units of a product or a variant of it; a variant without its own has the product's. Null: not priced yet. */
export function priceOf(product: Product, variant: Variant | null): number | null {
  return variant?.price ?? product.price
}

/** Price before, in minor units, of a product or a variant of it; that of the product says nothing of a variant with a price of its own. */
export function wasOf(product: Product, variant: Variant | null): number | null {
  return variant && variant.price !== null && variant.price !== product.price ? null : product.was
}

/** Picture of a product or a variant; a variant without its own shows the product's. What is not the address of one counts as none. */
export function imageOf(product: Product, variant: Variant | null): string | null {
  const image = variant?.image ?? product.image
  return image !== null && isPictureAddress(image) ? image : null
}

/**
 * Whether two states of a product differ at most in how many there are while some are left, as after a sale: nothing else that
 * selection, links and checks look at. Of a bundle the parts count too, so its states never do.
 */
export function differOnlyInStock(a: Product, b: Product): boolean {
  const unstocked = <T extends Product | Variant>(each: T): T => ({ ...each, stock: Math.sign(onHand(each)) })
  const seen = (each: Product) => ({ ...unstocked(each), variants: each.variants.map(unstocked), description: null })
  return !a.bundle && !b.bundle && isEqual(seen(a), seen(b))
}

/** Whether two states of a product have the same variants, in whatever order. */
export function hasSameVariants(a: Product, b: Product): boolean {
  const skus = new Set(a.variants.map(each => each.sku))
  return a.variants.length === b.variants.length && b.variants.every(each => skus.has(each.sku))
}

const noValues: readonly string[] = []

/** The values that a product has of an attribute. Attributes are named by people: `constructor` is a name too. */
export function valuesOf({ attributes }: Product, name: string): readonly string[] {
  return Object.hasOwn(attributes, name) ? attributes[name]! : noValues
}
