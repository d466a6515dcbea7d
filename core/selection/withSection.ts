import { hasBlock } from '../pagePlans/pagePlan'
import type { PageKind } from '../pageTypes/registry'
import { withAtFoot } from './atFoot'
import type { Shop } from './shop'
import { shopWith } from './shopWith'

/**
 * The shop with a section on all pages of one kind, at their foot where the page's plan doesn't have it.
 * @returns null when there is no such section
 */
export function withSection(shop: Shop, key: string, page: PageKind): Shop | null {
  if (!shop.sections.has(key)) return null
  if (shop.plans.of(page).every(plan => hasBlock(plan, key))) return shop
  return shopWith(shop, { plans: shop.plans.mapped(page, plan => (hasBlock(plan, key) ? plan : withAtFoot(plan, key))) })
}
