import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyHandOrder } from '../naiveStep.testing'
import type { recentlyViewedStepSchema } from './recentlyViewedStep'

export const naiveRecentlyViewed: NaiveStep<z.infer<typeof recentlyViewedStepSchema>> = {
  any: fc.record({ from: fc.constant('recentlyViewed' as const), order: anyHandOrder, ...anyCommon }),
  offers: ({ order }, { shopper, ordered, plainOffers, productOf }) =>
    plainOffers(ordered(shopper.seen.filter(productOf), order)).map(offer => ({ ...offer, place: shopper.seen.indexOf(offer.target) + 1 })),
}
