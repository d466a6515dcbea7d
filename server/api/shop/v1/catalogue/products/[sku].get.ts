import { productAnswer } from '../../../../../../core/delivery/catalogueAnswer'
import { draftableQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { UnknownSubjectError } from '../../../../../../core/selection/shop'
import { admitDraft } from '../../../../../admission/admitDraft'
import { isShownToAll } from '../../../../../delivery/isShownToAll'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { answerContextOf } from '../../../../../delivery/answerContext'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async event => {
  const query = queryOf(event, draftableQuerySchema)
  const { lang, draft } = query
  await admitDraft(event, query)
  const sku = pathPart(event, 'sku')
  const { shop, store } = await useShop()
  const product = shop.catalogue.item(sku)?.product
  if (!product || (!draft && !isShownToAll(sku, shop))) throw new UnknownSubjectError({ kind: 'product', sku })
  const description = (await store.descriptions([product.sku])).get(product.sku) ?? {}
  // Of a product for sale, a variant may still be drafted.
  const variants = draft ? product.variants : product.variants.filter(each => each.status !== 'draft')
  return productAnswer({ ...product, description, variants }, shop.catalogue, answerContextOf(shop, lang, draft))
})
