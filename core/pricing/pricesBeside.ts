import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product, Variant } from '../catalogue/product'
import { isForSale, priceOf } from '../catalogue/product'
import type { OfferShop } from '../offers/offered'
import { isFor, offeredBeside } from '../offers/offered'
import type { Moment } from '../time/moment'
import type { WantedLine } from './cart'
import { priceCart } from './priceCart'

/** What one more of a product costs, and the together offer that takes something off. */
export interface PriceBeside {
  /** Minor units. */
  price: number
  /** Key of the offer. */
  offer: string
}

/**
 * What products cost beside what is in a cart: where an offer reduces them there, just what the cart would say.
 * @param cart lines with whole quantities; what can't be priced is passed over
 */
export class PricesBeside {
  readonly #cart: readonly WantedLine[]
  readonly #shop: OfferShop
  readonly #at: Moment
  /** SKUs that some offer reduces beside what is in the cart. */
  readonly #offered: ReadonlySet<string>
  /** Prices that were worked out, without anything along. */
  readonly #known = new Map<Product | Variant, PriceBeside | null>()

  constructor(cart: readonly WantedLine[], shop: OfferShop, at: Moment) {
    this.#cart = cart
    this.#shop = shop
    this.#at = at
    const inCart = new Set(shop.offers.length ? cart.flatMap(line => shop.catalogue.item(line.sku)?.product ?? []) : [])
    this.#offered = new Set([...inCart].flatMap(product => this.#offeredBeside(product)))
  }

  /**
   * @param item a product or variant that may be added
   * @param along a product that goes into the cart before it; left out: none
   * @returns null when no offer reduces it
   */
  of(item: CatalogueItem, along?: Product): PriceBeside | null {
    if (along)
      return this.#priceOf(item, new Set([...this.#offered, ...this.#offeredBeside(along)]), [...this.#cart, ...this.#lineOf(along)])
    if (!this.#offered.size) return null
    const key = item.variant ?? item.product
    let price = this.#known.get(key)
    if (price === undefined) this.#known.set(key, (price = this.#priceOf(item, this.#offered, this.#cart)))
    return price
  }

  #priceOf({ product, variant }: CatalogueItem, offered: ReadonlySet<string>, before: readonly WantedLine[]): PriceBeside | null {
    const skus = [product.sku, ...(variant ? [variant] : product.variants).map(each => each.sku)]
    const bought = skus.some(sku => offered.has(sku)) ? this.#soldAs(product, variant?.sku) : null
    if (bought === null) return null
    const { lines } = priceCart([...before, { sku: bought, quantity: 1 }], this.#shop, this.#at)
    const line = lines.find(each => each.line === before.length)
    const offer = line?.reductions.find(each => each.code === 'offer')
    return line && offer ? { price: line.total, offer: offer.key } : null
  }

  #offeredBeside(product: Product): string[] {
    const offers = this.#shop.offers.filter(offer => offer.reduction && isFor(offer, product, this.#shop, this.#at))
    return offers.flatMap(offer => offeredBeside(offer, product, this.#shop, this.#at))
  }

  #lineOf(product: Product): WantedLine[] {
    const sku = this.#soldAs(product)
    return sku === null ? [] : [{ sku, quantity: 1 }]
  }

  /** The SKU that goes into a cart: of a product with variants, the first for sale that costs what the product is said to cost. */
  #soldAs(product: Product, variant?: string): string | null {
    if (variant !== undefined || !product.variants.length) return variant ?? product.sku
    const first = product.variants.find(each => isForSale(product, each, this.#at) && priceOf(product, each) === product.price)
    return first?.sku ?? null
  }
}
