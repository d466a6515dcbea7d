import type { Product, ProductStatus } from './product'

/** A new product of which nothing is said yet. */
export const emptyProduct = (sku: string, status: ProductStatus): Product => ({
  sku,
  gtin: null,
  name: {},
  brand: null,
  categories: [],
  tags: [],
  price: null,
  was: null,
  cost: null,
  stock: 0,
  status,
  released: null,
  attributes: {},
  image: null,
  description: {},
  variants: [],
  bundle: null,
})
