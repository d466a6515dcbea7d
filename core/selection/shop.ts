import type { StepShop } from '../candidates/stepContext'
import type { PlanBook } from '../pagePlans/planBook'
import type { Section } from '../sections/section'

/** Everything that selection reads. It must not change while a page is resolved. */
export interface Shop extends StepShop {
  sections: ReadonlyMap<string, Section>
  /** Which page gets which plan. */
  plans: PlanBook
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
