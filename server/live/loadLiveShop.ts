import type { Product } from '../../core/catalogue/product'
import { SharedParts } from '../../core/catalogue/sharedParts'
import { HeldStates } from '../../core/journal/states'
import { records } from '../../core/records/registry'
import type { Store } from '../store/port'
import { addBuiltIn } from './addBuiltIn'
import { addBundleVersions } from './addBundleVersions'
import { LiveShop } from './liveShop'

/** Builds the live shop from the database. */
export async function loadLiveShop(store: Store): Promise<LiveShop> {
  await addBuiltIn(store)
  // Taken first: what is written while all is read is taken over once more, and is then as it is.
  const followed = await store.lastWrite()
  const [settings, categories, articles, units] = await Promise.all([
    store.settings(),
    store.categories(),
    store.articles(),
    store.unitsSold(),
  ])
  const products: Product[] = []
  const numbers: number[] = []
  /** Every SKU once, for all that names it. */
  const texts = new Map<string, string>()
  const shared = new SharedParts()
  const bundles: Product[] = []
  for await (const { number, product } of store.products()) {
    // Descriptions are read from the database when a page shows them; selection never does.
    products.push(shared.product({ ...product, description: {} }))
    numbers.push(number)
    for (const { sku } of [product, ...product.variants]) texts.set(sku, sku)
    if (product.bundle) bundles.push(product)
  }
  await addBundleVersions(store, bundles)
  const states = new HeldStates()
  for (const record of records) {
    for await (const { owner: source, key: kind, value } of store.things(record.of, sku => texts.get(sku) ?? sku))
      record.apply?.({ owner: source, key: kind, after: record.upgrade(value) }, states)
  }
  const shop = new LiveShop({ settings, states, articles, categories, units, followed })
  await shop.setProducts(products, numbers)
  return shop
}
