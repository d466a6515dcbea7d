import type { PlanScope } from '../pagePlans/pagePlan'
import { emptyScope } from '../pagePlans/pagePlan'
import type { Offer, OfferTrigger } from './offer'
import { offerDefaults } from './offerDefaults'

/** For all that have something of a scope. */
export const forAnyOf = (scope: Partial<PlanScope>): OfferTrigger => ({ all: [{ ...emptyScope, ...scope }], except: emptyScope })

/** A plain offer for tests: for every product, 10 % off, once in a cart. */
export const makeOffer = (key: string, part: Partial<Offer> = {}): Offer => ({
  key,
  rank: 0,
  ...offerDefaults,
  heading: { en: key },
  offered: { by: 'chosen', skus: [] },
  reduction: { by: 'percent', percent: 10 },
  ...part,
})
