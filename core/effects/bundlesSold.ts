import { needsChoices } from '../bundles/bundleParts'
import type { Catalogue } from '../catalogue/catalogue'

/** What shoppers get a bundle for. */
export interface BundleSold {
  /** Minor units; of the cheapest choice. */
  price: number
  /** What its parts cost together; null: no more than it does. */
  was: number | null
  /** Other choices may cost more. */
  isFrom: boolean
}

/** How a bundle is sold in a catalogue; null: it is not for sale. */
export function bundleSold(sku: string, catalogue: Catalogue): BundleSold | null {
  const product = catalogue.product(sku)
  if (!product?.bundle || product.status !== 'active' || product.price === null) return null
  const { price, was, bundle } = product
  return { price, was, isFrom: needsChoices(bundle, catalogue) }
}
