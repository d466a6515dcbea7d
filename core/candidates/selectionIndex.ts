import { byCode } from '../text/codeOrder'
import type { Product } from '../catalogue/product'
import type { Postings, TraitKind } from '../productSearch/postings'
import { hasSameTraits, listsOf } from '../productSearch/postings'
import type { Gaps } from '../catalogue/gaps'
import type { Placed } from '../catalogue/placed'
import type { Compare } from '../sorted'
import { putIn, takeOut } from '../sorted'
import type { SortOrder, NumberSortOrder } from '../catalogue/sortOrders'
import { sortOrders, sortNumber } from '../catalogue/sortOrders'
import { sorting } from '../steps'
import { nameOrder } from '../text/nameOrder'
import { Bitmap } from './bitmap'
import { Ranks } from './ranks'
import { hashOf } from './shuffle'

export interface IndexFacts {
  /** The name that lists are ordered by. */
  nameOf(product: Product): string
  /** Units sold. */
  sold(sku: string): number
  /** BCP 47 tag of the language that names are put in order of. */
  language: string
}

/** All products, or those that have a trait. */
export type ListName = 'all' | readonly [TraitKind, string]

const everything = 'all'
/** Bitmaps of lists that a smaller part of all products stands in are made when they are needed. */
const keptShare = 1 / 64
/** Bitmaps of what the same conditions pick for every source that are kept at most. */
const maxKept = 256
/** After so many places of an order, what stands before them is kept. */
const partLength = 2048
/** Products that get their numbers before a pause. */
const productsInStep = 1000

const keyOf = (name: ListName) => (name === everything ? everything : `${name[0]}\0${name[1]}`)

/**
 * Lists of products by trait, each in every order that was asked for, kept in order as products change.
 * A product is named by its position in the catalogue.
 */
export class SelectionIndex {
  readonly facts: IndexFacts
  readonly postings: Postings
  readonly #products: Product[]
  readonly #skus: Ranks
  readonly #names: Ranks
  readonly #numbers = new Map<NumberSortOrder, number[]>()
  readonly #lists = new Map<string, Map<SortOrder, number[]>>()
  readonly #compares = new Map<SortOrder, Compare>()
  readonly #hashes: number[]
  /** Of long lists. */
  readonly #bitmaps = new Map<string, Bitmap>()
  /** What stands before the places of an order that are multiples of `partLength`. */
  readonly #before = new Map<SortOrder, Bitmap[]>()
  /** The one that was asked for last comes last. */
  readonly #kept = new Map<object, { bitmap: Bitmap; check: (product: Product) => boolean }>()
  #scratch = new Uint16Array()

  private constructor(products: readonly Product[], facts: IndexFacts, postings: Postings, skus: Ranks, names: Ranks) {
    this.#products = [...products]
    this.facts = facts
    this.postings = postings
    this.#skus = skus
    this.#names = names
    this.#hashes = products.map(product => hashOf(product.sku))
  }

  /** The index of these products, a part of the work in each step. */
  static *building(products: readonly Product[], facts: IndexFacts, postings: Postings): Generator<void, SelectionIndex> {
    const skus = yield* Ranks.building(
      products.map(product => product.sku),
      byCode,
    )
    const names = yield* Ranks.building(
      products.map(product => facts.nameOf(product)),
      nameOrder(facts.language),
    )
    const index = new SelectionIndex(products, facts, postings, skus, names)
    const lists = new Map<SortOrder, number[]>()
    for (const order of sortOrders) {
      if (order !== 'name') index.#numbers.set(order, yield* index.#numbering(order))
      lists.set(order, Array.from(yield* sorting(Uint32Array.from(products.keys()), index.comparing(order))))
      yield
    }
    index.#lists.set(everything, lists)
    return index
  }

  get size(): number {
    return this.#products.length
  }

  productAt(position: number): Product {
    return this.#products[position]!
  }

  /** A number for the product's SKU, to mix with a seed. */
  hashAt(position: number): number {
    return this.#hashes[position]!
  }

  /** How many products a list has. */
  count(name: ListName): number {
    return name === everything ? this.size : this.postings.of(name[0], name[1]).length
  }

