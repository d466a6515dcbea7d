import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hasSection } from '../pagePlans/pagePlan'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { makeShopper } from '../selection/makeShop.testing'
import { resolvePage } from '../selection/resolvePage'
import { countedPages, fillSummary, shownFor } from './fill'

describe('the fill of a section', () => {
  it('is what the whole page shows of it', () => {
    fc.assert(fc.property(anyPlainShop, fc.constantFrom('s1', 's2', 's3', 's4'), fc.constantFrom(...countedPages), (plain, key, page) => {
      const shop = shopOf(plain)
      const shownOn = shownFor(shop, key, page)!
      if (!shop.plans.of(page).some(plan => hasSection(plan, key))) return
      for (const sku of skus) {
        const shown = resolvePage(shop, page === 'cart' ? { kind: 'cart' } : { kind: page, sku }, makeShopper({ at: now, cart: page === 'cart' ? [sku] : [] }))
        // Only the pages whose plan has it count.
        expect(shownOn(sku, now)).toEqual(hasSection(shown.plan, key) ? shown.sections.find(each => each.section.key === key)?.items ?? [] : null)
      }
    }), { numRuns: 500 })
  })

  it('is not counted for a section that there is none of', () => {
    fc.assert(fc.property(anyPlainShop, plain => shownFor(shopOf(plain), 'gone', 'product') === null), { numRuns: 3 })
  })

  it('is told as full, thin and blank', () => {
    expect(fillSummary({ places: 3, pages: [4, 6, 8, 12] })).toEqual({ full: 12, thin: 14, blank: 4 })
    expect(fillSummary({ places: 1, pages: [2, 5] })).toEqual({ full: 5, thin: 0, blank: 2 })
  })
})
