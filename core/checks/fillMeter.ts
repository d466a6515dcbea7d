import type { Offer } from '../offers/offer'
import { offerHangsOn, offerHeeds } from '../offers/offered'
import type { PageKind } from '../pageTypes/registry'
import { stepTypeOf } from '../fillSteps/fillStep'
import type { SoldFact } from '../fillSteps/fillStepType'
import { countHeeds, heeds } from '../sections/heeds'
import type { Section } from '../sections/section'
import type { Shop } from '../selection/shop'
import type { CountedPages } from './countedPages'
import { countedPages } from './countedPages'
import type { Fill, Shown } from './fill'
import { offersBearingOn, sectionsBearingOn, shownFor } from './fill'
import type { Moment } from '../time/moment'

const pagesInStep = 50
const notServed = -1

/** What a section shows on all pages of a kind, kept so that single pages can be counted anew. */
export class FillMeter {
  readonly #shop: Shop
  readonly #section: string
  readonly #page: PageKind
  /** Its pages, by numbers. */
  readonly pages: CountedPages
  #counts = new Int8Array()
  /** How many products each step shows, page by page. */
  #bySteps = new Uint8Array()
  /** How many steps the section had when it was counted. */
  #stepCount = 0

  constructor(shop: Shop, section: string, page: PageKind) {
    this.#shop = shop
    this.#section = section
    this.#page = page
    this.pages = countedPages(shop, page)
  }

  /**
   * Counts all pages, some in each step; it tells how many are done.
   * @returns whether there is such a section
   */
  *counting(at: Moment): Generator<number, boolean> {
    const { sections } = this.#shop
    const { size } = this.pages
    const shown = this.#shown(at)
    if (!shown) return false
    const counts = new Int8Array(size)
    const stepCount = sections.get(this.#section)!.steps.length
    const bySteps = new Uint8Array(size * stepCount)
    for (let number = 0; number < size; number++) {
      count(number, shown(number), counts, bySteps, stepCount)
      if (number % pagesInStep === 0) yield number
    }
    this.#counts = counts
    this.#bySteps = bySteps
    this.#stepCount = stepCount
    return true
  }

  /** Takes over the counts of a meter that counts the same. */
  copyFrom(other: FillMeter): void {
    this.#counts = other.#counts.slice()
    this.#bySteps = other.#bySteps.slice()
    this.#stepCount = other.#stepCount
  }

  /** Counts single pages anew. */
  recount(numbers: Iterable<number>, at: Moment): void {
    const shown = this.#shown(at)
    if (shown) for (const number of numbers) count(number, shown(number), this.#counts, this.#bySteps, this.#stepCount)
  }

  get fill(): Fill {
    const { places } = this.#shop.sections.get(this.#section)!
    const pages = Array<number>(places + 1).fill(0)
    for (const count of this.#counts) if (count !== notServed) pages[count]!++
    const steps = Array<number>(this.#stepCount).fill(0)
    for (const [i, count] of this.#bySteps.entries()) steps[i % steps.length]! += count
    return { places, pages, steps, unpicked: this.#unpicked() }
  }

  /** On how many pages something is shown, and nothing of it was picked by hand. */
  #unpicked(): number {
    const byHand = this.#shop.sections.get(this.#section)!.steps.flatMap((step, i) => (stepTypeOf(step).isByHand ? [i] : []))
    if (!byHand.length) return 0
    return this.#counts.reduce(
      (sum, count, number) => sum + Number(count > 0 && byHand.every(i => !this.#bySteps[number * this.#stepCount + i])),
      0,
    )
  }

  /** SKUs or keys of what the pages are about that show from so many to so many. */
  *subjectsWith(from: number, to: number): Generator<string> {
    for (const [number, count] of this.#counts.entries()) if (count >= from && count <= to) yield this.pages.subjectAt(number)!
  }

  /**
   * Whether the change of a product can change the pages of others that are not linked to it.
   * @param skus of the product and its variants
   */
  hangsOnOthers(skus: ReadonlySet<string>): boolean {
    return (
      [this.#own, ...this.#bearing].some(section => section?.steps.some(step => !step.off && !stepTypeOf(step).isOfLinksAlone)) ||
      this.#offersBearing.some(offer => offerHangsOn(offer, skus))
    )
  }

  /** Whether the counts can depend on how many units there are of a product, or were sold of it. */
  heeds(fact: SoldFact): boolean {
    // Of what stands before it, it matters which products are shown; of the section itself, how many.
    return (
      (this.#own !== undefined && countHeeds(this.#own, fact)) ||
      this.#bearing.some(section => heeds(section, fact)) ||
      this.#offersBearing.some(offer => offerHeeds(offer, fact))
    )
  }

  get #own(): Section | undefined {
    return this.#shop.sections.get(this.#section)
  }

  get #bearing(): Section[] {
    return this.#own ? sectionsBearingOn(this.#own, this.#shop, this.#page) : []
  }

  get #offersBearing(): Offer[] {
    return this.#own ? offersBearingOn(this.#own, this.#shop, this.#page) : []
  }

  #shown(at: Moment): ((number: number) => readonly Shown[] | null) | null {
    const shown = shownFor(this.#shop, this.#section, this.#page)
    return (
      shown &&
      (number => {
        const subject = this.pages.subjectAt(number)
        return subject === null ? null : shown(subject, at)
      })
    )
  }
}

function count(number: number, shown: readonly Shown[] | null, counts: Int8Array, bySteps: Uint8Array, stepCount: number): void {
  counts[number] = shown ? shown.length : notServed
  bySteps.fill(0, number * stepCount, (number + 1) * stepCount)
  for (const { step } of shown ?? []) bySteps[number * stepCount + step]!++
}
