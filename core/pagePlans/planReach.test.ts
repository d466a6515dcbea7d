import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import type { PlainShop } from '../selection/naiveResolve.testing'
import { resolvePage } from '../selection/resolvePage'
import { visitTo } from '../selection/visit'
import { completed } from '../steps'
import type { PagePlan } from './pagePlan'
import { pageKindSchema } from './pagePlan'
import type { PlannedShop } from './planReach'
import { planCounts, planReach, subjectOf } from './planReach'

const planned = (plain: PlainShop): PlannedShop => {
  const { plans, catalogue } = shopOf(plain)
  return { plans, catalogue, categories: plain.categories, articles: plain.articles }
}
/** What pages of a kind are about, by walking through the shop. */
function subjects(page: PagePlan['page'], { products, categories, articles }: PlainShop): string[] {
  if (page === 'home') return ['']
  if (page === 'category') return categories.map(each => each.key)
  return page === 'article' ? articles.map(each => each.key) : products.filter(each => each.status === 'active').map(each => each.sku)
}

describe('which pages a plan is for', () => {
  it('are those that resolve with it, and every page has one', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom(...pageKindSchema.options), (plain, page) => {
        const shop = shopOf(plain)
        const all = planned(plain)
        const gotBy = subjects(page, plain).map(about => [about, resolvePage(shop, ...visitTo(page, about, now)).plan.key] as const)
        for (const plan of all.plans.of(page)) {
          expect([plan.key, completed(planReach(plan, all)).gets]).toEqual([
            plan.key,
            gotBy.filter(([, key]) => key === plan.key).map(([about]) => about),
          ])
        }
        const counts = completed(planCounts(page, all))
        expect([...counts.values()].reduce((a, b) => a + b, 0)).toBe(gotBy.length)
        for (const [key, count] of counts) expect(count).toBe(gotBy.filter(([, got]) => got === key).length)
      }),
      { numRuns: 150 },
    )
  }, 60_000)

  it('are shared with all others that are for the page too, the one that wins first', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom(...pageKindSchema.options), (plain, page) => {
        const all = planned(plain)
        for (const plan of all.plans.of(page)) {
          const { gets, shared } = completed(planReach(plan, all))
          if (plan.scope === null) expect(shared).toEqual([])
          for (const { about, plans } of shared) {
            expect(plans.length).toBeGreaterThan(1)
            expect(plans.map(each => each.plan.key)).toContain(plan.key)
            expect(plans[0]!.plan === plan).toBe(gets.includes(about))
            expect(plans[0]!.plan).toBe(all.plans.planFor(page, subjectOf(page, about, all)!, all.catalogue))
            expect(plans.some(each => each.reason.by === 'default')).toBe(false)
          }
        }
      }),
      { numRuns: 150 },
    )
  }, 60_000)

  it('are about what the shop has; a variant stands for its product', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const all = planned(plain)
        expect(subjectOf('product', 'A-1', all)?.products.map(each => each.sku)).toEqual(['A'])
        expect([subjectOf('product', 'GONE', all), subjectOf('category', 'gone', all), subjectOf('article', 'gone', all)]).toEqual([
          null,
          null,
          null,
        ])
        expect(subjectOf('category', 'hives', all)).toEqual({ products: [], category: 'hives' })
      }),
      { numRuns: 5 },
    )
  })
})
