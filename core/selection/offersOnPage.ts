import type { Product, Variant } from '../catalogue/product'
import type { OfferList, OfferPage } from '../offers/offerList'
import { offerLeftOut, offerList } from '../offers/offerList'
import type { Offer } from '../offers/offer'
import { offerOf, otherOffers } from '../pagePlans/block'
import type { PagePlan } from '../pagePlans/pagePlan'
import { blocksOf } from '../pagePlans/pagePlan'
import type { OfferOnPage, ResolvedPage } from './resolvedPage'
import type { Shop } from './shop'

/** The together offers of a page, block by block of its plan. */
export class OffersOnPage {
  readonly #shop: Shop
  readonly #plan: PagePlan
  readonly #page: OfferPage & { shown: Set<Product>; offered: Set<Product | Variant> }
  /** Those that no block has had so far. */
  readonly #left: Set<Offer>
  /** Those with a block of their own. */
  readonly #placed: ReadonlySet<string | null>

  /** @param page what offers show is added to what it shows */
  constructor(shop: Shop, plan: PagePlan, page: Omit<OfferPage, 'offered'> & { shown: Set<Product> }) {
    this.#shop = shop
    this.#plan = plan
    this.#page = { ...page, offered: new Set() }
    this.#left = new Set(shop.offers)
    this.#placed = new Set(blocksOf(plan).map(offerOf))
  }

  /** The offers of a block, made or hidden, by their ranks. */
  in(block: string, zone: string, { sections }: ResolvedPage): OfferOnPage[] {
    const isOff = this.#plan.off.includes(block)
    return this.#offersOf(block).flatMap(offer => {
      this.#left.delete(offer)
      const list = isOff ? offerLeftOut(offer, 'off', this.#page, this.#shop) : offerList(offer, this.#page, this.#shop)
      if (!list) return []
      if (!list.hidden) this.#note(list)
      return { ...list, block, zone, sectionsAbove: sections.length }
    })
  }

  /** Those that are for the page, and that its plan has no place for. */
  unplaced({ sections }: ResolvedPage): OfferOnPage[] {
    return [...this.#left].flatMap(offer => {
      const list = offerLeftOut(offer, 'notOnPlan', this.#page, this.#shop)
      return list ? { ...list, block: null, zone: null, sectionsAbove: sections.length } : []
    })
  }

  #note({ items }: OfferList): void {
    for (const { product, variant } of items) {
      this.#page.offered.add(variant ?? product)
      if (!this.#plan.repeats) this.#page.shown.add(product)
    }
  }

  #offersOf(block: string): Offer[] {
    const own = offerOf(block)
    return [...this.#left].filter(({ key }) => (block === otherOffers ? !this.#placed.has(key) : key === own))
  }
}
