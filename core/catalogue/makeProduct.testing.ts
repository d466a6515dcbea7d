import type { Product, Variant } from './product'

/** A plain product for tests: active, priced and in stock unless the test says otherwise. */
export function makeProduct(sku: string, part: Partial<Product> = {}): Product {
  return {
    sku,
    gtin: null,
    name: { en: sku },
    brand: null,
    categories: [],
    tags: [],
    price: 1000,
    was: null,
    cost: null,
    stock: 5,
    status: 'active',
    released: null,
    attributes: {},
    image: null,
    description: {},
    variants: [],
    bundle: null,
    ...part,
  }
}

/** A plain variant for tests. */
export function makeVariant(sku: string, part: Partial<Variant> = {}): Variant {
  return { sku, gtin: null, options: {}, price: null, stock: 5, status: null, image: null, ...part }
}
