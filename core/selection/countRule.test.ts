import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import { completed } from '../steps'
import { anyPlainShop, now, shopOf } from './anyShop.testing'
import { anyRule } from '../rules/anyRule.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { countRule } from './countRule'
import { makeShopper } from './makeShop.testing'
import { resolvePage } from './resolvePage'

describe('countRule', () => {
  it('finds what a section of this rule alone would show, and of each part what the part alone would', () => {
    fc.assert(
      fc.property(anyPlainShop, anyRule, fc.constantFrom(...skus), (plain, rule, sku) => {
        // What has no price, or is drafted, is counted, and not shown.
        const products = plain.products.map(each => ({ ...each, price: each.price ?? 1, status: 'active' as const }))
        const shop = shopOf({ ...plain, products })
        const shown = (pick: typeof rule.pick, when: typeof rule.when) => {
          const only = makeSection('only', {
            steps: [{ from: 'rule', rule: { when, pick }, order: 'best-selling', subjects: 'page', cap: null, off: false }],
            guards: [],
            places: 48,
          })
          const there = {
            ...shop,
            switchedOff: () => new Set<string>(),
            sections: new Map([['only', only]]),
            plans: new PlanBook([makePlan('product', ['only'])]),
          }
          return (
            resolvePage(there, { kind: 'product', sku }, makeShopper({ at: now })).sections[0]?.items.map(item => item.product.sku) ?? []
          )
        }
        const { counts, matches, applies } = completed(countRule(rule, sku, shop, now, 100))
        expect(matches.map(each => each.sku)).toEqual(shown(rule.pick, { all: [] }))
        expect(counts.pick).toBe(matches.length)
        expect(applies ? matches.map(each => each.sku) : []).toEqual(shown(rule.pick, rule.when))
        const { any, all, none } = rule.pick as Partial<Record<'any' | 'all' | 'none', (typeof rule.pick)[]>>
        const parts = any ?? all ?? none ?? []
        expect(parts.map((_, i) => counts[`pick.${i}`])).toEqual(parts.map(part => shown(part, { all: [] }).length))
        // What a rule is for is counted over all products, the source among them.
        expect(counts.when).toBe(skus.filter(each => completed(countRule(rule, each, shop, now, 0)).applies).length)
      }),
      { numRuns: 300 },
    )
  })
})
