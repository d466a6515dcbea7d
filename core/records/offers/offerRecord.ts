import type { ChangeOf } from '../../journal/record'
import type { Offer } from '../../offers/offer'
import { offerVersions, upgradeOffer } from '../../offers/upgradeOffer'
import type { Versions } from '../../sections/versions'
import { decidesFill, draftedRecord } from '../drafts/draftedRecord'

/** Together offers. */
export const offerRecord = draftedRecord<'offer', Offer>(
  { of: 'offer', called: 'the same offer', counting: decidesFill() },
  upgradeOffer,
  offerVersions as (stored: Versions<Offer>) => Versions<Offer>,
)
export type OfferChange = ChangeOf<'offer', Versions<Offer> | null>
