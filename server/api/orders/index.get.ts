import type { z } from 'zod'
import type { orderListSchema } from '../../../core/studio/orderAnswers'
import { orderListQuerySchema } from '../../../core/studio/orderAnswers'
import { msOfWallTime } from '../../../core/time/wallTime'
import { useShop } from '../../running/useShop'

/** Orders, newest first. */
export default api('viewer', async (event): Promise<z.infer<typeof orderListSchema>> => {
  const { q, from, until, with: withWhat, offset, limit } = queryOf(event, orderListQuerySchema)
  const { store, shop } = await useShop()
  const { timeZone } = shop.settings
  const midnight = (day: string) => new Date(msOfWallTime(`${day}T00:00`, timeZone)).toISOString()
  const sought = {
    words: q,
    from: from === undefined ? null : midnight(from),
    before: until === undefined ? null : midnight(dayAfter(until)),
    with: withWhat,
  }
  return store.orders(sought, offset, limit)
})

const dayAfter = (day: string) => new Date(Date.parse(day) + 24 * 3600_000).toISOString().slice(0, 10)
