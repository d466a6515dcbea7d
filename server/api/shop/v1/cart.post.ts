import type { CartAnswer } from '../../../../core/delivery/contract'
import { cartRequest } from '../../../../core/delivery/contract'
import { priceCart } from '../../../../core/pricing/priceCart'
import { useShop } from '../../../engine/useShop'

/** What a cart costs now, and what of it can't be had. Nothing is written. */
export default api(async (event): Promise<CartAnswer> => {
  const { lines } = await bodyOf(event, cartRequest)
  const { shop } = await useShop()
  setResponseHeader(event, 'cache-control', 'no-store')
  return { ...priceCart(lines, shop.catalogue, Date.now()), currency: shop.settings.currency }
})
