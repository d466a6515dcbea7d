import type { ProductAnswer } from '../../../../core/delivery/contract/catalogue'

/** Asks for what a product is, what its variants are, and what they cost beside what is in the cart. */
export function useProductFacts() {
  const deliver = useDeliver()
  const { asQuery } = useCart()
  return (sku: string) =>
    deliver<ProductAnswer>(`/catalogue/products/${encodeURIComponent(sku)}`, { ...(asQuery.value && { cart: asQuery.value }) })
}
