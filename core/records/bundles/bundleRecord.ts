import { isEqual, mapValues, pickBy } from 'es-toolkit'
import type { KeyedBundle } from '../../bundles/bundleSettings'
import { settingsOf } from '../../bundles/bundleSettings'
import { productIn, shownOf } from '../../bundles/bundleVersions'
import type { Product } from '../../catalogue/product'
import { asItIs } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'
import type { Versions } from '../../sections/versions'
import { draftedRecord } from '../drafts/draftedRecord'
import type { ProductChange } from '../products/productRecord'
import { productRecord } from '../products/productRecord'

/**
 * What shoppers have of bundles, and what is drafted of them, by SKU. The product that a bundle is in the catalogue follows: it is as
 * shoppers have it, or, as long as they don’t, as it is drafted.
 */
export const bundleRecord = draftedRecord<'bundle', KeyedBundle>(
  {
    of: 'bundle',
    called: 'the same bundle',
    counting: { isCopied: true },
    follows: (change, shop) => [followingProduct(change, shop.keptBundle(change.key))],
    usedBy: (change, shop, together) => productRecord.usedBy!(followingProduct(change, shop.keptBundle(change.key)), shop, together),
  },
  asItIs,
)
export type BundleChange = ChangeOf<'bundle', Versions<KeyedBundle> | null>

/**
 * What becomes of the product that a bundle is.
 * @param kept the product as it is kept, without its description; undefined: there is none
 */
export function followingProduct({ key, before, after }: BundleChange, kept: Product | undefined): ProductChange {
  const was = kept ? { ...kept, description: shownOf(before)?.description ?? {} } : null
  const shown = shownOf(after)
  const product = shown && { ...productIn(shown, was), status: after!.live ? shown.status : ('draft' as const) }
  return { of: 'product', owner: key, key: '', before: was, after: product }
}

/** What becomes of both versions when a file changes the product that a bundle is: the same, and no more. */
export function followingVersions(before: Product, after: Product, versions: Versions<KeyedBundle>): BundleChange {
  const [was, is] = [settingsOf(before), settingsOf(after)]
  const changed = pickBy(is, (value, part) => !isEqual(value, was[part]))
  const next = mapValues(versions, version => version && { ...version, ...changed })
  return { of: 'bundle', owner: '', key: after.sku, before: versions, after: next }
}
