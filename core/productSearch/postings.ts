import { isEqual } from 'es-toolkit'
import type { Gaps } from '../catalogue/gaps'
import type { Placed } from '../catalogue/placed'
import type { Product } from '../catalogue/product'
import { firstIndex } from '../sorted'

/** Positions of products that have something, in ascending order. */
export type Positions = readonly number[]

const nobody: Positions = []

/** Products that are taken into the index before a pause. */
const productsInStep = 250

export type TraitKind = 'category' | 'brand' | 'tag' | 'attribute'

/** Which products have a category, brand, tag or attribute value: an inverted index. */
export class Postings {
  readonly #lists: Record<TraitKind, Map<string, number[]>> = {
    category: new Map(),
    brand: new Map(),
    tag: new Map(),
    attribute: new Map(),
  }
  readonly #attributeValues = new Map<string, Set<string>>()
  readonly #positions = new Map<string, number>()
  /** Grows with every change of a list. */
  edition = 0
  /** Told of a value that is new, or that no product has any more. */
  onValue: ((trait: TraitKind, value: string, isThere: boolean) => void) | null = null

  private constructor() {
    /* built step by step */
  }

  /** The index of these products, a part of them in each step. */
  static *building(products: readonly Product[]): Generator<void, Postings> {
    const postings = new Postings()
    for (const [position, product] of products.entries()) {
      postings.#take(product, position)
      if (position % productsInStep === 0) yield
    }
    return postings
  }

  /** All attributes that any product has, each with all its values. */
  get attributeValues(): ReadonlyMap<string, ReadonlySet<string>> {
    return this.#attributeValues
  }

  /** @param value a category's key, a brand, a tag, or `name=value` of an attribute */
  of(trait: TraitKind, value: string): Positions {
    return this.#lists[trait].get(value) ?? nobody
  }

  /** Where a product stands. */
  positionOf(sku: string): number | undefined {
    return this.#positions.get(sku)
  }

  get lists(): Readonly<Record<TraitKind, ReadonlyMap<string, Positions>>> {
    return this.#lists
  }

  /**
   * Takes over that a product has become another one, or is new.
   * @param before null: it is new, and its position next to the last
   */
  put({ position, product: after }: Placed, before: Product | null): void {
    if (before && hasSameTraits(before, after)) return
    const gone = before ? listsOf(before) : []
    const wanted = listsOf(after)
    const key = ([trait, value]: ListName) => `${trait}\0${value}`
    const kept = new Set(wanted.map(key))
    const had = new Set(gone.map(key))
    for (const [trait, value] of gone) if (!kept.has(key([trait, value]))) this.#remove(trait, value, position)
    for (const [trait, value] of wanted) if (!had.has(key([trait, value]))) this.#add(trait, value, position)
    this.#positions.set(after.sku, position)
  }

  /** Takes products away. @param before all products, as they stand now */
  remove(gaps: Gaps, before: readonly Product[]): void {
    for (const position of gaps.positions) {
      const product = before[position]!
      for (const [trait, value] of listsOf(product)) this.#remove(trait, value, position)
      this.#positions.delete(product.sku)
    }
    if (gaps.areLast) return
    for (const lists of Object.values(this.#lists)) for (const list of lists.values()) gaps.rename(list)
    for (const [sku, position] of this.#positions) this.#positions.set(sku, gaps.after(position))
  }

  #take(product: Product, position: number): void {
    this.#positions.set(product.sku, position)
    for (const [trait, value] of listsOf(product)) this.#add(trait, value, position)
  }

  #remove(trait: TraitKind, value: string, position: number): void {
    const list = this.#lists[trait].get(value)!
    list.splice(
      firstIndex(list, each => each >= position),
      1,
    )
    this.edition++
    if (list.length) return
    this.#lists[trait].delete(value)
    this.onValue?.(trait, value, false)
    if (trait !== 'attribute') return
    const [name, text] = parted(value)
    const values = this.#attributeValues.get(name)!
    values.delete(text)
    if (!values.size) this.#attributeValues.delete(name)
  }

  #add(trait: TraitKind, value: string, position: number): void {
    const list = this.#lists[trait].get(value)
    this.edition++
    if (!list) {
      this.#lists[trait].set(value, [position])
      this.onValue?.(trait, value, true)
      if (trait !== 'attribute') return
      const [name, text] = parted(value)
      const known = this.#attributeValues.get(name)
      if (known) known.add(text)
      else this.#attributeValues.set(name, new Set([text]))
    } else if (list.at(-1)! < position) {
      list.push(position)
    } else {
      list.splice(
        firstIndex(list, each => each > position),
        0,
        position,
      )
    }
  }
}

type ListName = readonly [TraitKind, string]

/** Whether two states of a product stand in the same lists. */
export const hasSameTraits = (a: Product, b: Product): boolean =>
  a.brand === b.brand && isEqual(a.categories, b.categories) && isEqual(a.tags, b.tags) && isEqual(a.attributes, b.attributes)

/** The lists that a product stands in, each once. */
export function listsOf(product: Product): ListName[] {
  return [
    ...Array.from(new Set(product.categories), key => ['category', key] as const),
    ...(product.brand === null ? [] : [['brand', product.brand] as const]),
    ...Array.from(new Set(product.tags), tag => ['tag', tag] as const),
    ...Object.entries(product.attributes).flatMap(([name, values]) =>
      Array.from(new Set(values), value => ['attribute', attributeList(name, value)] as const),
    ),
  ]
}

/** The name of the list of products with a value of an attribute. No name of an attribute has a “=”. */
export const attributeList = (name: string, value: string) => `${name}=${value}`
const parted = (list: string): [name: string, value: string] => [list.slice(0, list.indexOf('=')), list.slice(list.indexOf('=') + 1)]
