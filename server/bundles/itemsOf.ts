import type { Bundle } from '../../core/catalogue/bundle'
import { groupsOf, namedIn } from '../../core/catalogue/bundle'
import type { Catalogue } from '../../core/catalogue/catalogue'
import type { Product } from '../../core/catalogue/product'

/** The products that some SKUs are, each once. */
export const productsOf = (skus: readonly string[], catalogue: Catalogue): Product[] => [
  ...new Set(skus.flatMap(sku => catalogue.item(sku)?.product ?? [])),
]

/** All products that a bundle names, and the bundles that share one with it: they may have the same contents. */
export function itemsOf(sku: string, bundle: Bundle, catalogue: Catalogue): Product[] {
  const parts = productsOf([...namedIn(bundle), ...groupsOf(bundle).flatMap(group => group.products)], catalogue)
  const others = productsOf(
    parts.flatMap(part => catalogue.bundlesWith(part)),
    catalogue,
  ).filter(each => each.sku !== sku)
  return [...new Set([...parts, ...others])]
}
