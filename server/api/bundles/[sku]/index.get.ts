import type { StoredBundle } from '../../../../core/studio/bundleAnswers'
import { settingsOf } from '../../../../core/bundles/bundleSettings'
import { useShop } from '../../../running/useShop'
import { itemsOf } from '../../../bundles/itemsOf'

/** A bundle as it is kept, with all products that it names. */
export default api('viewer', async (event): Promise<StoredBundle> => {
  const sku = pathPart(event, 'sku')
  const { store, shop } = await useShop()
  const product = shop.catalogue.product(sku)?.bundle ? (await store.productsBySku([sku])).get(sku) : undefined
  if (!product?.bundle) throw new Problem(404, 'unknown-bundle', 'Not found', `There is no bundle with the SKU ${sku}.`, [sku])
  return { sku, settings: settingsOf(product), items: itemsOf(sku, product.bundle, shop.catalogue) }
})
