import type { Product } from '../catalogue/product'
import type { Moment } from '../time/moment'
import type { Offer } from './offer'
import type { OfferShop } from './offered'
import { isFor, offeredBeside, whyNotToBeHad } from './offered'

/** So many products that an offer is for are looked at. */
const tried = 500

/**
 * A product to show an offer with: the first for sale that it is for and has something for, or else the first that it is for. Dates are
 * left out of it: an offer can be looked at before its time.
 */
export function exampleProduct(offer: Offer, products: Iterable<Product>, shop: OfferShop, at: Moment): Product | null {
  const always = { ...offer, from: null, until: null }
  const isThere = (sku: string) => !whyNotToBeHad(shop.catalogue.item(sku)!, shop.catalogue, at)
  let first: Product | null = null
  let looked = 0
  for (const product of products) {
    if (product.status !== 'active' || !isFor(always, product, shop, at)) continue
    first ??= product
    if (offeredBeside(always, product, shop, at).some(isThere)) return product
    if (++looked === tried) break
  }
  return first
}
