import { productAnswer } from '../../../../../../core/delivery/catalogueAnswer'
import { languageQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { UnknownSubjectError } from '../../../../../../core/selection/shop'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { answerContextOf } from '../../../../../delivery/answerContext'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async event => {
  const { lang } = queryOf(event, languageQuerySchema)
  const sku = pathPart(event, 'sku')
  const { shop, store } = await useShop()
  const product = shop.catalogue.item(sku)?.product
  if (!product) throw new UnknownSubjectError({ kind: 'product', sku })
  const description = (await store.descriptions([product.sku])).get(product.sku) ?? {}
  return productAnswer({ ...product, description }, shop.catalogue, answerContextOf(shop, lang))
})
