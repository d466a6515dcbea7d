import type { PageKind } from '../pagePlans/pagePlan'
import type { Page } from './shop'
import type { Shopper } from '../candidates/shopper'
import type { Moment } from '../time/moment'

/** The page of a kind about one thing; a cart page is about none. */
export function pageAbout(kind: PageKind, subject: string): Page {
  if (kind === 'cart') return { kind }
  return kind === 'category' || kind === 'article' ? { kind, key: subject } : { kind, sku: subject }
}

/**
 * A first visit of somebody to a page about one thing; on a cart page it is alone in the cart.
 */
export function visitTo(kind: PageKind, subject: string, at: Moment): [page: Page, shopper: Shopper] {
  return [pageAbout(kind, subject), { cart: kind === 'cart' ? [subject] : [], seen: [], visitor: '', view: '', at }]
}
