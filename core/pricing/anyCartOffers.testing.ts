import fc from 'fast-check'
import { skus } from '../bundles/anyBundle.testing'
import { forAnyOf, makeOffer } from '../offers/makeOffer.testing'
import type { Offer } from '../offers/offer'
import { inOfferOrder } from '../offers/offered'

const chosen = (offered: string[]) => ({ by: 'chosen' as const, skus: offered })
const anyOffer = fc.record({
  rank: fc.nat(2),
  limit: fc.integer({ min: 1, max: 4 }),
  stacks: fc.boolean(),
  reduction: fc.oneof(
    {
      weight: 4,
      arbitrary: fc.record({ by: fc.constant('percent' as const), percent: fc.integer({ min: 1, max: 10_000 }).map(each => each / 100) }),
    },
    { weight: 4, arbitrary: fc.record({ by: fc.constant('amount' as const), amount: fc.integer({ min: 1, max: 2000 }) }) },
    { weight: 1, arbitrary: fc.constant(null) },
  ),
  trigger: fc.option(fc.subarray(['P0', 'P1', 'P4', 'B0']).map(products => forAnyOf({ products }))),
  skus: fc.subarray([...skus, 'B0'], { maxLength: 4 }),
  instead: fc.array(fc.subarray([...skus, 'B0'], { maxLength: 3 }), { maxLength: 1 }),
})

/** Three offers or fewer, in their order, for carts of what anyBundle.testing.ts makes. */
export const anyCartOffers: fc.Arbitrary<Offer[]> = fc
  .array(anyOffer, { maxLength: 3 })
  .map(drawn =>
    inOfferOrder(
      drawn.map(({ skus: offered, instead, ...part }, i) =>
        makeOffer(`o${i}`, { ...part, offered: chosen(offered), fallbacks: instead.map(chosen) }),
      ),
    ),
  )
