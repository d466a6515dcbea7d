import { z } from 'zod'
import type { ProductList } from '../../../core/workbench/workbench'
import { toProductRow } from '../../../core/workbench/workbench'
import { UnknownSubjectError } from '../../../core/selection/shop'
import { productFilterSchema } from '../../../core/productSearch/productFilter'
import { productSortSchema } from '../../../core/productSearch/productFinder'
import { findProducts } from '../../productSearch/findProducts'
import { useShop } from '../../running/useShop'

const query = productFilterSchema.extend({
  q: z.string().max(200).default(''),
  sort: productSortSchema.default('match'),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(100),
  /** Rows say what they have in common with this product. */
  source: z.string().optional(),
  /** 1: without what the source is linked to already, and without itself. */
  unlinked: z.literal('1').optional(),
})

export default api('viewer', async (event): Promise<ProductList> => {
  const { q, sort, offset, limit, source, unlinked, ...filter } = queryOf(event, query)
  const running = await useShop()
  const { shop } = running
  const product = source === undefined ? undefined : shop.catalogue.item(source)?.product
  if (source !== undefined && !product) throw new UnknownSubjectError({ kind: 'product', sku: source })
  const linked = () =>
    [...shop.links.lanes(product!.sku).values()].flat().map(link => shop.catalogue.item(link.target)?.product.sku ?? link.target)
  const { skus, total } = await findProducts(running, {
    words: q,
    filter,
    sort,
    offset,
    limit,
    leaveOut: product && unlinked ? new Set([product.sku, ...linked()]) : undefined,
  })
  const now = shop.now()
  return { total, rows: skus.map(sku => toProductRow(shop.catalogue.item(sku)!, shop, now, product)) }
})
