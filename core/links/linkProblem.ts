import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import { isRetired } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isForSale, priceOf, stockOf } from '../catalogue/product'
import type { LinkKind } from './kind'
import type { Link } from './lane'
import { timeOf } from './lane'
import type { LinkIndex } from './linkIndex'
import type { Moment } from '../time/moment'

/** Why shoppers don't see a link's target, or what is odd about it. */
export const linkProblems = ['over', 'retired', 'notForSale', 'outOfStock', 'cheaperThanSource', 'dearerThanSource'] as const
export type LinkProblem = (typeof linkProblems)[number]

/**
 * What is wrong with a link, or null. An odd price is marked for the merchandiser, never refused.
 */
export function linkProblem(link: Link, kind: LinkKind, source: Product, target: CatalogueItem, at: Moment): LinkProblem | null {
  const { product, variant } = target
  if (timeOf(link, at) === 'over') return 'over'
  if (isRetired(target)) return 'retired'
  if (!isForSale(product, variant, at)) return 'notForSale'
  if (!stockOf(product, variant)) return 'outOfStock'
  const price = priceOf(product, variant)
  if (price === null || source.price === null) return null
  if (kind.expectation === 'dearer' && price < source.price) return 'cheaperThanSource'
  return kind.expectation === 'cheaper' && price > source.price ? 'dearerThanSource' : null
}

/**
 * How many of a product's links have a problem. Links to products that the shop no longer has, and links of retired kinds, are passed over.
 */
export function countProblems(
  sku: string,
  shop: { catalogue: Catalogue; links: LinkIndex; kinds: ReadonlyMap<string, LinkKind> },
  at: Moment,
): number {
  const source = shop.catalogue.product(sku)
  if (!source) return 0
  let count = 0
  for (const [key, lane] of shop.links.lanes(sku)) {
    const kind = shop.kinds.get(key)!
    if (kind.retired) continue
    for (const link of lane) {
      const item = shop.catalogue.item(link.target)
      if (item && linkProblem(link, kind, source, item, at)) count++
    }
  }
  return count
}
