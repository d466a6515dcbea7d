import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { anyRule } from '../rules/anyRule.testing'
import { countRule } from '../selection/countRule'
import { makeShop } from '../selection/makeShop.testing'
import { completed } from '../steps'
import { ruleReach } from './ruleReach'

describe('how far a rule reaches', () => {
  it('is what counting it for every product says', () => {
    fc.assert(
      fc.property(anyPlainShop, anyRule, (plain, rule) => {
        const shop = shopOf(plain)
        const active = shop.catalogue.products.filter(each => each.status === 'active')
        const counted = active.map(source => completed(countRule(rule, source.sku, shop, now, 100))).filter(each => each.applies)
        const picked = counted.reduce((sum, each) => sum + each.matches.filter(match => match.status === 'active').length, 0)
        const pairs = counted.length * (active.length - 1)
        const reach = completed(ruleReach(rule, shop, now))
        expect(reach.sources).toBe(counted.length)
        expect(reach.never).toBe(picked === 0)
        expect(reach.share).toBeCloseTo(pairs > 0 ? picked / pairs : 0, 10)
      }),
      { numRuns: 300 },
    )
  })

  it('finds the one pair in a large catalogue that a sample would miss', () => {
    const tags: Record<number, string[]> = { 1: ['needle'], 2: ['thread'] }
    const products = Array.from({ length: 2000 }, (_, i) => makeProduct(`P${String(i).padStart(4, '0')}`, { tags: tags[i] ?? [] }))
    const rule = { when: { has: { of: 'tag' as const, name: 'needle' } }, pick: { has: { of: 'tag' as const, name: 'thread' } } }
    expect(completed(ruleReach(rule, makeShop(products), now))).toMatchObject({ sources: 1, never: false })
    expect(completed(ruleReach({ ...rule, pick: { has: { of: 'tag', name: 'wool' } } }, makeShop(products), now))).toMatchObject({
      sources: 1,
      never: true,
    })
    expect(completed(ruleReach({ when: { all: [] }, pick: { price: { from: 1 } } }, makeShop(products), now))).toMatchObject({
      sources: 2000,
      never: false,
      share: 1,
    })
  })
})
