import type { StepShop } from '../candidates/stepContext'
import type { Offer } from '../offers/offer'
import type { Page } from '../pageTypes/registry'
import type { PlanBook } from '../pagePlans/planBook'
import type { Section } from '../sections/section'

/** Everything that selection reads. It must not change while a page is resolved. */
export interface Shop extends StepShop {
  /** Together offers, in the order of their ranks. */
  offers: readonly Offer[]
  sections: ReadonlyMap<string, Section>
  /** Which page gets which plan. */
  plans: PlanBook
  /** Keys of the sections that are never shown on a product's page. */
  switchedOff(sku: string): ReadonlySet<string>
}

/** The page is about a product, category or article that the shop doesn't have. */
export class UnknownSubjectError extends Error {
  readonly subject: string

  constructor(page: Page) {
    const subject = nameOf(page)
    super('sku' in page ? `There is no product with the SKU ${subject}.` : `There is no ${page.kind} with the key ${subject}.`)
    this.name = 'UnknownSubjectError'
    this.subject = subject
  }
}

function nameOf(page: Page): string {
  if ('sku' in page) return page.sku
  return 'key' in page ? page.key : page.kind
}
