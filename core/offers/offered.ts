import type { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import type { Lane } from '../links/lane'
import { timeOf } from '../links/lane'
import { isWithin } from '../rules/range'
import type { Offer } from './offer'
import type { Moment } from '../time/moment'

/** What offers read of the shop. */
export interface OfferShop {
  catalogue: Pick<Catalogue, 'item' | 'categoryPath'>
  links: { lane(source: string, kind: string): Lane }
  /** In the order of their ranks. */
  offers: readonly Offer[]
}

/** Offers in the order in which they apply: by rank, then by key. */
export const inOfferOrder = (offers: Iterable<Offer>): Offer[] => [...offers].sort((a, b) => a.rank - b.rank || (a.key < b.key ? -1 : 1))

/** Whether an offer is for a product now: it is in its dates, and the product is among those that it is for. */
export const isFor = (offer: Offer, product: Product, shop: OfferShop, at: Moment) =>
  timeOf(offer, at) === 'now' && isTrigger(offer, product, shop.catalogue)

function isTrigger({ trigger }: Offer, product: Product, catalogue: OfferShop['catalogue']): boolean {
  if (!trigger) return true
  return (
    trigger.products.includes(product.sku) ||
    product.tags.some(tag => trigger.tags.includes(tag)) ||
    (product.brand !== null && trigger.brands.includes(product.brand)) ||
    product.categories.some(key => catalogue.categoryPath(key).some(each => trigger.categories.includes(each))) ||
    (trigger.price !== null && product.price !== null && isWithin(product.price, trigger.price))
  )
}

/**
 * SKUs of what an offer offers beside a product, in order, each once: never the product itself, nor what the shop doesn't have.
 * Of links those count that are in their dates.
 */
export function offeredBeside({ offered }: Offer, product: Product, { catalogue, links }: OfferShop, at: Moment): string[] {
  const skus =
    offered.by === 'chosen'
      ? offered.skus
      : links
          .lane(product.sku, offered.kind)
          .filter(link => timeOf(link, at) === 'now')
          .slice(0, offered.count)
          .map(link => link.target)
  return [...new Set(skus)].filter(sku => {
    const item = catalogue.item(sku)
    return item && item.product !== product
  })
}
