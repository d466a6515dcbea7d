import type { Page, PageKind } from '../pageTypes/registry'
import type { Shopper } from '../candidates/shopper'
import type { OfferList } from './offerLists'
import { offerLists } from './offerLists'
import type { OfferShop } from './offered'

/** The kinds of pages that have together offers. */
export const kindsWithOffers: readonly PageKind[] = ['product', 'cart']

/**
 * The offers on a page, made or hidden.
 * @param subjects SKUs of the products that the page is about
 */
export function offersOnPage({ kind }: Page, subjects: readonly string[], shop: OfferShop, { cart, at }: Shopper): OfferList[] {
  if (!shop.offers.length || !kindsWithOffers.includes(kind)) return []
  return offerLists(
    subjects.map(sku => shop.catalogue.item(sku)!.product),
    cart,
    shop,
    at,
  )
}
