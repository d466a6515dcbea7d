import type { Catalogue } from '../catalogue/catalogue'
import { isForSale, priceOf, stockOf } from '../catalogue/product'

/** What a shopper wants: a product without variants, or a variant, by its SKU. */
export interface WantedLine { sku: string, quantity: number }

/** A line with its price. Amounts are in minor units. */
export interface PricedLine {
  sku: string
  quantity: number
  unit: number
  /** What one of it cost before; null: no more. */
  was: number | null
  total: number
}

/**
 * What is not as the shopper wants it. A line that can't be sold at all is left out: the SKU is unknown, it is not for sale,
 * or it has variants and none was chosen. Of what is there in a smaller quantity the line stays, and `available` says how many there are.
 */
export interface CartWarning { sku: string, code: 'unknown' | 'notForSale' | 'noChoice' | 'notAvailable', available: number }

export interface PricedCart { lines: PricedLine[], total: number, warnings: CartWarning[] }

/**
 * What a cart costs, in the order of its lines; the lines' totals add up to its total.
 * @param lines whole quantities from 1 on
 * @param at milliseconds since 1970-01-01 UTC
 */
export function priceCart(lines: readonly WantedLine[], catalogue: Catalogue, at: number): PricedCart {
  const priced: PricedCart = { lines: [], total: 0, warnings: [] }
  const wanted = new Map<string, number>()
  for (const { sku, quantity } of lines) {
    const item = catalogue.item(sku)
    const code = !item ? 'unknown' : !isForSale(item.product, item.variant, at) ? 'notForSale' : !item.variant && item.product.variants.length ? 'noChoice' : null
    if (code) {
      priced.warnings.push({ sku, code, available: 0 })
      continue
    }
    const { product, variant } = item!
    const unit = priceOf(product, variant)!
    // A variant with a price of its own is not what the product's price before was about.
    const was = product.was !== null && product.was > unit && unit === product.price ? product.was : null
    priced.lines.push({ sku, quantity, unit, was, total: unit * quantity })
    priced.total += unit * quantity
    const before = wanted.get(sku) ?? 0
    wanted.set(sku, before + quantity)
    const available = stockOf(product, variant)
    // The same in several lines: the one that goes beyond what is there says so.
    if (before + quantity > available && before <= available) priced.warnings.push({ sku, code: 'notAvailable', available })
  }
  return priced
}
