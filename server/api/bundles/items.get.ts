import { z } from 'zod'
import type { bundleItems } from '../../../core/studio/bundleAnswers'
import { sku } from '../../../core/catalogue/sku'
import { productsOf } from '../../bundles/itemsOf'
import { useShop } from '../../engine/useShop'

const query = z.object({ sku: z.union([z.array(sku).max(500), sku.transform(each => [each])]) })

/** Products, also by the SKUs of their variants; those that the shop doesn't have are left out. */
export default api(async (event): Promise<z.infer<typeof bundleItems>> => {
  const { sku: skus } = queryOf(event, query)
  const { shop } = await useShop()
  return { items: productsOf(skus, shop.catalogue) }
})
