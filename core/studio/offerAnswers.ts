import { z } from 'zod'
import { offer } from '../offers/offer'

/** What the studio is told of together offers. */
export const offersAnswer = z.object({ offers: z.array(offer) })
