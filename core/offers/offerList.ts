import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product, Variant } from '../catalogue/product'
import type { Moment } from '../time/moment'
import type { Offer } from './offer'
import type { NotToBeHad, OfferShop } from './offered'
import { isFor, offeredBeside, whyNotToBeHad } from './offered'

/** Why something is not offered although the offer names it. */
export type NotOffered = NotToBeHad | 'inCart' | 'offeredAbove' | 'shownEarlier'
/**
 * Why an offer is not made: it is switched off on the page's plan, it has no place there, nothing is left of it, or a part of it is missing
 * and it is made whole or not at all.
 */
export type NoOffer = 'off' | 'notOnPlan' | 'nothingLeft' | 'partMissing'

/** An offer beside a product, as a list to tick. */
export interface OfferList {
  offer: Offer
  /** The product that it is for. */
  product: Product
  items: CatalogueItem[]
  left: { item: CatalogueItem; reason: NotOffered }[]
  hidden: NoOffer | null
}

/** The page that offers stand on, as far as it is known where one stands. */
export interface OfferPage {
  /** What it is about: of a product page the one product, of a cart those in it, in order. */
  products: readonly Product[]
  /** What is in the cart. A variant stands with its product. */
  cart: ReadonlySet<Product | Variant>
  /** Products that it shows above. */
  shown: ReadonlySet<Product>
  /** What is offered above. What one list has is in no other. */
  offered: ReadonlySet<Product | Variant>
  at: Moment
}

/** An offer where it stands on a page, for the first product that has something to be offered; null: it is for none of the page's. */
export function offerList(offer: Offer, page: OfferPage, shop: OfferShop): OfferList | null {
  const lists = page.products.filter(product => isFor(offer, product, shop, page.at)).map(product => listFor(product, offer, page, shop))
  return lists.find(each => !each.hidden) ?? lists[0] ?? null
}

/** An offer that has no place on a page although it is for it; null: it is for none of the page's products. */
export function offerLeftOut(offer: Offer, hidden: NoOffer, { products, at }: OfferPage, shop: OfferShop): OfferList | null {
  const product = products.find(each => isFor(offer, each, shop, at))
  return product ? { offer, product, items: [], left: [], hidden } : null
}

function listFor(product: Product, offer: Offer, page: OfferPage, shop: OfferShop): OfferList {
  const named = offeredBeside(offer, product, shop, page.at).map(sku => {
    const item = shop.catalogue.item(sku)!
    return { item, reason: reasonAgainst(item, page, shop) }
  })
  const items = named.flatMap(({ item, reason }) => (reason ? [] : item))
  const left = named.flatMap(({ item, reason }) => (reason ? [{ item, reason }] : []))
  return { offer, product, items, left, hidden: hiddenReason(offer, { items, left }) }
}

function reasonAgainst(item: CatalogueItem, { cart, shown, offered, at }: OfferPage, { catalogue }: OfferShop): NotOffered | null {
  const { product, variant } = item
  // A product counts as in the cart if any of its variants is; a variant only if it itself is.
  if (cart.has(variant ?? product)) return 'inCart'
  const reason = whyNotToBeHad(item, catalogue, at)
  if (reason) return reason
  if (offered.has(variant ?? product)) return 'offeredAbove'
  return shown.has(product) ? 'shownEarlier' : null
}

function hiddenReason({ partly }: Offer, { items, left }: Pick<OfferList, 'items' | 'left'>): NoOffer | null {
  if (!items.length) return 'nothingLeft'
  return left.length && partly === 'hide' ? 'partMissing' : null
}
