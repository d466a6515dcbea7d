import type { PageKind, PagePlan } from '../../core/pagePlans/pagePlan'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { Shop } from '../../core/selection/shop'
import type { LiveShop } from './liveShop'

/** The live shop with its sections and page plans as they will be after publishing. */
export class DraftedShop implements Shop {
  readonly #shop: LiveShop
  sections: ReadonlyMap<string, Section> = new Map()
  plans: ReadonlyMap<PageKind, PagePlan> = new Map()

  constructor(shop: LiveShop) {
    this.#shop = shop
  }

  /** Takes the drafts as they are now. */
  takeOver(): void {
    this.sections = versionOf(this.#shop.sectionVersions, 'draft')
    this.plans = defaultPlans(this.#shop.planVersions, 'draft')
  }

  get catalogue() {
    return this.#shop.catalogue
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

  switchedOff(sku: string) {
    return this.#shop.switchedOff(sku)
  }
}

/** What things are in one of their versions; those that are not in it are missing. */
export function versionOf<T>(things: ReadonlyMap<string, Versions<T>>, version: keyof Versions<T>): Map<string, T> {
  return new Map([...things].flatMap(([key, versions]) => versions[version] === null ? [] : [[key, versions[version] as T]]))
}

/** The plan of each kind of page. */
export function defaultPlans(plans: ReadonlyMap<string, Versions<PagePlan>>, version: keyof Versions<PagePlan>): Map<PageKind, PagePlan> {
  return new Map([...versionOf(plans, version).values()].map(plan => [plan.page, plan]))
}
