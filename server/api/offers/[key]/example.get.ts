import { exampleProduct } from '../../../../core/offers/exampleProduct'
import type { OfferExample } from '../../../../core/studio/draftAnswers'
import { exampleQuerySchema } from '../../../../core/studio/draftAnswers'
import { useShop } from '../../../running/useShop'

/** A product to show an offer with, as it is drafted; the one that was tried last, if it can be that one. */
export default api('viewer', async (event): Promise<OfferExample> => {
  const key = pathPart(event, 'key')
  const { tried } = queryOf(event, exampleQuerySchema)
  const { shop } = await useShop()
  const { draft, live } = shop.versions.offers.get(key) ?? { draft: null, live: null }
  const offer = draft ?? live
  if (!offer) throw new Problem(404, 'unknown-offer', 'Not found', `There is no together offer with the key ${key}.`, [key])
  return shop.asDrafted(shown => {
    const last = shown.catalogue.product(tried)
    const products = [...(last ? [last] : []), ...shown.catalogue.products]
    return { sku: exampleProduct(offer, products, shown, shop.now())?.sku ?? null }
  })
})
