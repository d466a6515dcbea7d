import { z } from 'zod'
import { toBenchProduct } from '../../core/workbench/workbench'
import { toBenchPage } from '../../core/workbench/pageRows'
import { pageOfSource } from '../../core/links/pageLanes'
import { UnknownSubjectError } from '../../core/selection/shop'
import { useShop } from '../running/useShop'

const query = z.object({
  sku: z.union([z.string(), z.array(z.string()).max(500, 'At most 500 products at a time.')]).transform(value => [value].flat()),
})

/** Products, articles or categories with their lanes, for the bench. A variant's SKU stands for its product. */
export default api('viewer', async event => {
  const { sku: skus } = queryOf(event, query)
  const { shop } = await useShop()
  const now = shop.now()
  return {
    products: skus.map(sku => {
      if (pageOfSource(sku)) {
        const onBench = toBenchPage(sku, shop, now)
        if (!onBench) throw new Problem(404, 'unknown-subject', 'Not found', `There is no ${sku.replace(':', ' with the key ')}.`, [sku])
        return onBench
      }
      const item = shop.catalogue.item(sku)
      if (!item) throw new UnknownSubjectError({ kind: 'product', sku })
      return toBenchProduct(item, shop, now)
    }),
  }
})
