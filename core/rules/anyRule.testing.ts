import fc from 'fast-check'
import type { Trait } from '../catalogue/traits'
import type { Range } from './range'
import type { Condition, ProductTest, Rule, TargetTest } from './rule'

/*
 * Rules of every sort, for property tests: about few traits, so that products have much in common.
 */

const pick = fc.constantFrom
export const categoryKeys = ['hives', 'frames', 'deep-frames', 'tools']
export const tags = ['oak', 'gift', 'bulk']
export const brands = ['Alder', 'Birch']
export const standards = ['National', 'Commercial']

export const anyTrait: fc.Arbitrary<Trait> = fc.oneof(
  pick(...categoryKeys, 'gone').map(name => ({ of: 'category' as const, name })),
  pick(...brands).map(name => ({ of: 'brand' as const, name })),
  pick(...tags).map(name => ({ of: 'tag' as const, name })),
  fc
    .record({ name: pick('fits', 'standard', 'gone'), value: pick(...standards) }, { requiredKeys: ['name'] })
    .map(each => ({ of: 'attribute' as const, ...each })),
)
/** Both ends, one of them, or an impossible pair. */
export const rangeOf = (...ends: number[]): fc.Arbitrary<Range> =>
  fc.oneof(
    fc.record({ from: pick(...ends), to: pick(...ends) }),
    pick(...ends).map(from => ({ from })),
    pick(...ends).map(to => ({ to })),
  )
const productTest: fc.Arbitrary<ProductTest> = fc.oneof(
  { weight: 3, arbitrary: anyTrait.map(has => ({ has })) },
  rangeOf(0, 500, 900, 1500).map(price => ({ price })),
  rangeOf(0, 1, 2).map(stock => ({ stock })),
  rangeOf(0, 1, 5).map(sold => ({ sold })),
  pick(10, 30, 400).map(releasedWithin => ({ releasedWithin })),
)
const targetTest: fc.Arbitrary<TargetTest> = fc.oneof(
  productTest,
  pick('same' as const, 'different' as const).map(brand => ({ brand })),
  pick('same' as const, 'different' as const).map(category => ({ category })),
  fc.record({ attribute: pick('fits', 'standard'), sourceAttribute: pick('fits', 'standard') }),
  rangeOf(33.3, 50, 75.03, 100, 150, 200).map(pricePercent => ({ pricePercent })),
  fc.constant({ newer: true as const }),
  pick(1, 2).map(sharedTags => ({ sharedTags })),
)
const conditionOf = <Test>(test: fc.Arbitrary<Test>): fc.Arbitrary<Condition<Test>> =>
  fc.letrec<{ any: Condition<Test> }>(tie => ({
    any: fc.oneof(
      { maxDepth: 3, depthIdentifier: 'condition' },
      { weight: 3, arbitrary: test },
      ...(['all', 'any', 'none'] as const).map(name => ({
        weight: 1,
        arbitrary: fc.array(tie('any'), { maxLength: 3 }).map(parts => ({ [name]: parts }) as unknown as Condition<Test>),
      })),
    ),
  })).any
export const anyRule: fc.Arbitrary<Rule> = fc.record({
  when: fc.oneof(fc.constant<Condition<ProductTest>>({ all: [] }), conditionOf(productTest)),
  pick: conditionOf(targetTest),
})
