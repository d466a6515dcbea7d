import { byCode } from '../text/codeOrder'
import { z } from 'zod'
import { sortNumber } from '../catalogue/sortOrders'
import type { Product, ProductStatus } from '../catalogue/product'
import { differOnlyInStock, productStatusSchema, stockOf } from '../catalogue/product'
import type { Gaps } from '../catalogue/gaps'
import type { Placed } from '../catalogue/placed'
import { putIn, takeOut } from '../sorted'
import { sorting } from '../steps'
import { nameOrder } from '../text/nameOrder'
import type { Facets } from './facets'
import { FacetLists } from './facets'
import { Postings } from './postings'
import type { ProductFilter } from './productFilter'

export const productSortSchema = z.enum(['match', 'name', 'cheapest', 'dearest', 'newest', 'best-selling', 'fewest-links'])
export type ProductSort = z.infer<typeof productSortSchema>
/** These sort by a number of the product, then by name; the others follow its words or its links. */
const numberSorts = ['cheapest', 'dearest', 'newest', 'best-selling'] as const
type NumberSort = (typeof numberSorts)[number]
type OwnSort = NumberSort | 'name'

/** What the finder asks about besides the products themselves. */
export interface FinderFacts {
  /** The name that lists sort by. */
  nameOf(product: Product): string
  /** Units sold. */
  sold(sku: string): number
  /** The keys of a category and of all below it. */
  categoriesFrom(key: string): ReadonlySet<string>
  /** Keys of the kinds whose links count. */
  kinds(): readonly string[]
  linkCount(sku: string, kind: string): number
  problemCount(sku: string): number
  /** SKUs of the products that link to this product or variant. */
  sourcesOf(sku: string): Iterable<string>
  /** BCP 47 tag of the language that names are put in order of. */
  language: string
}

/** Products that are taken up before a pause. */
const productsInStep = 100

/**
 * Finds products by filter and puts them in order. What filters ask about stands in columns and inverted lists by position,
 * and the orders are worked out once, so that a search is a few walks over small numbers and needs no sorting.
 */
export class ProductFinder {
  readonly postings: Postings
  readonly #facets: FacetLists
  readonly #compareNames: (a: string, b: string) => number
  readonly #products: Product[]
  readonly #names: string[]
  readonly #facts: FinderFacts
  readonly #orders = new Map<OwnSort, number[]>()
  /** What orders go by, by position. */
  readonly #numbers = new Map<NumberSort, number[]>()
  #status: Uint8Array<ArrayBuffer>
  #inStock: Uint8Array<ArrayBuffer>
  #price: Float64Array<ArrayBuffer>
  #links: ReadonlyMap<string, Uint16Array<ArrayBuffer>>
  #problems: Uint16Array<ArrayBuffer>
  /** Positions whose problems have to be counted anew; until then those before are told. */
  readonly #stale = new Set<number>()
  #areKindsStale = false

  private constructor(products: readonly Product[], facts: FinderFacts, postings: Postings, facets: FacetLists) {
    this.#products = [...products]
    this.#names = Array<string>(products.length).fill('')
    this.#facts = facts
    this.postings = postings
    this.#facets = facets
    this.#compareNames = nameOrder(facts.language)
    this.#status = new Uint8Array(products.length)
    this.#inStock = new Uint8Array(products.length)
    this.#price = new Float64Array(products.length)
    this.#links = new Map(facts.kinds().map(kind => [kind, new Uint16Array(products.length)]))
    this.#problems = new Uint16Array(products.length)
  }

