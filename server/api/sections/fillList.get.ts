import type { ProductList } from '../../../core/bench/bench'
import { toProductRow } from '../../../core/bench/bench'
import { fillListQuery } from '../../../core/studio/sectionAnswers'
import { useShop } from '../../engine/useShop'
import { useCounting } from '../../counting/useCounting'
import { queryOf } from '../../utils/request'

/** The products whose pages show so many of a section. */
export default api(async (event): Promise<ProductList> => {
  const { section, page, version, from, to, offset, limit } = queryOf(event, fillListQuery)
  const { shop } = await useShop()
  const { skus, total } = await (await useCounting()).list({ section, page, version }, from, to, offset, limit)
  const now = shop.now()
  return { total, rows: skus.flatMap(sku => shop.catalogue.item(sku) ?? []).map(item => toProductRow(item, shop, now)) }
})
