import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hasBlock } from '../pagePlans/pagePlan'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { resolvePage } from '../selection/resolvePage'
import { visitTo } from '../selection/visit'
import { completed } from '../steps'
import { planReview } from './planReview'

describe('the review of a page plan', () => {
  it('says what its pages show, which of them show nothing, and which sections would show the same', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom('product' as const, 'added' as const, 'cart' as const), (plain, page) => {
        const shop = shopOf(plain)
        const pages = skus.map(sku => ({ sku, ...resolvePage(shop, ...visitTo(page, sku, now)) }))
        for (const plan of shop.plans.of(page)) {
          const own = pages.filter(each => each.plan === plan)
          const { sampled, blank, shown, same } = completed(
            planReview(
              shop,
              plan,
              own.map(each => each.sku),
              now,
            ),
          )
          expect(sampled).toBe(own.length)
          expect(blank).toEqual(own.filter(each => !each.sections.length && each.offers.every(offer => offer.hidden)).map(each => each.sku))
          for (const key of ['s1', 's2', 's3', 's4']) {
            const counts = own.flatMap(each => each.sections.filter(one => one.section.key === key).map(one => one.items.length))
            if (counts.length) expect(shown.get(key)).toBeCloseTo(counts.reduce((a, b) => a + b, 0) / counts.length)
            else expect(shown.has(key)).toBe(false)
          }
          for (const { first, second, pages: count, sampled: of } of same) {
            expect(hasBlock(plan, first) && hasBlock(plan, second)).toBe(true)
            expect(of).toBe(own.length)
            expect(count * 2).toBeGreaterThan(of)
          }
        }
      }),
      { numRuns: 100 },
    )
  }, 60_000)
})
