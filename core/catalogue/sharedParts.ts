import { isEqual, pick } from 'es-toolkit'
import type { Product, Variant } from './product'
import { productStatusSchema } from './product'
import type { Text } from '../text/text'

/** Statuses as the source code has them: what is compared with them then is the same, and nothing of it has to be read. */
const statuses = productStatusSchema.enum

/**
 * Lets products share what many of them have alike: brands, statuses, dates, lists of categories and tags, values of attributes, options.
 * With a large catalogue that is a good part of its memory. Products are only replaced, never changed, so that nobody notices.
 */
export class SharedParts {
  readonly #texts = new Map<string, string>()
  readonly #lists = new Map<string, string[]>()
  readonly #options = new Map<string, Record<string, string>>()

  /** The same product, of shared parts. */
  product(product: Product): Product {
    const { brand, status, released, categories, tags, attributes, variants, description } = product
    return {
      ...product,
      brand: brand === null ? null : this.#text(brand),
      status: statuses[status],
      released: released === null ? null : this.#text(released),
      categories: this.#list(categories),
      tags: this.#list(tags),
      attributes: Object.fromEntries(Object.entries(attributes).map(([name, values]) => [this.#text(name), this.#list(values)])),
      description: Object.keys(description).length ? description : this.#noText,
      variants: variants.length ? variants.map(each => this.#variant(each)) : this.#noVariants,
    }
  }

  readonly #noVariants: Variant[] = []
  readonly #noText: Text = {}

  #variant(variant: Variant): Variant {
    const { status, options } = variant
    return { ...variant, status: status && statuses[status], options: this.#sharedOptions(options) }
  }

  #text(text: string): string {
    const known = this.#texts.get(text)
    if (known === undefined) this.#texts.set(text, text)
    return known ?? text
  }

  #list(texts: string[]): string[] {
    const key = texts.join('\0')
    // No text and one empty text have the same key.
    let list = texts.length ? this.#lists.get(key) : this.#none
    if (!list) this.#lists.set(key, (list = texts.map(each => this.#text(each))))
    return list
  }

  readonly #none: string[] = []

  #sharedOptions(options: Record<string, string>): Record<string, string> {
    const key = Object.entries(options).flat().join('\0')
    let known = this.#options.get(key)
    if (!known) this.#options.set(key, (known = options))
    return known
  }
}

/** A product that has taken the place of another, with the parts that are as they were before: they need not stand in memory twice. */
export function withPartsOf(before: Product, after: Product): Product {
  const variants = isEqual(before.variants, after.variants)
    ? before.variants
    : after.variants.map((each, i) => (isEqual(each, before.variants[i]) ? before.variants[i]! : each))
  const parts = (['name', 'brand', 'status', 'released', 'categories', 'tags', 'attributes', 'image', 'bundle'] as const).filter(part =>
    isEqual(before[part], after[part]),
  )
  return { ...after, variants, ...pick(before, parts) }
}
