import { cartAnswer, cartWarnings } from '../../../../core/delivery/cartAnswer'
import type { CartAnswer } from '../../../../core/delivery/contract/cart'
import { cartRequestSchema } from '../../../../core/delivery/contract/cart'
import { draftableQuerySchema } from '../../../../core/delivery/contract/catalogue'
import { priceCart } from '../../../../core/pricing/priceCart'
import { answerContextOf } from '../../../delivery/answerContext'
import { inShownShop } from '../../../delivery/shownShop'
import { admitDraft } from '../../../admission/admitDraft'
import { limitCostly } from '../../../admission/limits'
import { useShop } from '../../../running/useShop'

/** What a cart costs now, and what of it can't be had. Nothing is written. */
export default api('nothing', async (event): Promise<CartAnswer> => {
  await limitCostly(event)
  const query = queryOf(event, draftableQuerySchema)
  await admitDraft(event, query)
  const { lines } = await bodyOf(event, cartRequestSchema)
  const { shop, store } = await useShop()
  const context = answerContextOf(shop, query)
  setResponseHeader(event, 'cache-control', 'no-store')
  return inShownShop(query, shop, store, shown => {
    const { warnings, ...priced } = priceCart(lines, shown, context.at)
    return { ...cartAnswer(priced, shown.offers, context), warnings: cartWarnings(warnings) }
  })
})
