import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyFreeOrder } from '../naiveStep.testing'
import type { relatedCategoriesStepSchema } from './relatedCategoriesStep'
import { nearnessSchema } from './relatedCategoriesStep'

export const naiveRelatedCategories: NaiveStep<z.infer<typeof relatedCategoriesStepSchema>> = {
  any: fc.record({
    from: fc.constant('relatedCategories' as const),
    of: fc.constantFrom(...nearnessSchema.options),
    order: anyFreeOrder,
    ...anyCommon,
  }),
  offers: ({ of, order }, { about, turns, ordered, plainOffers, skus, isIn, categoriesNear, productOf }) =>
    turns(
      categoriesNear(of).map(top =>
        plainOffers(
          ordered(
            skus(each => isIn(each, top)),
            order,
          ),
        ),
      ),
    ).filter(({ target }) => of === 'below' || !isIn(productOf(target)!, about[0]!)),
}
