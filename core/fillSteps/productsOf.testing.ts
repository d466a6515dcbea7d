import type { NaiveOffer, NaiveTools } from './naiveStep.testing'
import { common } from './naiveStep.testing'
import type { Product } from '../catalogue/product'

/** Of the whole shop, of the subjects' categories or brands, or of the category that the page is about. */
export function naiveProductsOf(
  { of, subjects }: { of: 'all' | 'category' | 'brand'; subjects: 'page' | 'cart' },
  order: 'best-selling' | 'newest',
  tools: NaiveTools,
): NaiveOffer[] {
  const { page, sources, turns, ordered, counting, plainOffers, skus, isIn } = tools
  if (of === 'all')
    return plainOffers(
      ordered(
        skus(() => true),
        order,
      ),
    )
  if (page.kind === 'category' && subjects === 'page')
    return of === 'category'
      ? plainOffers(
          ordered(
            skus(each => isIn(each, page.key!)),
            order,
          ),
        )
      : []
  return turns(
    sources.map(source => {
      const own = counting(source)
      const isAlike = (each: Product) =>
        of === 'brand' ? !!own.brand && each.brand === own.brand : common(own.categories, each.categories).length > 0
      return plainOffers(
        ordered(
          skus(each => each.sku !== source && isAlike(each)),
          order,
        ),
        source,
      )
    }),
  )
}
