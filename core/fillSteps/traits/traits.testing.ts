import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyScoredOrder, common, distinct } from '../naiveStep.testing'
import type { traitsStepSchema } from './traitsStep'

export const naiveTraits: NaiveStep<z.infer<typeof traitsStepSchema>> = {
  weight: 2,
  any: fc.record({
    from: fc.constant('traits' as const),
    traits: fc.subarray(['category' as const, 'brand' as const, 'tag' as const]),
    attribute: fc.option(fc.constantFrom('fits', 'standard')),
    least: fc.constantFrom(1, 2, 3),
    order: anyScoredOrder,
    ...anyCommon,
  }),
  offers: (step, { shop, sources, turns, ordered, counting, plainOffers, skus }) =>
    turns(
      sources.map(source => {
        const own = counting(source)
        const scores = Object.fromEntries(
          shop.products.map(each => [
            each.sku,
            (step.traits.includes('category') ? distinct(common(own.categories, each.categories)).length : 0) +
              (step.traits.includes('brand') && own.brand && own.brand === each.brand ? 1 : 0) +
              (step.traits.includes('tag') ? distinct(common(own.tags, each.tags)).length : 0) +
              (step.attribute ? distinct(common(own.attributes[step.attribute], each.attributes[step.attribute])).length : 0),
          ]),
        )
        return plainOffers(
          ordered(
            skus(each => each.sku !== source && scores[each.sku]! >= step.least),
            step.order,
            scores,
          ),
          source,
        )
      }),
    ),
}
