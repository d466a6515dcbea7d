import { productChecks } from '../../core/checks/check'
import type { Finding, ProductCheck } from '../../core/checks/check'
import { FindingBook } from '../../core/checks/findingBook'
import { ruleFindings, sameFindings } from '../../core/checks/sectionFindings'
import type { SectionFinding } from '../../core/checks/sectionFindings'
import type { StaleFindings } from '../../core/journal/counting'
import type { Change } from '../../core/records/registry'
import { recordOf } from '../../core/records/registry'
import { heeds } from '../../core/sections/heeds'
import type { Moment } from '../../core/time/moment'
import type { Shop } from '../../core/selection/shop'
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
  readonly #rules = new Kept(ruleFindings)
  readonly #same = new Kept(sameFindings)
  #checkedAt = 0

  constructor(shop: CountingShop) {
    this.#shop = shop
    this.#book = this.#newBook()
  }

  #newBook(): FindingBook {
    const { live, putAside } = this.#shop
    return new FindingBook(
      live,
      finding => putAside.reason(finding) !== null,
      sku => this.#shop.positionOf(sku),
    )
  }

  /** Marks what a change, which the shop has taken over, makes stale. */
  apply(change: Change): void {
    recordOf(change).counting?.findings?.(change, this.#staleFindings)
  }

  readonly #staleFindings: StaleFindings = {
    heeds: fact => [...this.#shop.live.sections.values()].some(section => heeds(section, fact)),
    lane: change => {
      this.#next?.relinked(change)
      for (const position of this.#book.relinked(change)) this.#mark(position)
    },
    product: sku => this.#mark(this.#shop.positionOf(sku)),
    productsLinkingTo: sku => {
      for (const position of this.#shop.links.sourcesOf(sku)) this.#mark(position)
    },
    bundles: () => {
      for (const sku of this.#shop.live.catalogue.bundles) this.#mark(this.#shop.positionOf(sku))
    },
    allProducts: () => (this.#stale = 'all'),
    rules: () => (this.#rules.isStale = this.#same.isStale = true),
    sameShown: () => (this.#same.isStale = true),
  }

  /** Has all products looked at anew when it is long ago. */
  asked(now: number): void {
    if (now - this.#checkedAt > staleAfter) this.#stale = 'all'
  }

  get areProductsStale(): boolean {
    return this.#stale === 'all' || this.#stale.size > 0
  }

  get areSectionsStale(): boolean {
    return this.#rules.isStale || this.#same.isStale
  }

  /** Rules and sections were looked at since something changed that bears on them. */
  get areSectionsDone(): boolean {
    return this.#rules.isDone && this.#same.isDone
  }

  /** Looks at the products that are stale, some in each step; it tells how many are done. */
  *checkingProducts(now: Moment): Generator<number, void> {
    const stale = this.#stale
    this.#stale = new Set()
    if (stale === 'all') {
      this.#checkedAt = now.ms
      this.#next = this.#newBook()
      yield* this.#next.checking(now)
      this.#book = this.#next
      this.#next = null
    } else {
      this.#book.recheck(stale, now)
    }
  }

  /** Looks at rules, or else at the sections of each page. */
  *checkingSections(now: Moment): Generator<number, void> {
    const { live } = this.#shop
    const checking = (this.#rules.isStale ? this.#rules : this.#same).checking(live, now)
    while (!checking.next().done) yield live.catalogue.products.length
  }

  get counts(): Record<ProductCheck, number> {
    return Object.fromEntries(productChecks.map(each => [each, this.#book.count(each)])) as Record<ProductCheck, number>
  }

  /** Found on rules, and on sections that stand on one page. */
  get onSections(): readonly SectionFinding[] {
    return [...this.#rules.found, ...this.#same.found]
  }

  /** Some of what a check found on products. */
  findings(check: ProductCheck, from: number, now: Moment): Generator<Finding> {
    return this.#book.findings(check, from, now)
  }

  #mark(position: number | undefined): void {
    if (position !== undefined && this.#stale !== 'all') this.#stale.add(position)
  }
}

/** What was found by checking the whole shop, and whether that still holds. */
class Kept {
  readonly #check: (shop: Shop, at: Moment) => Generator<void, SectionFinding[]>
  found: readonly SectionFinding[] = []
  isStale = true
  #isChecking = false

  constructor(check: (shop: Shop, at: Moment) => Generator<void, SectionFinding[]>) {
    this.#check = check
  }

  get isDone(): boolean {
    return !this.isStale && !this.#isChecking
  }

  *checking(shop: Shop, at: Moment): Generator<void, void> {
    this.isStale = false
    this.#isChecking = true
    this.found = yield* this.#check(shop, at)
    this.#isChecking = false
  }
}
