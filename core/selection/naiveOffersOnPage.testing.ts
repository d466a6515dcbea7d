import type { NaiveOfferTools } from '../offers/naiveOffers.testing'
import { naiveOffer } from '../offers/naiveOffers.testing'
import type { Offer } from '../offers/offer'
import type { PagePlan } from '../pagePlans/pagePlan'

type Made = Omit<NonNullable<ReturnType<typeof naiveOffer>>, 'hidden'> & {
  hidden: string | null
  zone: string | null
  sectionsAbove: number
}

/**
 * The offers of a page, block by block, as plainly as they can be said.
 * @param offers that the kind of page has at all
 * @param shownBefore SKUs of products shown above; what is offered is added
 */
export function naiveOffersOnPage(
  offers: readonly Offer[],
  plan: PagePlan,
  tools: Omit<NaiveOfferTools, 'shownAbove' | 'offeredAbove'>,
  shownBefore: string[],
) {
  const made: Made[] = []
  const blocks = plan.zones.flatMap(zone => zone.blocks)
  const byRank = offers.map(offer => ({ offer, order: [offer.rank, offer.key].join() })).sort((a, b) => (a.order < b.order ? -1 : 1))
  const inOrder = byRank.map(each => each.offer)
  const notMade = (offer: Offer, hidden: 'off' | 'notOnPlan', zone: string | null, sectionsAbove: number) => {
    const isForIt = (sku: string) => naiveOffer(offer, { ...tools, about: [sku], shownAbove: [], offeredAbove: [] }) !== null
    const product = tools.about.find(isForIt)
    if (product) made.push({ offer: offer.key, product, items: [], left: [], hidden, zone, sectionsAbove })
  }
  return {
    made,
    takeBlock(block: string, zone: string, sectionsAbove: number) {
      for (const offer of inOrder) {
        const own = `offer:${offer.key}`
        if (block !== own && (block !== 'offer:*' || blocks.includes(own))) continue
        if (plan.off.includes(block)) {
          notMade(offer, 'off', zone, sectionsAbove)
          continue
        }
        const offeredAbove = made.flatMap(each => (each.hidden ? [] : each.items))
        const list = naiveOffer(offer, { ...tools, shownAbove: plan.repeats ? [] : shownBefore, offeredAbove })
        if (!list) continue
        made.push({ ...list, zone, sectionsAbove })
        if (!list.hidden) shownBefore.push(...list.items.map(sku => tools.productOf(sku)!.sku))
      }
    },
    takeUnplaced(sectionsAbove: number) {
      for (const offer of inOrder)
        if (!blocks.includes('offer:*') && !blocks.includes(`offer:${offer.key}`)) notMade(offer, 'notOnPlan', null, sectionsAbove)
    },
  }
}
