import type { PageKind } from '../pagePlans/pagePlan'
import type { Shop } from './shop'

/**
 * The shop with a section on one kind of page, behind all others when the page's plan doesn't have it.
 * @returns null when there is no such section
 */
export function withSection(shop: Shop, key: string, page: PageKind): Shop | null {
  if (!shop.sections.has(key)) return null
  const plan = shop.plans.get(page)!
  if (plan.zones.some(zone => zone.sections.includes(key))) return shop
  const wider = { ...plan, zones: [...plan.zones, { key: 'tried', sections: [key] }] }
  return {
    catalogue: shop.catalogue, index: shop.index, links: shop.links, kinds: shop.kinds, sections: shop.sections,
    plans: new Map([...shop.plans, [page, wider]]),
    neighboursOf: sku => shop.neighboursOf(sku),
    switchedOff: sku => shop.switchedOff(sku),
  }
}
