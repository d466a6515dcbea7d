import { cartAnswer, cartWarnings } from '../../../../core/delivery/cartAnswer'
import type { CartAnswer } from '../../../../core/delivery/contract/cart'
import { cartRequestSchema } from '../../../../core/delivery/contract/cart'
import { languageQuerySchema } from '../../../../core/delivery/contract/catalogue'
import { priceCart } from '../../../../core/pricing/priceCart'
import { answerContextOf } from '../../../delivery/answerContext'
import { limitCostly } from '../../../admission/limits'
import { useShop } from '../../../running/useShop'

/** What a cart costs now, and what of it can't be had. Nothing is written. */
export default api('nothing', async (event): Promise<CartAnswer> => {
  await limitCostly(event)
  const { lines } = await bodyOf(event, cartRequestSchema)
  const { lang } = queryOf(event, languageQuerySchema)
  const { shop } = await useShop()
  const context = answerContextOf(shop, lang)
  setResponseHeader(event, 'cache-control', 'no-store')
  const { warnings, ...priced } = priceCart(lines, shop, context.at)
  return { ...cartAnswer(priced, shop.offerMap, context), warnings: cartWarnings(warnings) }
})
