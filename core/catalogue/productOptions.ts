import type { Product } from './product'

/** The options of a product with every value its variants have, in the variants' order. */
export function optionsOf(product: Product): { name: string; values: string[] }[] {
  const values = new Map<string, Set<string>>()
  for (const variant of product.variants) {
    for (const [name, value] of Object.entries(variant.options)) {
      const known = values.get(name)
      if (known) known.add(value)
      else values.set(name, new Set([value]))
    }
  }
  return Array.from(values, ([name, all]) => ({ name, values: [...all] }))
}
