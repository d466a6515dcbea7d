import fc from 'fast-check'
import type { z } from 'zod'
import { categoryKeys } from '../../rules/anyRule.testing'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyFreeOrder } from '../naiveStep.testing'
import type { categoryStepSchema } from './categoryStep'

export const naiveCategory: NaiveStep<z.infer<typeof categoryStepSchema>> = {
  any: fc.record({
    from: fc.constant('category' as const),
    category: fc.constantFrom(...categoryKeys, 'gone'),
    below: fc.boolean(),
    order: anyFreeOrder,
    ...anyCommon,
  }),
  offers: ({ category, below, order }, { ordered, plainOffers, skus, exists, isIn }) =>
    plainOffers(
      ordered(
        skus(each => exists(category) && (below ? isIn(each, category) : each.categories.includes(category))),
        order,
      ),
    ),
}
