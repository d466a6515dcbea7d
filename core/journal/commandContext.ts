import type { Article, CatalogueItem, Category } from '../catalogue/catalogue'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { LinkKind } from '../links/kind'
import type { Lane } from '../links/lane'
import { pageOfSource } from '../links/pageLanes'
import type { AllVersions } from '../releases/draftedSorts'
import type { ReleaseContent } from '../releases/release'
import type { States } from './states'
import type { ShopView, Stored } from './shopView'

/** What planning a command, and telling it in words, may ask of the shop. */
export interface CommandContext {
  shop: ShopView
  /** What is held in memory, by record: where a record finds what it has to itself. */
  states: States
  /** Where the days of dates are meant: a name in the IANA time zone database. */
  timeZone: string
  item(sku: string): CatalogueItem | undefined
  kind(key: string): LinkKind | undefined
  /** All kinds in their order. */
  kinds(): readonly LinkKind[]
  category(key: string): Category | undefined
  article(key: string): Article | undefined
  hasBrand(brand: string): boolean
  lane(source: string, kind: string): Lane
  /** The lane of an article or category. */
  pageLane(source: string): Lane
  /** Targets that are not to be suggested, as a lane of their own. */
  dismissed(source: string, kind: string): Lane
  neighbours(source: string): NeighbourSettings
  isSwitchedOff(source: string, section: string): boolean
  /** What is drafted and published. */
  versions: AllVersions
  /** The product that the command names, as it is stored; undefined: there is none. */
  stored(): Product | undefined
  /** What shoppers got with the release that the command names; undefined: there is none. */
  release(): ReleaseContent | undefined
}

export const contextOf = (shop: ShopView, stored: Stored): CommandContext => ({
  shop,
  states: shop.states,
  timeZone: shop.settings.timeZone,
  item: sku => shop.catalogue.item(sku),
  kind: key => shop.kinds.get(key),
  kinds: () => [...shop.kinds.values()],
  category: key => shop.catalogue.category(key),
  article: key => shop.catalogue.article(key),
  hasBrand: brand => shop.hasBrand(brand),
  lane: (source, kind) => shop.links.lane(source, kind),
  pageLane: source => pageLaneOf(source, shop),
  dismissed: (source, kind) => shop.dismissed.lane(source, kind),
  neighbours: source => shop.neighboursOf(source),
  isSwitchedOff: (source, section) => shop.switchedOff(source).has(section),
  versions: shop.versions,
  stored: () => stored.product,
  release: () => stored.release,
})

/** The lane of an article or category; see links/pageLanes.ts. */
export function pageLaneOf(source: string, shop: Pick<ShopView, 'catalogue' | 'relatedCategories'>): Lane {
  const { page, key } = pageOfSource(source)!
  const targets = page === 'article' ? shop.catalogue.article(key)?.products : shop.relatedCategories(key)
  return targets?.map(target => ({ target })) ?? []
}
