import type { H3Event } from 'h3'
import { cartAnswer } from '../../../../core/delivery/cartAnswer'
import type { OrderAnswer } from '../../../../core/delivery/contract/cart'
import { draftableQuerySchema } from '../../../../core/delivery/contract/catalogue'
import { orderRequestSchema } from '../../../../core/delivery/contract/cart'
import { answerContextOf } from '../../../delivery/answerContext'
import { useShop } from '../../../running/useShop'
import { isCheckoutOn } from '../../../orders/checkout'
import { limitOrders } from '../../../admission/limits'
import { clientAddress } from '../../../http/clientAddress'
import { OrderRefused, placeOrder } from '../../../orders/placeOrder'

/**
 * The key that a sender gives to each order, and sends again with the same one.
 * Source: IETF draft-ietf-httpapi-idempotency-key-header, from memory.
 */
function orderKeyOf(event: H3Event): string {
  const key = getHeader(event, 'idempotency-key')?.replace(/^"(.*)"$/, '$1') ?? ''
  if (/^[\x21-\x7e]{8,128}$/.test(key)) return key
  throw new Problem(
    400,
    'no-idempotency-key',
    'The request is malformed',
    'An order needs a header Idempotency-Key of 8 to 128 characters, a new one for each order. Nothing was ordered.',
  )
}

/** Places an order of the simulated checkout. */
export default api('nothing', async (event): Promise<OrderAnswer> => {
  if (!isCheckoutOn())
    throw new Problem(403, 'checkout-off', 'Orders are placed elsewhere', 'This server takes no orders: MANADA_CHECKOUT=on lets it.')
  const { lang, draft } = queryOf(event, draftableQuerySchema)
  if (draft) throw new Problem(409, 'only-a-look', 'This is only a look', 'This is a look at what is drafted: nothing can be ordered here.')
  const key = orderKeyOf(event)
  await limitOrders(clientAddress(event.node.req))
  const { lines, total, visitor } = await bodyOf(event, orderRequestSchema)
  if (visitor !== undefined) await limitOrders(visitor)
  const running = await useShop()
  try {
    const order = await placeOrder(running, lines, total, key)
    setResponseStatus(event, 201)
    setResponseHeader(event, 'cache-control', 'no-store')
    return cartAnswer(order, running.shop.offers, answerContextOf(running.shop, { lang }))
  } catch (error) {
    if (error instanceof OrderRefused)
      throw new Problem(
        error.code === 'key-reused' ? 422 : 409,
        error.code,
        'This order can’t be placed',
        `${error.message} Nothing was ordered.`,
        error.cart?.warnings.map(each => each.sku),
      )
    throw error
  }
})
