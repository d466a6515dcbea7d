import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyHandOrder } from '../naiveStep.testing'
import type { namedStepSchema } from './namedStep'

export const naiveNamed: NaiveStep<z.infer<typeof namedStepSchema>> = {
  any: fc.record({ from: fc.constant('named' as const), order: anyHandOrder, ...anyCommon }),
  offers: ({ order }, { page, about, ordered, plainOffers }) =>
    page.kind === 'article' ? plainOffers(ordered(about, order)).map(offer => ({ ...offer, place: about.indexOf(offer.target) + 1 })) : [],
}
