import type { Product } from '../catalogue/product'
import type { Postings, TraitKind } from '../finding/postings'
import { listsOf } from '../finding/postings'
import type { Compare } from '../sorted'
import { firstIndex } from '../sorted'
import type { ListOrder, NumberOrder } from '../catalogue/orders'
import { orderNumber } from '../catalogue/orders'
import { Ranks } from './ranks'
import { hashOf } from './shuffle'

export interface IndexFacts {
  /** The name that lists are ordered by. */
  nameOf(product: Product): string
  /** Units sold. */
  sold(sku: string): number
}

/** All products, or those that have a trait. */
export type ListName = 'all' | readonly [TraitKind, string]

const everything = 'all'
const keyOf = (name: ListName) => name === everything ? everything : `${name[0]}\0${name[1]}`

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
  readonly #numbers = new Map<NumberOrder, number[]>()
  readonly #lists = new Map<string, Map<ListOrder, number[]>>()
  readonly #compares = new Map<ListOrder, Compare>()
  readonly #hashes: number[]
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
  static* building(products: readonly Product[], facts: IndexFacts, postings: Postings): Generator<void, SelectionIndex> {
    const skus = yield* Ranks.building(products.map(product => product.sku), (a, b) => a < b ? -1 : a > b ? 1 : 0)
    const { compare } = new Intl.Collator(undefined, { sensitivity: 'base', numeric: true })
    const names = yield* Ranks.building(products.map(product => facts.nameOf(product)), compare)
    return new SelectionIndex(products, facts, postings, skus, names)
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
  list(name: ListName, order: ListOrder): readonly number[] {
    const key = keyOf(name)
    let orders = this.#lists.get(key)
    if (!orders) this.#lists.set(key, orders = new Map())
    let list = orders.get(order)
    if (!list) orders.set(order, list = this.positions(name).toSorted(this.comparing(order)))
    return list
  }

  /** Positions of a list's products, ascending. */
  positions(name: ListName): readonly number[] {
    return name === everything ? [...this.#products.keys()] : this.postings.of(name[0], name[1])
  }

  /** A zero for every position, to count with until the next one asks: new ones each time would be much to sweep up. */
  scratch(): Uint16Array {
    if (this.#scratch.length < this.size) this.#scratch = new Uint16Array(this.size)
    return this.#scratch.fill(0)
  }

  /** Compares positions by an order, and by SKU when it says nothing. */
  comparing(order: ListOrder): Compare {
    let compare = this.#compares.get(order)
    if (!compare) {
      const numbers = this.numbers(order)
      const skus = this.#skus.ranks
      this.#compares.set(order, compare = (a, b) => numbers[a]! - numbers[b]! || skus[a]! - skus[b]!)
    }
    return compare
  }

  /** By SKU alone. */
  readonly bySku: Compare = (a, b) => this.#skus.ranks[a]! - this.#skus.ranks[b]!

  /** The numbers that an order compares, by position. */
  numbers(order: ListOrder): readonly number[] {
    if (order === 'name') return this.#names.ranks
    let numbers = this.#numbers.get(order)
    if (!numbers) this.#numbers.set(order, numbers = this.#products.map(product => this.#number(order, product)))
    return numbers
  }

  /**
   * Takes over that a product has become another one, or is new; the lists by trait have taken it over already.
   * @param position its place; that of a new one is next to the last
   */
  replace(position: number, after: Product): void {
    const before = this.#products[position]
    if (before) for (const [order, list] of this.#keptLists(before)) list.splice(firstIndex(list, this.#notBefore(order, position)), 1)
    this.#products[position] = after
    this.#hashes[position] = hashOf(after.sku)
    this.#skus.put(position, after.sku)
    this.#names.put(position, this.facts.nameOf(after))
    for (const [order, numbers] of this.#numbers) numbers[position] = this.#number(order, after)
    for (const [order, list] of this.#keptLists(after)) list.splice(firstIndex(list, this.#notBefore(order, position)), 0, position)
  }

  #number(order: NumberOrder, product: Product): number {
    return orderNumber(order, product, order === 'best-selling' ? this.facts.sold(product.sku) : 0)
  }

  /** The lists in order that are kept and that a product stands in. */
  #keptLists(product: Product): [ListOrder, number[]][] {
    return [everything, ...listsOf(product)].flatMap(name => [...this.#lists.get(keyOf(name as ListName)) ?? []])
  }

  #notBefore(order: ListOrder, position: number): (other: number) => boolean {
    const compare = this.comparing(order)
    return other => compare(other, position) >= 0
  }
}
