import type { z } from 'zod'
import type { offersAnswerSchema } from '../../core/studio/offerAnswers'
import { useShop } from '../running/useShop'

/** All together offers, in the order in which they apply. */
export default api('viewer', async (): Promise<z.infer<typeof offersAnswerSchema>> => {
  const { shop } = await useShop()
  return { offers: [...shop.offers] }
})
