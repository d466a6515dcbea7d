import type { Catalogue } from '../catalogue/catalogue'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { LinkKind } from '../links/kind'
import type { LinkIndex } from '../links/linkIndex'
import type { SelectionIndex } from './selectionIndex'
import type { Shopper } from './shopper'

/** What candidates are looked for in. */
export interface StepShop {
  catalogue: Catalogue
  /** The same products, in lists by trait and order. */
  index: SelectionIndex
  links: Pick<LinkIndex, 'lane' | 'items' | 'detailedLane'>
  kinds: ReadonlyMap<string, LinkKind>
  /** Which traits of a product count for its neighbours, and which categories are left out. */
  neighboursOf(sku: string): NeighbourSettings
  /** Keys of the categories that were chosen as related to one, in their order. */
  relatedCategories(key: string): readonly string[]
}

/** What a fill step looks for candidates with. */
export interface StepContext {
  shop: StepShop
  shopper: Shopper
  /** SKUs of the products that the page is about. */
  subjects: readonly string[]
  /** The category that the page is about; null when it is about none. */
  category: string | null
  /** SKUs of what the article names that the page is about; null when it is about none. */
  named: readonly string[] | null
  /** SKUs of the products in the cart, most recently added first. */
  cart: readonly string[]
  isCartPage: boolean
  /** Of the section. */
  key: string
}
