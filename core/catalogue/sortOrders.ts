import type { Product } from './product'

/** Orders whose numbers follow from a product by itself. */
const numberSortOrders = ['cheapest', 'dearest', 'newest', 'oldest', 'best-selling', 'margin'] as const
export type NumberSortOrder = (typeof numberSortOrders)[number]
/** Orders that any list of products can be kept in. */
export const sortOrders = [...numberSortOrders, 'name'] as const
export type SortOrder = (typeof sortOrders)[number]

/** What is not known comes after every other number. */
export const unknownNumber = Number.MAX_VALUE

/**
 * The number that a product is ordered by; the smallest comes first.
 * @param sold units sold
 */
export function sortNumber(order: NumberSortOrder, product: Product, sold: number): number {
  switch (order) {
    case 'cheapest':
      return product.price ?? unknownNumber
    case 'dearest':
      return product.price === null ? unknownNumber : -product.price
    case 'newest':
      return product.released === null ? unknownNumber : -Date.parse(product.released)
    case 'oldest':
      return product.released === null ? unknownNumber : Date.parse(product.released)
    case 'best-selling':
      return -sold
    case 'margin': {
      const margin = marginOf(product)
      return margin === null ? unknownNumber : -margin
    }
  }
}

/** Margin in percent of the price; null when the price or the cost is not known, or the price is nothing. */
export function marginOf({ price, cost }: Pick<Product, 'price' | 'cost'>): number | null {
  return price && cost !== null ? ((price - cost) * 100) / price : null
}
