import type { Product } from '../catalogue/product'
import type { Postings } from '../productSearch/postings'

/** By common practice an attribute that says what a product goes with is called so. */
export const isFit = (name: string) => /^fits?\b/i.test(name)

/** Of one attribute, such as a hive's standard, the values that a product has or fits. */
type Claims = ReadonlyMap<string, ReadonlySet<string>>

/** The attributes that fits are about: “fits: National” is about the standard, because there are products whose standard is National. */
function fitted({ attributeValues }: Postings): ReadonlySet<string> {
  const fits = Array.from(attributeValues)
    .filter(([name]) => isFit(name))
    .flatMap(([, values]) => [...values])
  return new Set(
    Array.from(attributeValues)
      .filter(([name, values]) => !isFit(name) && fits.some(value => values.has(value)))
      .map(([name]) => name),
  )
}

/** Tells of products whether they go together, as far as their attributes say. */
export class Fitting {
  readonly #postings: Postings
  readonly #fitted: ReadonlySet<string>

  constructor(postings: Postings) {
    this.#postings = postings
    this.#fitted = fitted(postings)
  }

  /** What a product has or fits of every attribute that decides what goes together. */
  claimsOf(product: Product): Claims {
    const claims = new Map<string, Set<string>>()
    for (const about of this.#fitted) {
      const vocabulary = this.#postings.attributeValues.get(about)!
      const fitting = (name: string, all: readonly string[]) => (isFit(name) ? all.filter(value => vocabulary.has(value)) : [])
      const values = Object.entries(product.attributes).flatMap(([name, all]) => (name === about ? all : fitting(name, all)))
      if (values.length) claims.set(about, new Set(values))
    }
    return claims
  }
}

/** Whether two products don't go together: of some attribute they have or fit different values only. */
export function misfit(a: Claims, b: Claims): boolean {
  for (const [about, values] of a) {
    const others = b.get(about)
    if (others && ![...values].some(value => others.has(value))) return true
  }
  return false
}
