import fc from 'fast-check'
import type { z } from 'zod'
import type { NaiveStep } from '../naiveStep.testing'
import { anyCommon, anyHandOrder, kinds } from '../naiveStep.testing'
import type { linksStepSchema } from './linksStep'

export const naiveLinks: NaiveStep<z.infer<typeof linksStepSchema>> = {
  weight: 3,
  any: fc.record({
    from: fc.constant('links' as const),
    kind: fc.constantFrom(...kinds),
    order: fc.oneof(fc.constant('hand' as const), anyHandOrder),
    ...anyCommon,
  }),
  offers: (step, { shop, shopper, sources, turns, ordered, productOf }) =>
    turns(
      sources.map(source => {
        if (shop.retiredKinds.includes(step.kind)) return []
        const lane = shop.lanes.find(each => each.source === source && each.kind === step.kind)?.lane ?? []
        return ordered(lane.map(link => link.target).filter(productOf), step.order).map(target => {
          const at = lane.findIndex(link => link.target === target)
          const { from, until } = lane[at]!
          // A date without a time is a whole day.
          const begins = from ? new Date(from).getTime() : -Infinity
          const ends = until
            ? new Date(until.length === 10 ? `${until}T23:59:59.999Z` : until).getTime() + (until.length === 10 ? 1 : 0)
            : Infinity
          return { target, source, place: at + 1, outside: shopper.at.ms < begins || shopper.at.ms >= ends, leftOut: false }
        })
      }),
    ),
}
