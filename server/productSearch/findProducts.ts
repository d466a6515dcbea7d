import type { ProductSort } from '../../core/productSearch/productFinder'
import type { ProductFilter } from '../../core/productSearch/productFilter'
import type { Running } from '../running/useShop'

export interface ProductQuery {
  words: string
  filter: ProductFilter
  sort: ProductSort
  offset: number
  limit: number
  /** SKUs that are not wanted. */
  leaveOut?: ReadonlySet<string>
}

/** The products that match, in order, from `offset`; and how many there are in all. */
export async function findProducts(
  { store, shop }: Pick<Running, 'store' | 'shop'>,
  { words, filter, sort, offset, limit, leaveOut }: ProductQuery,
): Promise<{ skus: string[]; total: number }> {
  const match = await store.search(words)
  const found = shop.finder.find(
    filter,
    match && match.numbers.flatMap(number => shop.positionOf(number) ?? []),
    match && !match.ranked && sort === 'match' ? 'name' : sort,
  )
  const { products } = shop.catalogue
  const wanted = leaveOut ? found.filter(position => !leaveOut.has(products[position]!.sku)) : found
  return { skus: Array.from(wanted.subarray(offset, offset + limit), position => products[position]!.sku), total: wanted.length }
}
