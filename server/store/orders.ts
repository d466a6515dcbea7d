/** An order of a shop's past. */
export interface Order {
  number: string
  /** ISO 8601 */
  placed: string
  lines: { sku: string; quantity: number; unitPrice: number }[]
}

/** A line of an order that is placed, in minor units; behind a bundle's stand its components. */
export interface OrderRow {
  sku: string
  quantity: number
  unitPrice: number
  total: number
  /** How many rows after its bundle's; null: it is in none. */
  behind: number | null
  /** What was chosen, as the shopper read it; null: there was no choice. */
  chosen: string | null
  /** What made it cheaper. */
  reductions: OrderReduction[]
  /** What it came from: `section:key`, `offer:key`; null: not known. */
  origin: string | null
}

/** Why a line cost less, and how much, in minor units. */
export interface OrderReduction {
  code: 'bundle' | 'offer'
  /** SKU of the bundle, or key of the offer. */
  key: string
  amount: number
}

/** Which orders are looked for. */
export interface OrdersSought {
  /** How their number, or the SKU of a line, begins; empty: any. */
  words: string
  /** Placed from then on, and before then; ISO 8601; null: always. */
  from: string | null
  before: string | null
  with: 'any' | 'bundle' | 'offer'
}

/** An order in a list. */
export interface OrderHead {
  number: string
  /** ISO 8601 */
  placed: string
  /** Lines, and units of them, without components of bundles. */
  lines: number
  units: number
  /** In minor units. */
  total: number
  hasBundle: boolean
  hasOffer: boolean
}

/** A line of an order as it is kept, those of bundles before their components. */
export interface KeptLine extends Omit<OrderRow, 'behind'> {
  line: number
  /** The line of the bundle that it is in; null: it is in none. */
  within: number | null
}

/** A line of an order, with the lines that stand within it. */
export interface OrderedLine {
  number: string
  /** ISO 8601 */
  placed: string
  quantity: number
  /** In minor units. */
  total: number
  components: { sku: string; quantity: number; total: number }[]
}

/** An order that was asked for with a key, so that asking again with it makes no second one. */
export interface KeyedOrder {
  /** Tells whether the same is asked for. */
  asked: string
  /** What was answered, as it is told again. */
  answer: unknown
}

/** Days for which an order is known by its key. */
export const orderKeyDays = 30
