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
