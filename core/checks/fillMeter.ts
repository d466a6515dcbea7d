import type { Shop } from '../selection/shop'
import type { CountedPage, Fill } from './fill'
import { fillCounter } from './fill'

const pagesInStep = 50
const notServed = -1

/** What a section shows on the page of every product, kept so that single pages can be counted anew. */
export class FillMeter {
  readonly #shop: Shop
  readonly #section: string
  readonly #page: CountedPage
  #counts = new Int8Array()

  constructor(shop: Shop, section: string, page: CountedPage) {
    this.#shop = shop
    this.#section = section
    this.#page = page
  }

  /**
   * Counts all pages, some in each step; it tells how many are done.
   * @param at milliseconds since 1970-01-01 UTC
   * @returns whether there is such a section
   */
  *counting(at: number): Generator<number, boolean> {
    const { index } = this.#shop
    const count = this.#counter(at)
    if (!count) return false
    const counts = new Int8Array(index.size)
    for (let position = 0; position < index.size; position++) {
      counts[position] = count(position)
      if (position % pagesInStep === 0) yield position
    }
    this.#counts = counts
    return true
  }

  /** Takes over the counts of a meter that counts the same. */
  take(other: FillMeter): void {
    this.#counts = other.#counts.slice()
  }

  /** Counts single pages anew. */
  recount(positions: Iterable<number>, at: number): void {
    const count = this.#counter(at)
    if (count) for (const position of positions) this.#counts[position] = count(position)
  }

  get fill(): Fill {
    const { places } = this.#shop.sections.get(this.#section)!
    const pages = Array<number>(places + 1).fill(0)
    for (const count of this.#counts) if (count !== notServed) pages[count]!++
    return { places, pages }
  }

  /** Positions of the products whose page shows from so many to so many. */
  *positionsWith(from: number, to: number): Generator<number> {
    for (const [position, count] of this.#counts.entries()) if (count >= from && count <= to) yield position
  }

  /** Whether the change of one product can change the pages of others that are not linked to it. */
  get looksFurther(): boolean {
    const { sections, plans } = this.#shop
    const plan = plans.get(this.#page)!
    const keys = new Set([this.#section, ...plan.zones.flatMap(zone => zone.sections)])
    return [...keys].some(key => sections.get(key)?.steps.some(step => !step.off && step.from !== 'links'))
  }

  /** Shoppers come to the pages of active products only. */
  #counter(at: number): ((position: number) => number) | null {
    const count = fillCounter(this.#shop, this.#section, this.#page)
    return count && ((position) => {
      const product = this.#shop.index.productAt(position)
      return product.status === 'active' ? count(product.sku, at) : notServed
    })
  }
}
