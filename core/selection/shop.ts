import type { Catalogue } from '../catalogue/catalogue'
import type { LinkKind } from '../links/kind'
import type { Lane } from '../links/lane'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { PlanBook } from '../pagePlans/planBook'
import type { Section } from '../sections/section'
import type { SelectionIndex } from '../candidates/selectionIndex'
import type { Moment } from '../time/moment'

/** Everything that selection reads. It must not change while a page is resolved. */
export interface Shop {
  catalogue: Catalogue
  /** The same products, in lists by trait and order. */
  index: SelectionIndex
  links: { lane(source: string, kind: string): Lane }
  kinds: ReadonlyMap<string, LinkKind>
  sections: ReadonlyMap<string, Section>
  /** Which page gets which plan. */
  plans: PlanBook
  /** Which traits of a product count for its neighbours, and which categories are left out. */
  neighboursOf(sku: string): NeighbourSettings
  /** Keys of the categories that were chosen as related to one, in their order. */
  relatedCategories(key: string): readonly string[]
  /** Keys of the sections that are never shown on a product's page. */
  switchedOff(sku: string): ReadonlySet<string>
}

/** Which page is asked for. `sku` may be a variant's: the page is then its product's. */
export type Page =
  | { kind: 'product', sku: string }
  | { kind: 'added', sku: string }
  | { kind: 'category', key: string }
  | { kind: 'article', key: string }
  | { kind: 'cart' }

/** Who looks at the page, and when. */
export interface Shopper {
  /** SKUs of products or variants in the cart, most recently added first. SKUs the shop doesn't have are ignored. */
  cart: readonly string[]
  /** SKUs of products or variants that were viewed before, most recent first. SKUs the shop doesn't have are ignored. */
  seen: readonly string[]
  /** Names the visitor: seeds the shuffles that last for a day. */
  visitor: string
  /** Names this one view: seeds the shuffles that change with every view. */
  view: string
  at: Moment
}

/** The page is about a product, category or article that the shop doesn't have. */
export class UnknownSubjectError extends Error {
  readonly subject: string

  constructor(page: Page) {
    const subject = page.kind === 'cart' ? 'cart' : 'sku' in page ? page.sku : page.key
    super('sku' in page ? `There is no product with the SKU ${subject}.` : `There is no ${page.kind} with the key ${subject}.`)
    this.name = 'UnknownSubjectError'
    this.subject = subject
  }
}
