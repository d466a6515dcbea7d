import { productAnswer } from '../../../../../../core/delivery/catalogueAnswer'
import { productQuerySchema } from '../../../../../../core/delivery/contract/catalogue'
import { UnknownSubjectError } from '../../../../../../core/selection/shop'
import { admitDraft } from '../../../../../admission/admitDraft'
import { isShownToAll } from '../../../../../delivery/isShownToAll'
import { publicAnswer } from '../../../../../delivery/publicAnswer'
import { pricedContextOf } from '../../../../../delivery/answerContext'
import { inShownShop } from '../../../../../delivery/shownShop'
import { useShop } from '../../../../../running/useShop'

export default publicAnswer(async event => {
  const query = queryOf(event, productQuerySchema)
  const { draft } = query
  await admitDraft(event, query)
  const sku = pathPart(event, 'sku')
  const { shop, store } = await useShop()
  if (!draft && !isShownToAll(sku, shop)) throw new UnknownSubjectError({ kind: 'product', sku })
  const own = shop.catalogue.item(sku)?.product.sku ?? sku
  const descriptions = await store.descriptions([own])
  return inShownShop(query, shop, store, shown => {
    const { catalogue } = shown
    const product = catalogue.item(sku)?.product
    if (!product) throw new UnknownSubjectError({ kind: 'product', sku })
    // That of a bundle in another version comes with it.
    const description = Object.keys(product.description).length ? product.description : (descriptions.get(own) ?? {})
    // Of a product for sale, a variant may still be drafted.
    const variants = draft ? product.variants : product.variants.filter(each => each.status !== 'draft')
    return productAnswer({ ...product, description, variants }, catalogue, pricedContextOf(shop, query, shown, draft))
  })
})
