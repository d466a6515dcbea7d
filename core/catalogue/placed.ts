import type { Product } from './product'

/** A product with its place in the catalogue. */
export interface Placed {
  position: number
  product: Product
}
