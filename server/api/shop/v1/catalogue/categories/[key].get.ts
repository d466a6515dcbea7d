import { catalogueCard, categoryPath, namedKey } from '../../../../../../core/delivery/catalogueAnswer'
import type { CategoryAnswer } from '../../../../../../core/delivery/contract/catalogue'
import { listQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { UnknownSubjectError } from '../../../../../../core/selection/shop'
import { productFilterSchema } from '../../../../../../core/productSearch/productFilter'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { pricedContextOf } from '../../../../../delivery/answerContext'
import { findProducts } from '../../../../../productSearch/findProducts'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async (event): Promise<CategoryAnswer> => {
  const query = queryOf(event, listQuerySchema)
  const key = pathPart(event, 'key')
  const running = await useShop()
  const { shop } = running
  const category = shop.catalogue.category(key)
  if (!category) throw new UnknownSubjectError({ kind: 'category', key })
  const context = pricedContextOf(shop, query)
  const { skus, total } = await findProducts(running, {
    words: '',
    filter: productFilterSchema.parse({ category: key, status: 'active' }),
    sort: 'name',
    offset: query.offset,
    limit: query.limit,
  })
  return {
    ...namedKey(category, context),
    path: categoryPath(key, shop.catalogue)
      .slice(0, -1)
      .map(each => namedKey(each, context)),
    children: shop.categories.filter(each => each.parent === key).map(each => namedKey(each, context)),
    products: skus.map(sku => catalogueCard(shop.catalogue.item(sku)!, context)),
    total,
  }
})
