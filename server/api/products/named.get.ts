import { z } from 'zod'
import type { ProductRow } from '../../../core/workbench/workbench'
import { toProductRow } from '../../../core/workbench/workbench'
import { skuSchema } from '../../../core/catalogue/sku'
import { useShop } from '../../running/useShop'
import { queryOf } from '../../utils/request'

const query = z.object({ sku: z.union([z.array(skuSchema).max(200), skuSchema.transform(each => [each])]) })

/** Products or variants by their SKUs; those that the shop doesn't have are left out. */
export default api('viewer', async (event): Promise<{ rows: ProductRow[] }> => {
  const { sku: skus } = queryOf(event, query)
  const { shop } = await useShop()
  const now = shop.now()
  return { rows: skus.flatMap(each => shop.catalogue.item(each) ?? []).map(item => toProductRow(item, shop, now)) }
})
