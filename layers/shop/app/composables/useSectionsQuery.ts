/** What the shop asks of the delivery with every page: the cart, and in the studio's shop view what is previewed. */
export function useSectionsQuery() {
  const { asQuery } = useCart()
  const preview = usePreview()
  return computed((): Record<string, string> => ({ ...asQuery.value && { cart: asQuery.value }, ...preview.asked }))
}