  /** A finder of these products; a part of the work in each step. */
  static *building(products: readonly Product[], facts: FinderFacts): Generator<void, ProductFinder> {
    const postings = yield* Postings.building(products)
    const finder = new ProductFinder(products, facts, postings, yield* FacetLists.building(postings, facts.language))
    for (const sort of numberSorts) finder.#numbers.set(sort, [])
    for (const [position, product] of products.entries()) {
      finder.#takeFacts({ position, product })
      for (const [kind, counts] of finder.#links) counts[position] = facts.linkCount(product.sku, kind)
      finder.#countProblems(position)
      if (position % productsInStep === 0) yield
    }
    const byName = yield* sorting(Uint32Array.from(products.keys()), finder.#byName)
    finder.#orders.set('name', Array.from(byName))
    for (const sort of numberSorts) {
      const numbers = finder.#numbers.get(sort)!
      // The sort is stable: equal ones stay in the order of their names.
      finder.#orders.set(sort, Array.from(yield* sorting(byName.slice(), (a, b) => numbers[a]! - numbers[b]!)))
    }
    return finder
  }

  /** What filters can be set to. */
  get facets(): Facets {
    return this.#facets.facets
  }

  /**
   * Takes over that products have become others with the same SKUs, or are new, or were sold. The lists by trait have taken them over
   * already.
   * Call `recounting` after it.
   * @param placed the positions of new ones are next to the last, one after the other
   */
  put(placed: readonly Placed[]): void {
    const before = placed.map(({ position }) => this.#products[position])
    const moves = Array.from(this.#orders, ([sort, order]) => {
      const moved = placed.filter((each, i) => !before[i] || this.#hasMoved(sort, each))
      return { order, moved: moved.map(each => each.position), compare: this.#comparing(sort) }
    })
    for (const { order, moved, compare } of moves)
      takeOut(
        order,
        moved.filter(position => position < this.#products.length),
        compare,
      )
    this.#grow(placed.filter((_, i) => !before[i]))
    for (const each of placed) this.#takeFacts(each)
    for (const { order, moved, compare } of moves) putIn(order, moved, compare)
    for (const [i, { position, product }] of placed.entries()) {
      const was = before[i]
      // Whether its links, and the links to it, have problems may have changed too.
      if (was && differOnlyInStock(was, product)) continue
      this.#stale.add(position)
      for (const each of was ? [product, was] : [product]) this.#markLinking(each)
    }
  }

  /** Takes products away; the lists by trait have them still. Call `recounting` after it. */
  remove(gaps: Gaps): void {
    for (const [sort, order] of this.#orders) {
      takeOut(order, gaps.positions, this.#comparing(sort))
      gaps.rename(order)
    }
    for (const position of gaps.positions) this.#markLinking(this.#products[position]!)
    const stale = [...this.#stale].filter(position => !gaps.has(position))
    this.#stale.clear()
    for (const position of stale) this.#stale.add(gaps.after(position))
    for (const list of [this.#products, this.#names, ...this.#numbers.values()]) gaps.close(list)
    const left = <Column extends ColumnType>(column: Column): Column => gaps.closed(column)
    this.#setColumns(left, left)
  }

  /** What links to a product, or to a variant of it, may have a problem now. */
  #markLinking({ sku, variants }: Product): void {
    for (const each of [sku, ...variants.map(variant => variant.sku)])
      for (const source of this.#facts.sourcesOf(each)) this.#markStale(source)
  }

  #hasMoved(sort: OwnSort, { position, product }: Placed): boolean {
    return (
      this.#names[position] !== this.#facts.nameOf(product) ||
      (sort !== 'name' && this.#numbers.get(sort)![position] !== this.#number(sort, product))
    )
  }

  /** Makes room for new products behind the others. */
  #grow(fresh: readonly Placed[]): void {
    if (!fresh.length) return
    const longer = <Column extends ColumnType>(column: Column): Column => {
      const grown = new (column.constructor as new (length: number) => Column)(column.length + fresh.length)
      grown.set(column)
      return grown
    }
    this.#setColumns(longer, (counts, kind) => {
      const grown = longer(counts)
      for (const { position, product } of fresh) grown[position] = this.#facts.linkCount(product.sku, kind)
      return grown
    })
  }

  #setColumns(
    change: <Column extends ColumnType>(column: Column) => Column,
    changeLinks: (counts: Uint16Array<ArrayBuffer>, kind: string) => Uint16Array<ArrayBuffer>,
  ): void {
    this.#status = change(this.#status)
    this.#inStock = change(this.#inStock)
    this.#price = change(this.#price)
    this.#problems = change(this.#problems)
    this.#links = new Map(Array.from(this.#links, ([kind, counts]) => [kind, changeLinks(counts, kind)]))
  }

  #takeFacts({ position, product }: Placed): void {
    this.#products[position] = product
    this.#names[position] = this.#facts.nameOf(product)
    this.#status[position] = statusNumber(product.status)
    this.#inStock[position] = Number(stockOf(product, null) > 0)
    this.#price[position] = product.price ?? NaN
    for (const [sort, numbers] of this.#numbers) numbers[position] = this.#number(sort, product)
  }

  readonly #byName = (a: number, b: number): number =>
    this.#compareNames(this.#names[a]!, this.#names[b]!) || bySku(this.#products[a]!, this.#products[b]!)

  #comparing(sort: OwnSort): (a: number, b: number) => number {
    if (sort === 'name') return this.#byName
    const numbers = this.#numbers.get(sort)!
    return (a, b) => numbers[a]! - numbers[b]! || this.#byName(a, b)
  }

  /** Takes over that the kinds of links have changed. Call `recounting` after it. */
  kindsChanged(): void {
    this.#areKindsStale = true
  }

  /** Takes over that the links of a product have changed. Call `recounting` after it. */
  relinked(sku: string): void {
    const position = this.postings.positionOf(sku)
    if (position === undefined) return
    for (const [kind, counts] of this.#links) counts[position] = this.#facts.linkCount(sku, kind)
    this.#stale.add(position)
  }

  #markStale(sku: string): void {
    const position = this.postings.positionOf(sku)
    if (position !== undefined) this.#stale.add(position)
  }

  /** Of how many products it has to be counted anew whether their links have problems. */
  get stale(): number {
    return this.#stale.size
  }

  /** Counts anew what changes have made stale, a part of it in each step: no search has to wait for it. */
  *recounting(): Generator<void, void> {
    yield* this.recountingLinks()
    yield* this.recountingProblems()
  }

  /** Counts links anew when their kinds have changed. No product may change between its steps. */
  *recountingLinks(): Generator<void, void> {
    if (!this.#areKindsStale) return
    this.#areKindsStale = false
    const links = new Map(this.#facts.kinds().map(kind => [kind, new Uint16Array(this.#products.length)]))
    for (const [position, { sku }] of this.#products.entries()) {
      for (const [kind, counts] of links) counts[position] = this.#facts.linkCount(sku, kind)
      this.#stale.add(position)
      if (position % productsInStep === 0) yield
    }
    this.#links = links
  }

  /** Counts anew which links have a problem, of the products of which that is stale; they may change between the steps. */
  *recountingProblems(): Generator<void, void> {
    let counted = 0
    for (const position of this.#stale) {
      this.#stale.delete(position)
      this.#countProblems(position)
      if (++counted % productsInStep === 0) yield
    }
  }

  /** Counts problems anew for the products from one position up to, and without, another: time alone changes what is for sale. */
  recountProblems(from: number, to: number): void {
    for (let position = from; position < Math.min(to, this.#products.length); position++) this.#countProblems(position)
  }

  /**
   * @param ranked positions of the products whose words match, best match first; null: words don't matter
   * @param sort `match`: as ranked, or by name when words don't matter
   * @returns positions of the products that pass the filter, in order; equal ones by name, then SKU
   */
  find(filter: ProductFilter, ranked: readonly number[] | null, sort: ProductSort): Uint32Array {
    const left = new Uint8Array(this.#products.length).fill(ranked ? 0 : 1)
    for (const position of ranked ?? []) left[position] = 1
    this.#narrow(left, filter)
    if (sort === 'match' && ranked) return Uint32Array.from(ranked.filter(position => left[position]))
    const found = marked(this.#order(sort), left)
    return sort === 'fewest-links' ? this.#byLinks(found) : found
  }

  /** Takes out of the marked products those that don't fit. */
  #narrow(left: Uint8Array, filter: ProductFilter): void {
    const { category, brand, tag, attribute, status, stock, priceFrom, priceTo, links } = filter
    if (category !== undefined) this.#keepAny(left, 'category', this.#facts.categoriesFrom(category))
    if (brand.length) this.#keepAny(left, 'brand', brand)
    for (const each of tag) this.#keepAny(left, 'tag', [each])
    for (const values of attributesByName(attribute)) this.#keepAny(left, 'attribute', values)
    if (status) keep(left, position => this.#status[position] === statusNumber(status))
    if (stock) keep(left, position => this.#inStock[position] === Number(stock === 'in'))
    // Nothing is above or below NaN, which stands for no price.
    if (priceFrom !== undefined) keep(left, position => this.#price[position]! >= priceFrom)
    if (priceTo !== undefined) keep(left, position => this.#price[position]! <= priceTo)
    if (links === 'problem') keep(left, position => this.#problems[position]! > 0)
    else if (links) {
      const counts = this.#links.get(links.kind)
      keep(left, position => (counts?.[position] ?? 0) < links.fewerThan)
    }
  }

  #keepAny(left: Uint8Array, trait: 'category' | 'brand' | 'tag' | 'attribute', values: Iterable<string>): void {
    const has = new Uint8Array(left.length)
    for (const value of values) for (const position of this.postings.of(trait, value)) has[position] = 1
    for (let position = 0; position < left.length; position++) left[position]! &= has[position]!
  }

  #countProblems(position: number): void {
    this.#problems[position] = this.#facts.problemCount(this.#products[position]!.sku)
  }

  #order(sort: ProductSort): readonly number[] {
    return this.#orders.get(sort === 'match' || sort === 'fewest-links' ? 'name' : sort)!
  }

  #number(sort: NumberSort, product: Product): number {
    return sortNumber(sort, product, this.#facts.sold(product.sku))
  }

  /** Stable, by number of links: a counting sort. */
  #byLinks(found: Uint32Array): Uint32Array {
    const totals = new Uint32Array(found.length)
    for (const counts of this.#links.values()) for (let i = 0; i < found.length; i++) totals[i]! += counts[found[i]!]!
    const next = new Uint32Array(totals.reduce((most, total) => Math.max(most, total), 0) + 2)
    for (const total of totals) next[total + 1]!++
    for (let total = 1; total < next.length; total++) next[total]! += next[total - 1]!
    const sorted = new Uint32Array(found.length)
    for (let i = 0; i < found.length; i++) sorted[next[totals[i]!]!++] = found[i]!
    return sorted
  }
}

/** Those of the positions that are marked. */
function marked(positions: readonly number[], marks: Uint8Array): Uint32Array {
  const found = new Uint32Array(positions.length)
  let count = 0
  for (const position of positions) if (marks[position]) found[count++] = position
  return found.subarray(0, count)
}

function keep(left: Uint8Array, fits: (position: number) => boolean): void {
  for (let position = 0; position < left.length; position++) if (left[position] && !fits(position)) left[position] = 0
}

/** `name=value` in groups of one name. */
function attributesByName(attributes: readonly string[]): Iterable<string[]> {
  const byName = new Map<string, string[]>()
  for (const each of attributes) {
    const name = each.slice(0, Math.max(each.indexOf('='), 0))
    byName.set(name, [...(byName.get(name) ?? []), each])
  }
  return byName.values()
}

type ColumnType = Uint8Array<ArrayBuffer> | Uint16Array<ArrayBuffer> | Float64Array<ArrayBuffer>

const statusNumber = (status: ProductStatus) => productStatusSchema.options.indexOf(status)
const bySku = (a: Product, b: Product) => byCode(a.sku, b.sku)
