import type { CatalogueItem } from '../catalogue/catalogue'
import { allocate } from '../money/allocate'
import { shareOf } from '../money/percent'
import type { Offer } from '../offers/offer'
import type { OfferShop } from '../offers/offered'
import { isFor, offeredBeside } from '../offers/offered'
import type { PricedLine } from './cart'
import type { Moment } from '../time/moment'

/** A line while offers are worked out. */
interface Open {
  line: PricedLine
  item: CatalogueItem
  /** Units of it that are reduced already. */ reduced: number
}

/**
 * Reduces what is in the cart together with what it was offered for. Offers come by rank. Each unit of a product that an offer is for
 * brings one unit of each product that is offered, up to the offer's limit in all; the first in the cart come first. Each unit is reduced
 * by itself, so that it costs what its row says, whatever else is bought. No unit is reduced twice, unless the offer says so, and a
 * bundle's units are reduced already when the bundle is.
 * @param lines as they are priced without offers; they are changed
 */
export function applyOffers(lines: readonly PricedLine[], shop: OfferShop, at: Moment): void {
  if (!shop.offers.length) return
  const open = lines.map((line): Open => ({
    line,
    item: shop.catalogue.item(line.sku)!,
    reduced: line.reductions.length ? line.quantity : 0,
  }))
  for (const offer of shop.offers) {
    if (!offer.reduction) continue
    const taken = takenBy(offer, open, shop, at)
    if (taken.size) reduce(offer, taken)
  }
}

/** How many units of which lines an offer reduces. */
function takenBy(offer: Offer, open: readonly Open[], shop: OfferShop, at: Moment): Map<Open, number> {
  const taken = new Map<Open, number>()
  let left = offer.limit
  for (const trigger of open) {
    if (!left) break
    if (!isFor(offer, trigger.item.product, shop, at)) continue
    const offered = offeredBeside(offer, trigger.item.product, shop, at)
    for (let units = Math.min(left, trigger.line.quantity); units > 0; units--) {
      const round = offered
        .map(sku => open.find(each => isOf(each, sku) && (taken.get(each) ?? 0) < free(each, offer)))
        .filter(each => each !== undefined)
      if (!round.length) break
      for (const each of new Set(round)) taken.set(each, (taken.get(each) ?? 0) + 1)
      left--
    }
  }
  return taken
}

/** Whether a line is of what is offered: it itself, or a variant of it. */
const isOf = ({ item, line }: Open, sku: string) => line.sku === sku || item.product.sku === sku

/** How many units of a line an offer may reduce. */
const free = ({ line, reduced }: Open, { stacks }: Offer) => (stacks ? line.quantity : line.quantity - reduced)

function reduce({ key, reduction, stacks }: Offer, taken: ReadonlyMap<Open, number>): void {
  for (const [open, units] of taken) {
    const { line } = open
    // What is to be paid for one so far. With some reduced already and others not, each counts as the average of its line.
    const worth = stacks ? Math.floor(line.total / line.quantity) : line.unit
    const amount = units * (reduction!.by === 'percent' ? shareOf(worth, reduction!.percent) : Math.min(worth, reduction!.amount))
    open.reduced = Math.min(line.quantity, open.reduced + units)
    if (!amount) continue
    const told = { code: 'offer' as const, key, percent: reduction!.by === 'percent' ? reduction!.percent : null }
    for (const [k, share] of allocate(
      amount,
      line.components.map(each => each.total),
    ).entries()) {
      const component = line.components[k]!
      component.total -= share
      if (share) component.reductions.push({ ...told, amount: share })
    }
    line.total -= amount
    line.reductions.push({ ...told, amount })
  }
}
