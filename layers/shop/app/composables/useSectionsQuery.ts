/**
 * What the shop asks of the delivery with every page: the cart, what was viewed before, and in the studio's shop view what is previewed.
 */
export function useSectionsQuery() {
  const { asQuery, partsAsQuery } = useCart()
  const preview = usePreview()
  // As it was when the page was opened: noting this page must not ask for its sections once more.
  const seen = preview.active ? '' : useSeen().skus().join()
  return computed((): Record<string, string> => ({
    ...(asQuery.value && { cart: asQuery.value }),
    ...(partsAsQuery.value && { parts: partsAsQuery.value }),
    ...(seen && { seen }),
    ...preview.asked,
  }))
}
