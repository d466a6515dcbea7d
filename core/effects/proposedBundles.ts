import { isEqual } from 'es-toolkit'
import type { KeyedBundle } from '../bundles/bundleSettings'
import type { Product } from '../catalogue/product'
import { productIn } from '../bundles/bundleVersions'
import type { Versions } from '../sections/versions'
import type { Proposal } from './proposedShop'
import { proposedThings } from './proposedShop'

/**
 * The bundles that shoppers have otherwise with a proposal, as the products that they then are, with what is kept of them beside.
 * @param kept the product as it is kept; undefined: there is none any more
 */
export function proposedBundles(
  bundles: ReadonlyMap<string, Versions<KeyedBundle>>,
  proposal: Proposal,
  kept: (sku: string) => Product | undefined,
): Product[] {
  const then = proposedThings('bundles', bundles, proposal)
  return [...bundles].flatMap(([sku, { live }]) => {
    const [product, bundle] = [kept(sku), then.get(sku) ?? null]
    if (!product || isEqual(live, bundle)) return []
    return [bundle ? productIn(bundle, product) : { ...product, status: 'draft' }]
  })
}
