import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyHandOrder, anyTarget } from '../naiveStep.testing'
import type { chosenStepSchema } from './chosenStep'

export const naiveChosen: NaiveStep<z.infer<typeof chosenStepSchema>> = {
  any: fc.record({
    from: fc.constant('chosen' as const),
    targets: fc.uniqueArray(anyTarget, { maxLength: 4 }),
    order: anyHandOrder,
    ...anyCommon,
  }),
  offers: ({ targets, order }, { ordered, plainOffers, productOf }) =>
    plainOffers(ordered(targets.filter(productOf), order)).map(offer => ({ ...offer, place: targets.indexOf(offer.target) + 1 })),
}