  /** Positions of a list's products in their order, the SKU last. */
  list(name: ListName, order: SortOrder): readonly number[] {
    const key = keyOf(name)
    let orders = this.#lists.get(key)
    if (!orders) this.#lists.set(key, (orders = new Map()))
    let list = orders.get(order)
    if (!list) orders.set(order, (list = this.positions(name).toSorted(this.comparing(order))))
    return list
  }

  /** Positions of a list's products, ascending. */
  positions(name: ListName): readonly number[] {
    return name === everything ? [...this.#products.keys()] : this.postings.of(name[0], name[1])
  }

  /** The positions of a list's products. */
  bitmap(name: ListName): Bitmap {
    const key = keyOf(name)
    let bitmap = this.#bitmaps.get(key)
    if (bitmap) return bitmap
    bitmap = new Bitmap(this.size).addAll(this.positions(name))
    if (this.isLong(name)) this.#bitmaps.set(key, bitmap)
    return bitmap
  }

  /** Whether a list has so many products that its bitmap is kept. */
  isLong(name: ListName): boolean {
    return this.count(name) > this.size * keptShare
  }

  /** The positions of the products between two places of an order. */
  partBitmap(order: SortOrder, from: number, to: number): Bitmap {
    return this.#beforeIndex(order, to).remove(this.#beforeIndex(order, from))
  }

  /**
   * The positions of the products that pass a check. They are kept and follow changes, so that the check runs once a product.
   * @param name names the check: it is always the same for the same object
   */
  kept(name: object, check: (product: Product) => boolean): Bitmap {
    let kept = this.#kept.get(name)
    if (kept) {
      this.#kept.delete(name)
    } else {
      kept = { bitmap: new Bitmap(this.size), check }
      for (const [position, product] of this.#products.entries()) if (check(product)) kept.bitmap.set(position, true)
      if (this.#kept.size >= maxKept) this.#kept.delete(this.#kept.keys().next().value!)
    }
    this.#kept.set(name, kept)
    return kept.bitmap
  }

  #beforeIndex(order: SortOrder, end: number): Bitmap {
    const list = this.list('all', order)
    let before = this.#before.get(order)
    if (!before) {
      before = [new Bitmap(this.size)]
      for (let i = partLength; i <= list.length; i += partLength)
        before.push(
          before
            .at(-1)!
            .copy()
            .addBetween(list, i - partLength, i),
        )
      this.#before.set(order, before)
    }
    const part = Math.floor(end / partLength)
    return before[part]!.copy().addBetween(list, part * partLength, end)
  }

  /** A zero for every position, to count with until the next one asks: new ones each time would be much to sweep up. */
  scratch(): Uint16Array {
    if (this.#scratch.length < this.size) this.#scratch = new Uint16Array(this.size)
    return this.#scratch.fill(0)
  }

  /** Compares positions by an order, and by SKU when it says nothing. */
  comparing(order: SortOrder): Compare {
    let compare = this.#compares.get(order)
    if (!compare) {
      const numbers = this.numbers(order)
      const skus = this.#skus.ranks
      this.#compares.set(order, (compare = (a, b) => numbers[a]! - numbers[b]! || skus[a]! - skus[b]!))
    }
    return compare
  }

  /** By SKU alone. */
  readonly bySku: Compare = (a, b) => this.#skus.ranks[a]! - this.#skus.ranks[b]!

  /** The numbers that an order compares, by position. */
  numbers(order: SortOrder): readonly number[] {
    if (order === 'name') return this.#names.ranks
    return this.#numbers.get(order)!
  }

  *#numbering(order: NumberSortOrder): Generator<void, number[]> {
    const numbers: number[] = []
    for (const [position, product] of this.#products.entries()) {
      numbers.push(this.#number(order, product))
      if (position % productsInStep === 0) yield
    }
    return numbers
  }

  /**
   * Takes over that products have become others, or are new; the lists by trait have taken them over already.
   * @param placed the positions of new ones are next to the last, one after the other
   */
  put(placed: readonly Placed[]): void {
    const leaving = new Moves()
    const coming = new Moves()
    for (const { position, product } of placed) this.#noteMoves(position, this.#products[position], product, leaving, coming)
    this.#carryOut(leaving, takeOut)
    for (const { position, product } of placed) {
      this.#updateBitmaps(position, this.#products[position], product)
      this.#products[position] = product
      this.#hashes[position] = hashOf(product.sku)
      for (const [order, numbers] of this.#numbers) numbers[position] = this.#number(order, product)
    }
    this.#skus.put(placed.map(({ position, product }) => [position, product.sku]))
    this.#names.put(placed.map(({ position, product }) => [position, this.facts.nameOf(product)]))
    this.#carryOut(coming, putIn)
    for (const { bitmap, check } of this.#kept.values()) for (const { position, product } of placed) bitmap.set(position, check(product))
  }

  /** Takes products away; the lists by trait have them still. */
  remove(gaps: Gaps): void {
    const leaving = new Moves()
    for (const position of gaps.positions)
      for (const [order, list] of this.#keptLists(this.#products[position]!)) leaving.note(list, order, position)
    this.#carryOut(leaving, takeOut)
    for (const orders of this.#lists.values()) for (const list of orders.values()) gaps.rename(list)
    this.#skus.remove(gaps)
    this.#names.remove(gaps)
    for (const list of [this.#products, this.#hashes, ...this.#numbers.values()]) gaps.close(list)
    this.#forgetBitmaps()
  }

  /** In which of the lists that are kept a product changes its place. */
  #noteMoves(position: number, before: Product | undefined, after: Product, leaving: Moves, coming: Moves): void {
    if (before && hasSameTraits(before, after)) {
      const moved = sortOrders.filter(order => this.#hasMoved(order, position, before, after))
      if (!moved.length) return
      for (const [order, list] of this.#keptLists(after)) {
        if (!moved.includes(order)) continue
        leaving.note(list, order, position)
        coming.note(list, order, position)
      }
      return
    }
    if (before) for (const [order, list] of this.#keptLists(before)) leaving.note(list, order, position)
    for (const [order, list] of this.#keptLists(after)) coming.note(list, order, position)
  }

  #hasMoved(order: SortOrder, position: number, before: Product, after: Product): boolean {
    return order === 'name'
      ? this.facts.nameOf(before) !== this.facts.nameOf(after)
      : this.#numbers.get(order)![position] !== this.#number(order, after)
  }

  #carryOut(moves: Moves, work: (list: number[], positions: readonly number[], compare: Compare) => void): void {
    for (const [list, { order, positions }] of moves.byList) work(list, positions, this.comparing(order))
  }

  /** Keeps the bitmaps as they are to be after a product's change, or lets go of them; before the change is taken over. */
  #updateBitmaps(position: number, before: Product | undefined, after: Product): void {
    // A new product is beyond the end of all of them.
    if (!before) return this.#forgetBitmaps()
    if (!hasSameTraits(before, after)) {
      for (const name of listsOf(before)) this.#bitmaps.get(keyOf(name as ListName))?.set(position, false)
      for (const name of listsOf(after)) this.#bitmaps.get(keyOf(name as ListName))?.set(position, true)
    }
    for (const order of this.#before.keys()) if (this.#hasMoved(order, position, before, after)) this.#before.delete(order)
  }

  #forgetBitmaps(): void {
    this.#bitmaps.clear()
    this.#before.clear()
    this.#kept.clear()
  }

  #number(order: NumberSortOrder, product: Product): number {
    return sortNumber(order, product, order === 'best-selling' ? this.facts.sold(product.sku) : 0)
  }

  /** The lists in order that are kept and that a product stands in. */
  #keptLists(product: Product): [SortOrder, number[]][] {
    return [everything, ...listsOf(product)].flatMap(name => [...(this.#lists.get(keyOf(name as ListName)) ?? [])])
  }
}

/** Positions that leave lists, or come into them. */
class Moves {
  readonly byList = new Map<number[], { order: SortOrder; positions: number[] }>()

  note(list: number[], order: SortOrder, position: number): void {
    const known = this.byList.get(list)
    if (known) known.positions.push(position)
    else this.byList.set(list, { order, positions: [position] })
  }
}
