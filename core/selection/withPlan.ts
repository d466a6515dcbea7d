import { pageKinds } from '../pageTypes/registry'
import type { Shop } from './shop'
import { shopWith } from './shopWith'

/**
 * The shop as if all pages of a plan's kind got that plan, whoever it is for.
 * @returns null when there is no such plan
 */
export function withPlan(shop: Shop, key: string): Shop | null {
  const plan = pageKinds.flatMap(kind => shop.plans.of(kind)).find(each => each.key === key)
  return plan ? shopWith(shop, { plans: shop.plans.mapped(plan.page, () => ({ ...plan, scope: null })) }) : null
}
