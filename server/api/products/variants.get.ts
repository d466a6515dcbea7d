import { z } from 'zod'
import type { ProductList } from '../../../core/workbench/workbench'
import { toProductRow } from '../../../core/workbench/workbench'
import { UnknownSubjectError } from '../../../core/selection/shop'
import { useShop } from '../../running/useShop'

/** The variants of a product, as rows of a list. */
export default api('viewer', async (event): Promise<ProductList> => {
  const { sku } = queryOf(event, z.object({ sku: z.string() }))
  const { shop } = await useShop()
  const product = shop.catalogue.product(sku)
  if (!product) throw new UnknownSubjectError({ kind: 'product', sku })
  const now = shop.now()
  return { total: product.variants.length, rows: product.variants.map(variant => toProductRow({ product, variant }, shop, now)) }
})
