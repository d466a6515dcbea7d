import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isForSale, stockOf } from '../catalogue/product'
import type { Offer } from './offer'
import type { OfferShop } from './offered'
import { isFor, offeredBeside } from './offered'
import type { Moment } from '../time/moment'

/** Why something is not offered although the offer names it. */
export type NotOffered = 'inCart' | 'notForSale' | 'outOfStock' | 'offeredAbove'
/** Why an offer is not made: nothing is left of it, or a part of it is missing and it is made whole or not at all. */
export type NoOffer = 'nothingLeft' | 'partMissing'

/** An offer beside a product, as a list to tick. */
export interface OfferList {
  offer: Offer
  /** The product that it is for. */
  product: Product
  items: CatalogueItem[]
  left: { item: CatalogueItem; reason: NotOffered }[]
  hidden: NoOffer | null
}

/**
 * The offers beside some products, by their ranks; of each the first product that has something to offer. What one list has is in no other.
 * @param products of a product page the one, of a cart those in it, in order
 * @param cart SKUs of products or variants in the cart
 */
export function offerLists(products: readonly Product[], cart: readonly string[], shop: OfferShop, at: Moment): OfferList[] {
  const inCart = new Set(
    cart.flatMap(sku => {
      const item = shop.catalogue.item(sku)
      // A product counts as in the cart if any of its variants is; a variant only if it itself is.
      return item ? [sku, item.product.sku] : []
    }),
  )
  const offered = new Set<string>()
  const reasonFor = ({ product, variant }: CatalogueItem): NotOffered | null => {
    const sku = (variant ?? product).sku
    if (inCart.has(sku)) return 'inCart'
    if (!isForSale(product, variant, at)) return 'notForSale'
    if (!stockOf(product, variant)) return 'outOfStock'
    return offered.has(sku) ? 'offeredAbove' : null
  }
  const listOf = (offer: Offer, product: Product): OfferList => {
    const named = offeredBeside(offer, product, shop, at).map(sku => {
      const item = shop.catalogue.item(sku)!
      return { item, reason: reasonFor(item) }
    })
    const items = named.flatMap(({ item, reason }) => (reason ? [] : item))
    const left = named.flatMap(({ item, reason }) => (reason ? [{ item, reason }] : []))
    return { offer, product, items, left, hidden: hiddenReason(offer, { items, left }) }
  }
  return shop.offers.flatMap(offer => {
    const lists = products.filter(product => isFor(offer, product, shop, at)).map(product => listOf(offer, product))
    const list = lists.find(each => !each.hidden) ?? lists[0]
    if (list && !list.hidden) for (const { product, variant } of list.items) offered.add((variant ?? product).sku)
    return list ?? []
  })
}

function hiddenReason({ partly }: Offer, { items, left }: Pick<OfferList, 'items' | 'left'>): NoOffer | null {
  if (!items.length) return 'nothingLeft'
  return left.length && partly === 'hide' ? 'partMissing' : null
}
