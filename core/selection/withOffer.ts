import { offerBlock, otherOffers } from '../pagePlans/block'
import type { PagePlan } from '../pagePlans/pagePlan'
import { hasBlock } from '../pagePlans/pagePlan'
import type { PageKind } from '../pageTypes/registry'
import { withAtFoot } from './atFoot'
import type { Shop } from './shop'
import { shopWith } from './shopWith'

/**
 * The shop as if a together offer were for every product, on every day.
 * @returns null when there is no such offer
 */
export const withOffer = (shop: Shop, key: string): Shop | null =>
  shop.offers.some(each => each.key === key)
    ? shopWith(shop, { offers: shop.offers.map(each => (each.key === key ? { ...each, trigger: null, from: null, until: null } : each)) })
    : null

/** The shop with a together offer on all pages of one kind, at their foot where the page's plan has no place for it. */
export function withOfferPlaced(shop: Shop, key: string, page: PageKind): Shop {
  const own = offerBlock(key)
  const hasPlace = (plan: PagePlan) => [own, otherOffers].some(block => hasBlock(plan, block))
  return shopWith(shop, { plans: shop.plans.mapped(page, plan => (hasPlace(plan) ? plan : withAtFoot(plan, own))) })
}
