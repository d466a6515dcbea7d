import type { Items } from '../bundles/bundleParts'
import { isDraft } from '../catalogue/product'

/** What shoppers may know of the catalogue: nothing that is still drafted. */
export const shownItems = (items: Items): Items => ({
  item(sku) {
    const found = items.item(sku)
    if (!found || isDraft(found.product, found.variant)) return undefined
    const { product, variant } = found
    const variants = product.variants.filter(each => each.status !== 'draft')
    return variants.length < product.variants.length ? { product: { ...product, variants }, variant } : found
  },
})
