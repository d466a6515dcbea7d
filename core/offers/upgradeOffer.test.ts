import { expect, it } from 'vitest'
import { offerRecord } from '../records/offers/offerRecord'
import { makeOffer } from './makeOffer.testing'
import { upgradeOffer } from './upgradeOffer'

const offer = makeOffer('along')
const { internalName: _, ...older } = offer

it('an offer from before there were drafts of it is live if it was active, and a draft', () => {
  const before = (active: boolean) => offerRecord.upgrade({ ...older, active } as never)
  expect(before(true)).toEqual({ live: offer, draft: offer })
  expect(before(false)).toEqual({ live: null, draft: offer })
  const today = { live: null, draft: offer }
  expect(offerRecord.upgrade(today)).toEqual(today)
})

it('an offer from before it had a name in the studio is called by its heading', () => {
  expect(upgradeOffer(older)).toEqual(offer)
  expect(offerRecord.upgrade({ live: older, draft: null } as never)).toEqual({ live: offer, draft: null })
  const named = { ...offer, internalName: 'Spring, second try' }
  expect(upgradeOffer(named)).toEqual(named)
})
