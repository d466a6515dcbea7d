import { isEqual } from 'es-toolkit'
import type { Product, Variant } from '../../catalogue/product'

/** Fields with their values before and after. */
type Fields = Record<string, readonly [before: unknown, after: unknown]>

/** What differs between two states of a product with the same variants: a change of its stock is a few bytes, the product a thousand. */
export interface ProductDifference {
  fields: Fields
  /** Of the variants that differ, by SKU. */
  variants: Record<string, Fields>
}

/** @returns null when a difference can't say it: the product is new or gone, or has other variants, or in another order */
export function differenceBetween(before: Product | null, after: Product | null): ProductDifference | null {
  if (!before || !after) return null
  const skusOf = ({ variants }: Product) => variants.map(each => each.sku)
  if (!isEqual(skusOf(before), skusOf(after))) return null
  const variants = after.variants.flatMap((variant, i) => {
    const fields = fieldsBetween(before.variants[i]!, variant)
    return Object.keys(fields).length ? [[variant.sku, fields] as const] : []
  })
  return { fields: fieldsBetween({ ...before, variants: null }, { ...after, variants: null }), variants: Object.fromEntries(variants) }
}

function fieldsBetween(before: object, after: object): Fields {
  const now = Object.entries(after)
  const was = new Map<string, unknown>(Object.entries(before))
  return Object.fromEntries(
    now.filter(([name, value]) => !isEqual(was.get(name), value)).map(([name, value]) => [name, [was.get(name), value]]),
  )
}

/** What takes a difference back. */
export function turnedRound({ fields, variants }: ProductDifference): ProductDifference {
  const swapped = (given: Fields): Fields =>
    Object.fromEntries(Object.entries(given).map(([name, [before, after]]) => [name, [after, before]]))
  return {
    fields: swapped(fields),
    variants: Object.fromEntries(Object.entries(variants).map(([sku, given]) => [sku, swapped(given)])),
  }
}

/**
 * A product with a difference made to it. What the difference says nothing of stays as it is.
 * @returns null when what differs is not as it begins with
 */
export function withDifference(now: Product, { fields, variants }: ProductDifference): Product | null {
  const after = withFields(now, fields)
  const known = new Set(now.variants.map(each => each.sku))
  if (!after || Object.keys(variants).some(sku => !known.has(sku))) return null
  const changed = now.variants.map(each => (Object.hasOwn(variants, each.sku) ? withFields(each, variants[each.sku]!) : each))
  return changed.includes(null) ? null : { ...after, variants: changed as Variant[] }
}

function withFields<T extends object>(now: T, fields: Fields): T | null {
  const values = new Map<string, unknown>(Object.entries(now))
  for (const [name, [before, after]] of Object.entries(fields)) {
    if (!isEqual(values.get(name) ?? null, before ?? null)) return null
    values.set(name, after)
  }
  return Object.fromEntries(values) as T
}

/** A product as it was before a difference was made to it, with all else as it is now, whatever has happened to it since. */
export function beforeDifference(now: Product, { fields, variants }: ProductDifference): Product {
  const was = <T extends object>(thing: T, given: Fields | undefined): T => ({
    ...thing,
    ...Object.fromEntries(Object.entries(given ?? {}).map(([name, [before]]) => [name, before])),
  })
  const own = (sku: string) => (Object.hasOwn(variants, sku) ? variants[sku] : undefined)
  return { ...was(now, fields), variants: now.variants.map(each => was(each, own(each.sku))) }
}

/** Whether the difference is of nothing but how many there are. */
export const isJustStock = ({ fields, variants }: ProductDifference): boolean =>
  [fields, ...Object.values(variants)].every(each => Object.keys(each).every(name => name === 'stock'))
