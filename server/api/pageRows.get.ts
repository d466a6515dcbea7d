import { z } from 'zod'
import type { ProductList } from '../../core/workbench/workbench'
import { pagesWith, toPageRow } from '../../core/workbench/pageRows'
import { lanePages } from '../../core/links/pageLanes'
import { useShop } from '../running/useShop'

const query = z.object({
  page: z.enum(lanePages),
  q: z.string().max(200).default(''),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(100),
})

/** Articles or categories that have all of the words, for the lists of the studio. */
export default api('viewer', async (event): Promise<ProductList> => {
  const { page, q, offset, limit } = queryOf(event, query)
  const { shop } = await useShop()
  const now = shop.now()
  const found = pagesWith(
    q,
    page,
    (page === 'article' ? shop.articles : shop.categories).map(each => each.key),
    shop,
  )
  return { total: found.length, rows: found.slice(offset, offset + limit).map(key => toPageRow(page, key, shop, now)) }
})
