import { z } from 'zod'
import { offerSchema } from '../offers/offer'

/** What the studio is told of together offers. */
export const offersAnswerSchema = z.object({ offers: z.array(offerSchema) })
