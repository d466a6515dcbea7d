import type { LargeShop } from './largeShop'
import type { MeasuredServer } from './measuredServer'

/** A line of the table: what was measured, how much it was, and how much it may be. */
export interface Row {
  measured: string
  value: string
  bar?: string
}

/** What the parts are measured on. */
export interface Bench {
  shop: LargeShop
  /** A data folder with the shop in it. */
  folder: string
  /** SKUs of products that shoppers are shown. */
  skus: string[]
  /** Started for the first who asks; all parts ask the same one, as a shop does that has been up for long. */
  server(): Promise<MeasuredServer>
}

/** What is measured together, and can be by itself: `npm run bench -- --only <name>`. */
export interface Part {
  name: string
  measure(bench: Bench): Promise<Row[]>
}

export const row = (measured: string, value: string, bar?: string): Row => ({ measured, value, ...(bar && { bar }) })
export const ms = (value: number) => `${value.toFixed(value < 10 ? 3 : 0)} ms`
export const s = (value: number) => `${value.toFixed(1)} s`
export const mb = (value: number) => `${value.toFixed(0)} MB`
