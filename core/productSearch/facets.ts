import { z } from 'zod'
import { firstIndex } from '../sorted'
import { sorting } from '../steps'
import type { Postings } from './postings'

const countedSchema = z.array(z.object({ value: z.string(), count: z.int() }))

/** What filters can be set to, with the number of products that have it. */
export const facetsSchema = z.object({
  brands: countedSchema,
  tags: countedSchema,
  attributes: z.array(z.object({ name: z.string(), values: countedSchema })),
})
export type Facets = z.infer<typeof facetsSchema>

const kinds = ['brand', 'tag', 'attribute'] as const
type FacetKind = (typeof kinds)[number]
type Compare = (a: string, b: string) => number

/** The values that filters can be set to, kept in the order of a language while products change. */
export class FacetLists {
  readonly #postings: Postings
  readonly #compare: Compare
  readonly #values: Record<FacetKind, string[]>
  #known: { edition: number; facets: Facets } | null = null

  private constructor(postings: Postings, compare: Compare, values: Record<FacetKind, string[]>) {
    this.#postings = postings
    this.#compare = compare
    this.#values = values
    postings.onValue = (trait, value, isThere) => trait !== 'category' && this.#take(trait, value, isThere)
  }

  /**
   * The values of all lists, a part of the work in each step.
   * @param language BCP 47 tag
   */
  static *building(postings: Postings, language: string): Generator<void, FacetLists> {
    const { compare: compareWords } = new Intl.Collator(language, { numeric: true })
    // Values that a language takes for the same are still two.
    const compare: Compare = (a, b) => compareWords(a, b) || Number(a > b) - Number(a < b)
    const values: Record<FacetKind, string[]> = { brand: [], tag: [], attribute: [] }
    for (const kind of kinds) {
      const all = [...postings.lists[kind].keys()]
      const order = yield* sorting(Uint32Array.from(all.keys()), (a, b) => compare(all[a]!, all[b]!))
      values[kind] = Array.from(order, at => all[at]!)
    }
    return new FacetLists(postings, compare, values)
  }

  get facets(): Facets {
    const { edition } = this.#postings
    if (this.#known?.edition !== edition) this.#known = { edition, facets: this.#count() }
    return this.#known.facets
  }

  #count(): Facets {
    const attributes = new Map<string, Facets['brands']>()
    for (const pair of this.#values.attribute) {
      const cut = pair.indexOf('=')
      const name = pair.slice(0, cut)
      const values = attributes.get(name)
      const counted = { value: pair.slice(cut + 1), count: this.#postings.of('attribute', pair).length }
      if (values) values.push(counted)
      else attributes.set(name, [counted])
    }
    const counted = (kind: FacetKind) => this.#values[kind].map(value => ({ value, count: this.#postings.of(kind, value).length }))
    return { brands: counted('brand'), tags: counted('tag'), attributes: Array.from(attributes, ([name, values]) => ({ name, values })) }
  }

  #take(kind: FacetKind, value: string, isThere: boolean): void {
    const values = this.#values[kind]
    const at = firstIndex(values, each => this.#compare(each, value) >= 0)
    if (isThere) values.splice(at, 0, value)
    else values.splice(at, 1)
  }
}
