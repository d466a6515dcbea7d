import type { Article, Catalogue, Category } from '../catalogue/catalogue'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { LinkKind } from '../links/kind'
import type { LinkIndex } from '../links/linkIndex'
import type { AllVersions } from '../releases/draftedSorts'
import type { ReleaseContent } from '../releases/release'
import type { States } from './states'

/** The shop as records and their commands see it. What a record has to itself it finds in `states`; what others ask for has a name here. */
export interface ShopView {
  states: States
  settings: ShopSettings
  catalogue: Catalogue
  categories: readonly Category[]
  articles: readonly Article[]
  /** By key, in their order. */
  kinds: ReadonlyMap<string, LinkKind>
  links: LinkIndex
  dismissed: LinkIndex
  /** The product that a bundle is kept as, without what follows from its parts, and without its description. */
  keptBundle(sku: string): Product | undefined
  /** What is drafted and published. */
  versions: AllVersions
  /** Keys of the categories that were chosen as related to one. */
  relatedCategories(key: string): readonly string[]
  neighboursOf(sku: string): NeighbourSettings
  switchedOff(sku: string): ReadonlySet<string>
  /** Units sold of a product, variant or bundle by its own SKU. */
  unitsSold(sku: string): number
  /** Whether any product is of this brand. */
  hasBrand(brand: string): boolean
}

/** What planning a command needs beside the shop in memory; read from the database before. */
export interface Stored {
  /** The product that the command names; undefined: there is none. */
  product: Product | undefined
  /** The release that the command names; undefined: there is none. */
  release: ReleaseContent | undefined
}
