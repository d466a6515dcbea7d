import { z } from 'zod'
import type { bundleItemsSchema } from '../../../core/studio/bundleAnswers'
import { skuSchema } from '../../../core/catalogue/sku'
import { productsOf } from '../../bundles/itemsOf'
import { useShop } from '../../running/useShop'

const query = z.object({ sku: z.union([z.array(skuSchema).max(500), skuSchema.transform(each => [each])]) })

/** Products, also by the SKUs of their variants; those that the shop doesn't have are left out. */
export default api('viewer', async (event): Promise<z.infer<typeof bundleItemsSchema>> => {
  const { sku: skus } = queryOf(event, query)
  const { shop } = await useShop()
  return { items: productsOf(skus, shop.catalogue) }
})
