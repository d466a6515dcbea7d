import { catalogueCard } from '../../../../../../core/delivery/catalogueAnswer'
import type { BrandAnswer } from '../../../../../../core/delivery/contract/catalogue'
import { listQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { productFilterSchema } from '../../../../../../core/productSearch/productFilter'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { pricedContextOf } from '../../../../../delivery/answerContext'
import { findProducts } from '../../../../../productSearch/findProducts'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async (event): Promise<BrandAnswer> => {
  const query = queryOf(event, listQuerySchema)
  const brand = pathPart(event, 'name')
  const running = await useShop()
  const { shop } = running
  if (!shop.finder.postings.of('brand', brand).length)
    throw new Problem(404, 'unknown-brand', 'Not found', `There is no brand “${brand}”.`, [brand])
  const { skus, total } = await findProducts(running, {
    words: '',
    filter: productFilterSchema.parse({ brand, status: 'active' }),
    sort: 'name',
    offset: query.offset,
    limit: query.limit,
  })
  const context = pricedContextOf(shop, query)
  return {
    name: brand,
    mark: shop.brandMarks.get(brand) ?? null,
    products: skus.map(sku => catalogueCard(shop.catalogue.item(sku)!, context)),
    total,
  }
})
