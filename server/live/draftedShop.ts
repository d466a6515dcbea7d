import { LookBook } from '../../core/looks/lookBook'
import type { Look } from '../../core/looks/look'
import type { Offer } from '../../core/offers/offer'
import { inOfferOrder } from '../../core/offers/offered'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import { PlanBook } from '../../core/pagePlans/planBook'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { Shop } from '../../core/selection/shop'
import type { ShopView } from '../../core/journal/shopView'

/** What a shop with its drafts has of the live one. */
type Undrafted = Shop & Pick<ShopView, 'versions'> & { brandMarks: ReadonlyMap<string, string> }

/** The live shop with all that is drafted as it will be after publishing. */
export class DraftedShop implements Shop {
  readonly #shop: Undrafted
  sections: ReadonlyMap<string, Section> = new Map()
  plans = new PlanBook([])
  looks = new LookBook([])
  /** In the order in which they apply. */
  offers: readonly Offer[] = []

  constructor(shop: Undrafted) {
    this.#shop = shop
  }

  /** Takes the drafts as they are now. */
  refresh(): void {
    this.sections = versionOf(this.#shop.versions.sections, 'draft')
    this.plans = planBookOf(this.#shop.versions.plans, 'draft')
    this.looks = lookBookOf(this.#shop.versions.looks, 'draft')
    this.offers = inOfferOrder(versionOf(this.#shop.versions.offers, 'draft').values())
  }

  get catalogue() {
    return this.#shop.catalogue
  }

  get brandMarks() {
    return this.#shop.brandMarks
  }

  get index() {
    return this.#shop.index
  }

  get links() {
    return this.#shop.links
  }

  get kinds() {
    return this.#shop.kinds
  }

  neighboursOf(sku: string) {
    return this.#shop.neighboursOf(sku)
  }

  relatedCategories(key: string) {
    return this.#shop.relatedCategories(key)
  }

  switchedOff(sku: string) {
    return this.#shop.switchedOff(sku)
  }
}

/** What things are in one of their versions; those that are not in it are missing. */
export function versionOf<T>(things: ReadonlyMap<string, Versions<T>>, version: keyof Versions<T>): Map<string, T> {
  return new Map([...things].flatMap(([key, versions]) => (versions[version] === null ? [] : [[key, versions[version] as T]])))
}

export const planBookOf = (plans: ReadonlyMap<string, Versions<PagePlan>>, version: keyof Versions<PagePlan>) =>
  new PlanBook(versionOf(plans, version).values())
export const lookBookOf = (looks: ReadonlyMap<string, Versions<Look>>, version: keyof Versions<Look>) =>
  new LookBook(versionOf(looks, version).values())
