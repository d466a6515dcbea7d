import type { Shopper } from '../candidates/shopper'
import type { Page, PageKind } from '../pageTypes/registry'
import { pageTypes } from '../pageTypes/registry'
import type { Moment } from '../time/moment'

/** A first visit of somebody to a page about one thing; on a cart page it is alone in the cart. */
export function visitTo(kind: PageKind, subject: string, at: Moment): [page: Page, shopper: Shopper] {
  const { pageAbout, isOfCart } = pageTypes[kind]
  return [pageAbout(subject), { cart: isOfCart && subject ? [subject] : [], seen: [], visitor: '', view: '', at }]
}
