import { expect, it } from 'vitest'
import { offerRecord } from '../records/offers/offerRecord'
import { makeOffer } from './makeOffer.testing'

it('an offer from before there were drafts of it is live if it was active, and a draft', () => {
  const offer = makeOffer('along')
  const before = (active: boolean) => offerRecord.upgrade({ ...offer, active } as never)
  expect(before(true)).toEqual({ live: offer, draft: offer })
  expect(before(false)).toEqual({ live: null, draft: offer })
  const today = { live: null, draft: offer }
  expect(offerRecord.upgrade(today)).toEqual(today)
})
