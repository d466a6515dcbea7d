import equal from 'fast-deep-equal'
import { productChecks } from '../../core/checks/check'
import type { Finding, ProductCheck } from '../../core/checks/check'
import { FindingBook } from '../../core/checks/findingBook'
import { planFindings } from '../../core/checks/sectionFindings'
import type { SectionFinding } from '../../core/checks/sectionFindings'
import type { Change } from '../../core/commands/change'
import type { CountingShop } from './countingShop'

/** Links begin and end while nobody changes anything: after so long all products are looked at anew. */
const staleAfter = 600_000

/** What the checks found, kept current: product by product, and on the sections and rules as shoppers have them. */
export class CheckRun {
  readonly #shop: CountingShop
  #book: FindingBook
  /** A new book while all products are looked at; until it is whole, the one before is told of. */
  #next: FindingBook | null = null
  /** Positions of products to be looked at anew. */
  #stale: Set<number> | 'all' = 'all'
  #arePlansStale = true
  #arePlansDone = false
  #lookedAt = 0
  #onPlans: SectionFinding[] = []

  constructor(shop: CountingShop) {
    this.#shop = shop
    this.#book = this.#newBook()
  }

  #newBook(): FindingBook {
    const { live, putAside } = this.#shop
    return new FindingBook(live, finding => putAside.reason(finding) !== null, sku => this.#shop.positionOf(sku))
  }

  /** Marks what a change, which the shop has taken over, makes stale. */
  take(change: Change): void {
    switch (change.of) {
      case 'links':
        this.#next?.relinked(change)
        for (const position of this.#book.relinked(change)) this.#mark(position)
        this.#arePlansStale = true
        break
      case 'putAside': this.#mark(this.#shop.positionOf(change.source)); break
      case 'product':
        this.#mark(this.#shop.positionOf(change.source))
        for (const position of this.#shop.links.sourcesOf(change.source)) this.#mark(position)
        this.#arePlansStale = true
        break
      case 'kind': this.#stale = 'all'; this.#arePlansStale = true; break
      case 'section': case 'plan':
        if (!equal(change.before?.live, change.after?.live)) this.#arePlansStale = true
        break
      case 'neighbours': case 'switchedOff': this.#arePlansStale = true
    }
  }

  /** Has all products looked at anew when it is long ago. */
  asked(now: number): void {
    if (now - this.#lookedAt > staleAfter) this.#stale = 'all'
  }

  get areProductsStale(): boolean {
    return this.#stale === 'all' || this.#stale.size > 0
  }

  get arePlansStale(): boolean {
    return this.#arePlansStale
  }

  /** Rules and sections were looked at since they changed last. */
  get arePlansDone(): boolean {
    return this.#arePlansDone && !this.#arePlansStale
  }

  /** Looks at the products that are stale, some in each step; it tells how many are done. */
  *lookingAtProducts(now: number): Generator<number, void> {
    const stale = this.#stale
    this.#stale = new Set()
    if (stale === 'all') {
      this.#lookedAt = now
      this.#next = this.#newBook()
      yield* this.#next.looking(now)
      this.#book = this.#next
      this.#next = null
    } else {
      this.#book.lookAgain(stale, now)
    }
  }

  /** Looks at rules and at sections that stand on one page. */
  *lookingAtPlans(now: number): Generator<number, void> {
    this.#arePlansStale = false
    this.#arePlansDone = false
    const looking = planFindings(this.#shop.live, now)
    let step = looking.next()
    for (; !step.done; step = looking.next()) yield this.#shop.live.catalogue.products.length
    this.#onPlans = step.value
    this.#arePlansDone = true
  }

  get counts(): Record<ProductCheck, number> {
    return Object.fromEntries(productChecks.map(each => [each, this.#book.count(each)])) as Record<ProductCheck, number>
  }

  /** Found on rules, and on sections that stand on one page. */
  get onPlans(): readonly SectionFinding[] {
    return this.#onPlans
  }

  /** Some of what a check found on products. */
  findings(check: ProductCheck, from: number, now: number): Generator<Finding> {
    return this.#book.findings(check, from, now)
  }

  #mark(position: number | undefined): void {
    if (position !== undefined && this.#stale !== 'all') this.#stale.add(position)
  }
}
