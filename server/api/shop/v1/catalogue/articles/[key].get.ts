import { catalogueCard, namedKey } from '../../../../../../core/delivery/catalogueAnswer'
import type { ArticleAnswer } from '../../../../../../core/delivery/contract/catalogue'
import { pricedQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { UnknownSubjectError } from '../../../../../../core/selection/shop'
import { textIn } from '../../../../../../core/text/text'
import { isShownToAll } from '../../../../../delivery/isShownToAll'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { pricedContextOf } from '../../../../../delivery/answerContext'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async (event): Promise<ArticleAnswer> => {
  const query = queryOf(event, pricedQuerySchema)
  const key = pathPart(event, 'key')
  const { shop } = await useShop()
  const article = shop.catalogue.article(key)
  if (!article) throw new UnknownSubjectError({ kind: 'article', key })
  const context = pricedContextOf(shop, query)
  return {
    ...namedKey({ key, name: article.title }, context),
    text: textIn(article.body, context.language, shop.settings.language),
    image: article.image,
    products: article.products
      .filter(sku => isShownToAll(sku, shop))
      .flatMap(sku => shop.catalogue.item(sku) ?? [])
      .map(item => catalogueCard(item, context)),
  }
})
