import type { StoredBundle } from '../../../../core/studio/bundleAnswers'
import { translationsOf } from '../../../../core/records/translations/translationRecord'
import { useShop } from '../../../running/useShop'
import { itemsOf } from '../../../bundles/itemsOf'

/** A bundle as shoppers have it and as it is drafted, with all products that it names. */
export default api('viewer', async (event): Promise<StoredBundle> => {
  const sku = pathPart(event, 'sku')
  const { shop } = await useShop()
  const versions = shop.versions.bundles.get(sku)
  if (!versions) throw new Problem(404, 'unknown-bundle', 'Not found', `There is no bundle with the SKU ${sku}.`, [sku])
  const items = [versions.draft, versions.live].flatMap(each => (each ? itemsOf(sku, each.bundle, shop.catalogue) : []))
  const translations = [...translationsOf(shop.states, 'bundles', sku)]
  return { sku, ...versions, translations, isSold: shop.unitsSold(sku) > 0, items: [...new Set(items)] }
})
