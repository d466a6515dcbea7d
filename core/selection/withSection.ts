import type { PageKind } from '../pageTypes/registry'
import { zonesOf } from '../pageTypes/registry'
import type { PagePlan } from '../pagePlans/pagePlan'
import { hasBlock } from '../pagePlans/pagePlan'
import type { Shop } from './shop'
import { shopWith } from './shopWith'

/**
 * The shop with a section on all pages of one kind, at their foot where the page's plan doesn't have it.
 * @returns null when there is no such section
 */
export function withSection(shop: Shop, key: string, page: PageKind): Shop | null {
  if (!shop.sections.has(key)) return null
  if (shop.plans.of(page).every(plan => hasBlock(plan, key))) return shop
  return shopWith(shop, {
    plans: shop.plans.mapped(page, plan =>
      hasBlock(plan, key) ? plan : { ...plan, zones: atFoot(plan.zones, zonesOf(page).at(-1)!, key) },
    ),
  })
}

const atFoot = (zones: PagePlan['zones'], foot: string, block: string): PagePlan['zones'] =>
  zones.some(each => each.key === foot)
    ? zones.map(each => (each.key === foot ? { ...each, blocks: [...each.blocks, block] } : each))
    : [...zones, { key: foot, blocks: [block] }]
