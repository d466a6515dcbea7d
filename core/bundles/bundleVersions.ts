import { emptyProduct } from '../catalogue/emptyProduct'
import type { Product } from '../catalogue/product'
import type { Versions } from '../sections/versions'
import type { KeyedBundle } from './bundleSettings'
import { settingsOf } from './bundleSettings'

/** Both versions as a product has them that no version was kept of: what is for sale is live. */
export function versionsOf(product: Product): Versions<KeyedBundle> {
  const bundle = { key: product.sku, ...settingsOf(product) }
  return { live: product.status === 'draft' ? null : bundle, draft: bundle }
}

/** What shows in the catalogue: what is live, or else what is drafted. */
export const shownOf = (versions: Versions<KeyedBundle> | null): KeyedBundle | null => versions && (versions.live ?? versions.draft)

/** The product of a bundle in one of its versions. @param product what else is known of it; null: it is new */
export const productIn = ({ key, ...settings }: KeyedBundle, product: Product | null): Product => ({
  ...(product ?? emptyProduct(key, 'draft')),
  ...settings,
})
