import { cartAnswer } from '../../../../core/delivery/cartAnswer'
import type { OrderAnswer } from '../../../../core/delivery/contract/cart'
import { languageQuerySchema } from '../../../../core/delivery/contract/catalogue'
import { orderRequestSchema } from '../../../../core/delivery/contract/cart'
import { answerContextOf } from '../../../delivery/answerContext'
import { useShop } from '../../../running/useShop'
import { OrderRefused, placeOrder } from '../../../orders/placeOrder'

/** Places an order of the simulated checkout. */
export default api('nothing', async (event): Promise<OrderAnswer> => {
  const { lines, total } = await bodyOf(event, orderRequestSchema)
  const { lang } = queryOf(event, languageQuerySchema)
  const running = await useShop()
  try {
    const order = await placeOrder(running, lines, total)
    setResponseStatus(event, 201)
    setResponseHeader(event, 'cache-control', 'no-store')
    return cartAnswer(order, running.shop.offerMap, answerContextOf(running.shop, lang))
  } catch (error) {
    if (error instanceof OrderRefused)
      throw new Problem(
        409,
        error.code,
        'This order can’t be placed',
        `${error.message} Nothing was ordered.`,
        error.cart.warnings.map(each => each.sku),
      )
    throw error
  }
})
