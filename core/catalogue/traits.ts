import { z } from 'zod'
import type { Product } from './product'
import { valuesOf } from './product'

/** Something that a product is or has: a category, a brand, a tag, or a value of an attribute. */
export const traitSchema = z.strictObject({
  of: z.enum(['category', 'brand', 'tag', 'attribute']),
  /** Key of a category, name of an attribute; the brand or tag itself. */
  name: z.string().min(1),
  /** Of an attribute. */
  value: z.string().min(1).optional(),
})
export type Trait = z.infer<typeof traitSchema>

/** All traits of a product: categories first, then brand, attributes and tags. */
export function traitsOf(product: Product): Trait[] {
  return [
    ...product.categories.map((name): Trait => ({ of: 'category', name })),
    ...(product.brand === null ? [] : [{ of: 'brand', name: product.brand } as const]),
    ...Object.entries(product.attributes).flatMap(([name, values]) => values.map((value): Trait => ({ of: 'attribute', name, value }))),
    ...product.tags.map((name): Trait => ({ of: 'tag', name })),
  ]
}

/** The traits that two products have in common, in the first one's order. */
export function sharedTraits(a: Product, b: Product): Trait[] {
  const has: Record<Trait['of'], (trait: Trait) => boolean> = {
    category: ({ name }) => b.categories.includes(name),
    brand: ({ name }) => b.brand === name,
    tag: ({ name }) => b.tags.includes(name),
    attribute: ({ name, value }) => valuesOf(b, name).includes(value!),
  }
  return traitsOf(a).filter(trait => has[trait.of](trait))
}
