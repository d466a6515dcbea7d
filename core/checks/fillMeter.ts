import { sectionsOf } from '../pagePlans/pagePlan'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { SoldFact } from '../fillSteps/fillStepType'
import { heeds } from '../sections/heeds'
import type { Section } from '../sections/section'
import type { Candidate } from '../candidates/candidate'
import type { Shop } from '../selection/shop'
import type { CountedPage, Fill } from './fill'
import { shownFor } from './fill'
import type { Moment } from '../time/moment'

const pagesInStep = 50
const notServed = -1

/** What a section shows on the page of every product, kept so that single pages can be counted anew. */
export class FillMeter {
  readonly #shop: Shop
  readonly #section: string
  readonly #page: CountedPage
  #counts = new Int8Array()
  /** How many products each step shows, page by page. */
  #bySteps = new Uint8Array()
  /** How many steps the section had when it was counted. */
  #stepCount = 0

  constructor(shop: Shop, section: string, page: CountedPage) {
    this.#shop = shop
    this.#section = section
    this.#page = page
  }

  /**
   * Counts all pages, some in each step; it tells how many are done.
   * @returns whether there is such a section
   */
  *counting(at: Moment): Generator<number, boolean> {
    const { index, sections } = this.#shop
    const shown = this.#shown(at)
    if (!shown) return false
    const counts = new Int8Array(index.size)
    const stepCount = sections.get(this.#section)!.steps.length
    const bySteps = new Uint8Array(index.size * stepCount)
    for (let position = 0; position < index.size; position++) {
      count(position, shown(position), counts, bySteps, stepCount)
      if (position % pagesInStep === 0) yield position
    }
    this.#counts = counts
    this.#bySteps = bySteps
    this.#stepCount = stepCount
    return true
  }

  /** Takes over the counts of a meter that counts the same. */
  take(other: FillMeter): void {
    this.#counts = other.#counts.slice()
    this.#bySteps = other.#bySteps.slice()
    this.#stepCount = other.#stepCount
  }

  /** Counts single pages anew. */
  recount(positions: Iterable<number>, at: Moment): void {
    const shown = this.#shown(at)
    if (shown) for (const position of positions) count(position, shown(position), this.#counts, this.#bySteps, this.#stepCount)
  }

  get fill(): Fill {
    const { places } = this.#shop.sections.get(this.#section)!
    const pages = Array<number>(places + 1).fill(0)
    for (const count of this.#counts) if (count !== notServed) pages[count]!++
    const steps = Array<number>(this.#stepCount).fill(0)
    for (const [i, count] of this.#bySteps.entries()) steps[i % steps.length]! += count
    return { places, pages, steps }
  }

  /** Positions of the products whose page shows from so many to so many. */
  *positionsWith(from: number, to: number): Generator<number> {
    for (const [position, count] of this.#counts.entries()) if (count >= from && count <= to) yield position
  }

  /** Whether the change of one product can change the pages of others that are not linked to it. */
  get looksFurther(): boolean {
    return this.#counted.some(section => section.steps.some(step => !step.off && !stepTypeOf(step).isOfLinksAlone))
  }

  /** Whether it can change what is shown how many units there are of a product, or were sold of it. */
  heeds(fact: SoldFact): boolean {
    return this.#counted.some(section => heeds(section, fact))
  }

  /** The section, and those that stand on pages with it. */
  get #counted(): Section[] {
    const { sections, plans } = this.#shop
    const keys = new Set([this.#section, ...plans.of(this.#page).flatMap(sectionsOf)])
    return [...keys].flatMap(key => sections.get(key) ?? [])
  }

  /** Shoppers come to the pages of active products only. */
  #shown(at: Moment): ((position: number) => readonly Candidate[] | null) | null {
    const shown = shownFor(this.#shop, this.#section, this.#page)
    return shown && ((position) => {
      const product = this.#shop.index.productAt(position)
      return product.status === 'active' ? shown(product.sku, at) : null
    })
  }
}

function count(position: number, shown: readonly Candidate[] | null, counts: Int8Array, bySteps: Uint8Array, stepCount: number): void {
  counts[position] = shown ? shown.length : notServed
  bySteps.fill(0, position * stepCount, (position + 1) * stepCount)
  for (const { step } of shown ?? []) bySteps[position * stepCount + step]!++
}
