import type { Moment } from '../time/moment'

/** Who looks at the page, and when. */
export interface Shopper {
  /** SKUs of products or variants in the cart, most recently added first. SKUs the shop doesn't have are ignored. */
  cart: readonly string[]
  /** SKUs of what was chosen for the parts of bundles in the cart; what is always in them need not be told. Left out: nothing. */
  chosenParts?: readonly string[]
  /** SKUs of products or variants that were viewed before, most recent first. SKUs the shop doesn't have are ignored. */
  seen: readonly string[]
  /** Names the visitor: seeds the shuffles that last for a day. */
  visitor: string
  /** Names this one view: seeds the shuffles that change with every view. */
  view: string
  at: Moment
}
