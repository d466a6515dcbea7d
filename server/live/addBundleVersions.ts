import type { Product } from '../../core/catalogue/product'
import { versionsOf } from '../../core/bundles/bundleVersions'
import type { Store } from '../store/port'

/** Gives bundles that a version of Manada has written in which they were not drafted what is live and drafted of them. */
export async function addBundleVersions(store: Store, bundles: readonly Product[]): Promise<void> {
  const known = new Set<string>()
  for await (const { key } of store.things('bundle', sku => sku)) known.add(key)
  const changes = bundles
    .filter(({ sku }) => !known.has(sku))
    .map(product => ({ of: 'bundle', owner: '', key: product.sku, before: null, after: versionsOf(product) }) as const)
  if (!changes.length) return
  const { language } = await store.settings()
  await store.write(writer => writer.writeChanges(changes, language))
}
