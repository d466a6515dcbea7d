import { z } from 'zod'
import type { Catalogue } from './catalogue'
import type { Product } from './product'
import { traitSchema } from './traits'
import type { Trait } from './traits'

/** What a merchandiser says of the neighbours that are found for a product by its traits. */
export const neighbourSettingsSchema = z.strictObject({
  /** Traits of the product that don't count when neighbours are looked for. */
  ignored: z.array(traitSchema).max(500),
  /** Keys of categories whose products, and those of the categories below, are never taken. */
  leaveOut: z.array(z.string().min(1)).max(500),
})
export type NeighbourSettings = z.infer<typeof neighbourSettingsSchema>

/** Every trait counts and nothing is left out. */
export const allCount: NeighbourSettings = { ignored: [], leaveOut: [] }

export const sameTrait = (a: Trait, b: Trait) => a.of === b.of && a.name === b.name && a.value === b.value

/** The product with only those of its traits that count. */
export function withCountingTraits(product: Product, { ignored }: NeighbourSettings): Product {
  if (!ignored.length) return product
  const counts = (each: Trait) => !ignored.some(other => sameTrait(each, other))
  return {
    ...product,
    categories: product.categories.filter(name => counts({ of: 'category', name })),
    brand: product.brand !== null && counts({ of: 'brand', name: product.brand }) ? product.brand : null,
    tags: product.tags.filter(name => counts({ of: 'tag', name })),
    attributes: Object.fromEntries(
      Object.entries(product.attributes).flatMap(([name, values]) => {
        const left = values.filter(value => counts({ of: 'attribute', name, value }))
        return left.length ? [[name, left]] : []
      }),
    ),
  }
}

/** The keys of all categories that are left out, those below the named ones too. */
export function categoriesLeftOut({ leaveOut }: NeighbourSettings, catalogue: Catalogue): Set<string> {
  return new Set(leaveOut.flatMap(key => [...catalogue.categoriesFrom(key)]))
}
