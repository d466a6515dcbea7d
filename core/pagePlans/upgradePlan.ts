import type { PageKind } from '../pageTypes/registry'
import { zonesOf } from '../pageTypes/registry'
import { otherOffers } from './block'
import type { PagePlan } from './pagePlan'

/** As it was while sections alone stood on plans. Offers, and bundles with the product, stood where the page had a place for them. */
type OlderPlan = Omit<PagePlan, 'zones' | 'scope' | 'rank'> &
  Partial<Pick<PagePlan, 'scope' | 'rank'>> & { zones: { key: string; sections: string[] }[] }

/** What stood on pages before it had a block, and where. */
const stoodAlready: Partial<Record<PageKind, { zone: string; blocks: string[] }>> = {
  product: { zone: 'belowBuy', blocks: [otherOffers, 'bundles-with-it'] },
  cart: { zone: 'belowTotal', blocks: [otherOffers] },
}

export const isOlderPlan = (stored: PagePlan | OlderPlan): stored is OlderPlan => stored.zones.some(zone => 'sections' in zone)

/** A page plan as any version of Manada has written it, in today's form: at first all were default plans. */
export function upgradePlan(stored: PagePlan | OlderPlan): PagePlan {
  if (!isOlderPlan(stored)) return stored
  const { page, zones } = stored
  const { zone, blocks } = stoodAlready[page] ?? { zone: null, blocks: [] }
  const own = (key: string) => zones.find(each => each.key === key)?.sections ?? []
  const others = zones.map(each => each.key).filter(key => !zonesOf(page).includes(key))
  return {
    ...stored,
    scope: stored.scope ?? null,
    rank: stored.rank ?? 0,
    zones: [...zonesOf(page), ...others]
      .map(key => ({ key, blocks: [...(key === zone ? blocks : []), ...own(key)] }))
      .filter(each => each.blocks.length),
  }
}
