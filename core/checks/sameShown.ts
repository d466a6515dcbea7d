import type { PageKind } from '../pageTypes/registry'
import { hasBlock } from '../pagePlans/pagePlan'
import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import { shopWith } from '../selection/shopWith'
import { visitTo } from '../selection/visit'
import { spread } from './spread'
import type { Moment } from '../time/moment'

/** Two sections of a page plan and how often they would show the same. */
export interface SameShown {
  first: string
  second: string
  /** On how many of the pages looked at they would show the same products. */
  pages: number
  /** Pages whose plan has both. */
  sampled: number
}

const maxPages = 2000
const pagesInStep = 20
/** So much of the shorter of two sections stands in the other too: they show the same. */
const sameShare = 0.75

/**
 * Looks for sections of a plan that would show the same products on most of some pages, each left to itself:
 * what the first shows is not held back from the second here, though a shopper then gets only what the first leaves over.
 * @param subjects SKUs or keys of what the pages are about; of many, some spread over all are looked at
 */
export function* sameShown(shop: Shop, page: PageKind, subjects: readonly string[], at: Moment): Generator<void, SameShown[]> {
  const alone = shopWith(shop, { plans: shop.plans.mapped(page, plan => ({ ...plan, repeats: true })) })
  const pairs = new Map<string, Omit<SameShown, 'sampled'>>()
  /** How many pages of each plan were looked at. */
  const ofPlan = new Map<string, number>()
  for (const [i, subject] of spread(subjects, maxPages).entries()) {
    const { plan, sections } = resolvePage(alone, ...visitTo(page, subject, at))
    ofPlan.set(plan.key, (ofPlan.get(plan.key) ?? 0) + 1)
    const shown = sections
      .filter(({ items }) => items.length)
      .map(({ section, items }) => ({ key: section.key, products: new Set(items.map(item => item.product)) }))
    for (const [at, second] of shown.entries()) {
      for (const first of shown.slice(0, at)) {
        const both = [...first.products].filter(product => second.products.has(product)).length
        if (both < sameShare * Math.min(first.products.size, second.products.size)) continue
        const key = `${first.key} ${second.key}`
        const pair = pairs.get(key) ?? { first: first.key, second: second.key, pages: 0 }
        pair.pages++
        pairs.set(key, pair)
      }
    }
    if (i % pagesInStep === 0) yield
  }
  return [...pairs.values()].map(pair => ({ ...pair, sampled: sampledWith(pair) })).filter(pair => pair.pages * 2 > pair.sampled)

  /** On how many pages both could show. */
  function sampledWith({ first, second }: { first: string; second: string }): number {
    return shop.plans
      .of(page)
      .filter(plan => hasBlock(plan, first) && hasBlock(plan, second))
      .reduce((sum, plan) => sum + (ofPlan.get(plan.key) ?? 0), 0)
  }
}
