import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { anyRule } from './anyRule.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { alternatives, withAlternatives } from './alternatives'
import { targetCheck } from './matches'
import type { Condition, TargetTest } from './rule'

const part = (brand: 'same' | 'different') => ({ brand })
const every = (condition: Condition<TargetTest>): string => JSON.stringify(condition)

describe('the alternatives of a rule', () => {
  it('are the parts of every “any” that hold', () => {
    const rule = {
      all: [
        { any: [part('same'), part('different')] },
        { any: [{ newer: true as const }, { all: [part('different'), { any: [{ sharedTags: 1 }, { sharedTags: 2 }] }] }] },
      ],
    }
    const holds = (each: Condition<TargetTest>) => !every(each).includes('"same"') && every(each) !== '{"sharedTags":2}'
    const found = alternatives(rule, holds)
    expect(found).toEqual(['pick.0.1', 'pick.1.0', 'pick.1.1', 'pick.1.1.1.0'])
    expect(withAlternatives(rule, found)).toEqual({
      all: [{ any: [part('different')] }, { any: [{ newer: true }, { all: [part('different'), { any: [{ sharedTags: 1 }] }] }] }],
    })
  })

  it('leave a rule that a target still passes, when it passed the whole', () => {
    fc.assert(
      fc.property(anyPlainShop, anyRule, fc.constantFrom(...skus), fc.constantFrom(...skus), (plain, { pick }, from, to) => {
        const shop = shopOf(plain)
        const facts = {
          sold: (sku: string) => shop.index.facts.sold(sku),
          categoriesFrom: (key: string) => shop.catalogue.categoriesFrom(key),
          at: now,
        }
        const target = shop.catalogue.product(to)!
        const holds = (each: Condition<TargetTest>) => targetCheck(each, shop.catalogue.product(from)!, facts)(target)
        fc.pre(holds(pick))
        const left = withAlternatives(pick, alternatives(pick, holds))
        expect(holds(left)).toBe(true)
        // Whatever alternative is left holds by itself.
        const check = (each: Condition<TargetTest>): void => {
          if ('any' in each) for (const some of each.any) expect(holds(some)).toBe(true)
          if ('any' in each || 'all' in each) ('any' in each ? each.any : each.all).forEach(check)
        }
        check(left)
      }),
      { numRuns: 400 },
    )
  })
})
