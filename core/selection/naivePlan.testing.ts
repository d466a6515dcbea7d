import type { Product } from '../catalogue/product'
import { common } from '../fillSteps/naiveStep.testing'
import type { PagePlan, PlanScope } from '../pagePlans/pagePlan'
import type { Page } from '../pageTypes/registry'
import { within } from './naiveRules.testing'

interface CategoryTools {
  exists(key: string): boolean
  isBelow(key: string, top: string): boolean
  isIn(product: Product, top: string): boolean
}

/**
 * The plan that a page gets, said as plainly as possible.
 * @param about the products that the page is about
 */
export function naivePlan(
  plans: readonly PagePlan[],
  page: Page,
  about: readonly Product[],
  categories: readonly { key: string; parent: string | null }[],
  { exists, isBelow, isIn }: CategoryTools,
): PagePlan {
  const depthOf = (key: string): number => {
    const { parent } = categories.find(each => each.key === key)!
    return parent === null ? 1 : 1 + depthOf(parent)
  }
  const aboutKeys = page.kind === 'category' ? [page.key] : []
  const depthIn = (scope: PlanScope) =>
    Math.max(
      0,
      ...scope.categories
        .filter(exists)
        .filter(top => aboutKeys.some(key => isBelow(key, top)) || about.some(product => isIn(product, top)))
        .map(depthOf),
    )
  /** How much a plan says of this page: 0 is what the default says, less is nothing. */
  const weightOf = ({ scope }: PagePlan) => {
    if (!scope) return 0
    if (about.some(each => scope.products.includes(each.sku))) return 500
    if (about.some(each => common(each.tags, scope.tags).length > 0)) return 400
    if (about.some(each => !!each.brand && scope.brands.includes(each.brand))) return 300
    if (depthIn(scope)) return 200 + depthIn(scope)
    return scope.price && about.some(each => each.price !== null && within(each.price, scope.price!)) ? 100 : -1
  }
  const ofKind = plans.filter(each => each.page === page.kind && weightOf(each) >= 0)
  return ofKind.reduce((best, each) => {
    if (weightOf(each) !== weightOf(best)) return weightOf(each) > weightOf(best) ? each : best
    return each.rank < best.rank || (each.rank === best.rank && each.key < best.key) ? each : best
  })
}
