import { asItIs, keyedRecord } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'
import type { Offer } from '../../offers/offer'

/** Together offers. */
export const offerRecord = keyedRecord<'offer', Offer>(
  { of: 'offer', called: 'the same offer', live: (_, effects) => effects.offersChanged() },
  asItIs,
)
export type OfferChange = ChangeOf<'offer', Offer | null>
