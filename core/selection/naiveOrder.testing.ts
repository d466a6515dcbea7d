import { hashOf, mixed } from '../candidates/shuffle'
import type { Shopper } from '../candidates/shopper'
import type { Product, Variant } from '../catalogue/product'
import { marginOf } from './naiveRules.testing'

/** What orders read of a shop, and who looks. */
interface NaiveFacts {
  productOf(sku: string): Product | undefined
  variantOf(sku: string): Variant | undefined
  priceOf(product: Product, variant?: Variant): number | null
  soldOf(sku: string): number
  shopper: Shopper
}

/**
 * Puts targets into any order, as plainly as it can be said.
 * @returns takes SKUs, the order, the key of what shows them, and where they are scored, their scores
 */
export function naiveOrder({ productOf, variantOf, priceOf, soldOf, shopper }: NaiveFacts) {
  /** The number that an order puts first when it is least; what can't be put in order comes last. */
  function numberFor(order: string, target: string, key: string, score: number): number | string {
    const product = productOf(target)!
    const price = priceOf(product, variantOf(target))
    const released = product.released === null ? null : new Date(product.released).getTime()
    switch (order) {
      case 'cheapest':
        return price ?? Infinity
      case 'dearest':
        return price === null ? Infinity : -price
      case 'name':
        return Object.values(product.name)[0] ?? product.sku
      case 'newest':
        return released === null ? Infinity : -released
      case 'oldest':
        return released ?? Infinity
      case 'best-selling':
        return -soldOf(product.sku)
      case 'margin': {
        const margin = marginOf(price, product.cost)
        return margin === null ? Infinity : -margin
      }
      case 'shuffle':
        return mixed(hashOf(target), hashOf(`${shopper.visitor}\n${new Date(shopper.at.ms).toISOString().slice(0, 10)}\n${key}`))
      case 'shuffle-every-view':
        return mixed(hashOf(target), hashOf(`${shopper.view}\n${key}`))
      case 'strength':
        return -score
      default:
        return 0
    }
  }

  return function ordered(targets: readonly string[], order: string, key: string, scores: Record<string, number> = {}): string[] {
    const rows = targets.map(target => ({ target, number: numberFor(order, target, key, scores[target] ?? 0) }))
    if (order === 'hand') return rows.map(row => row.target)
    return rows
      .sort((a, b) => {
        const names =
          typeof a.number === 'string' ? a.number.localeCompare(b.number as string, 'en', { sensitivity: 'base', numeric: true }) : 0
        if (names) return names
        if (typeof a.number === 'number' && a.number !== b.number) return a.number < (b.number as number) ? -1 : 1
        return a.target < b.target ? -1 : 1
      })
      .map(row => row.target)
  }
}
