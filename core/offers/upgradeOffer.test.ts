import { expect, it } from 'vitest'
import { offerRecord } from '../records/offers/offerRecord'
import { emptyScope } from '../pagePlans/pagePlan'
import { makeOffer } from './makeOffer.testing'
import { upgradeOffer } from './upgradeOffer'

/** What all offers were before they could be otherwise. */
const offer = makeOffer('along', { look: { preset: 'plain', own: { border: 'section' } } })
const { internalName: _, texts: __, layout: ___, parts: ____, look: _____, fallbacks: ______, ...older } = offer

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

it('an offer from before several things could be asked for at once asks for one', () => {
  const smokers = { ...emptyScope, categories: ['smokers'] }
  expect(upgradeOffer({ ...older, trigger: smokers }).trigger).toEqual({ all: [smokers], except: emptyScope })
  const trigger = { all: [smokers, smokers], except: smokers }
  expect(upgradeOffer({ ...offer, trigger }).trigger).toEqual(trigger)
})
