import { catalogueCard } from '../../../../../core/delivery/catalogueAnswer'
import type { SearchAnswer } from '../../../../../core/delivery/contract/catalogue'
import { searchQuerySchema } from '../../../../../core/delivery/contract/catalogue'
import { productFilterSchema } from '../../../../../core/productSearch/productFilter'
import { limitCostly } from '../../../../admission/limits'
import { publicAnswer } from '../../../../delivery/publicAnswer'
import { pricedContextOf } from '../../../../delivery/answerContext'
import { findProducts } from '../../../../productSearch/findProducts'
import { useShop } from '../../../../running/useShop'

export default publicAnswer(async (event): Promise<SearchAnswer> => {
  await limitCostly(event)
  const query = queryOf(event, searchQuerySchema)
  const running = await useShop()
  const { shop } = running
  const context = pricedContextOf(shop, query)
  const { skus, total } = await findProducts(running, {
    words: query.q,
    filter: productFilterSchema.parse({ status: 'active' }),
    sort: 'match',
    offset: 0,
    limit: query.limit,
  })
  return { products: skus.map(sku => catalogueCard(shop.catalogue.item(sku)!, context)), total }
})
