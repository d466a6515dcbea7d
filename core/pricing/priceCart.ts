import { percentFor, priceFor } from '../bundles/bundlePrice'
import type { Bundle } from '../catalogue/bundle'
import type { Items } from '../bundles/bundleParts'
import { timesSold } from '../bundles/bundleStock'
import type { CatalogueItem } from '../catalogue/catalogue'
import { isForSale, isReleased, priceOf, stockOf } from '../catalogue/product'
import type { OfferShop } from '../offers/offered'
import { allocate } from '../money/allocate'
import { checkTotal } from '../money/money'
import type { CartWarning, ChosenPart, PricedCart, PricedComponent, PricedLine, Reduction, WantedLine } from './cart'
import { applyOffers } from './applyOffers'
import type { ChoiceProblem } from './chooseParts'
import { chooseParts } from './chooseParts'
import type { Moment } from '../time/moment'

/** What pricing reads of the shop; without offers, of its catalogue alone. */
export type PricingShop = OfferShop | (Pick<OfferShop, 'catalogue'> & { offers?: undefined })

/** What a line takes, how it is priced, or why it can't be sold. */
interface Taken {
  line: PricedLine
  /** SKU → how many one of it takes. */ takes: ReadonlyMap<string, number>
}
type Refused = Pick<CartWarning, 'code' | 'part'>

/**
 * What a cart costs, in the order of its lines: the only place where a price is worked out. The lines' totals add up to the total, and
 * those of a bundle's components to the line's.
 *
 * Reductions are worked out in this order: each bundle's own, for one of it, shared out to its components by what these cost by themselves
 * (largest remainder), and taken as often as the bundle is bought; then together offers, by their ranks (applyOffers.ts).
 * @param shop where products are looked up; without offers none apply
 * @param lines whole quantities from 1 on
 * @throws AmountTooLargeError when all of it comes to more than can be reckoned with exactly
 */
export function priceCart(lines: readonly WantedLine[], shop: PricingShop, at: Moment): PricedCart {
  const items = shop.catalogue
  const cart: PricedCart = { lines: [], subtotal: 0, reductions: [], total: 0, warnings: [] }
  const taken = new Map<string, number>()
  for (const [i, wanted] of lines.entries()) {
    const { sku, quantity, seen } = wanted
    const warn = (code: CartWarning['code'], part: string | null = null, available = 0) =>
      cart.warnings.push({ line: i, sku, code, available, part })
    const priced = priceLine(wanted, i, items, at)
    if ('code' in priced) {
      warn(priced.code, priced.part)
      continue
    }
    cart.lines.push(priced.line)
    if (seen !== undefined && seen !== priced.line.unit) warn('priceChanged')
    const left = (each: string) => stockOfSku(each, items) - (taken.get(each) ?? 0)
    const available = timesSold(priced.takes, left)
    if (quantity > available)
      warn(
        'notAvailable',
        priced.line.components.length ? [...priced.takes].find(([each, count]) => left(each) < count * quantity)![0] : null,
        available,
      )
    for (const [each, count] of priced.takes) taken.set(each, (taken.get(each) ?? 0) + count * quantity)
  }
  checkTotal(cart.lines.reduce((sum, { unit, was, quantity }) => sum + Math.max(unit, was ?? 0) * quantity, 0))
  if (shop.offers) applyOffers(cart.lines, shop, at)
  cart.total = cart.lines.reduce((sum, line) => sum + line.total, 0)
  cart.reductions = together(cart.lines.flatMap(line => line.reductions))
  cart.subtotal = cart.reductions.reduce((sum, each) => sum + each.amount, cart.total)
  return cart
}

function priceLine(wanted: WantedLine, i: number, items: Items, at: Moment): Taken | Refused {
  const item = items.item(wanted.sku)
  if (!item) return { code: 'unknown', part: null }
  const { product, variant } = item
  if (product.bundle) {
    if (product.status !== 'active' || !isReleased(product, at)) return { code: 'notForSale', part: null }
    const chosen = chooseParts(product.bundle, wanted.choices ?? [], items, at)
    return isProblem(chosen) ? chosen : bundleLine(wanted, i, product.bundle, chosen)
  }
  if (!isForSale(product, variant, at)) return { code: 'notForSale', part: null }
  if (!variant && product.variants.length) return { code: 'noChoice', part: null }
  return plainLine(wanted, i, item)
}

const isProblem = (chosen: ChosenPart[] | ChoiceProblem): chosen is ChoiceProblem => 'code' in chosen

function plainLine({ sku, quantity }: WantedLine, line: number, { product, variant }: CatalogueItem): Taken {
  const unit = priceOf(product, variant)!
  // A variant with a price of its own is not what the product's price before was about.
  const was = product.was !== null && product.was > unit && unit === product.price ? product.was : null
  return { line: { line, sku, quantity, unit, was, total: unit * quantity, reductions: [], components: [] }, takes: new Map([[sku, 1]]) }
}

function bundleLine({ sku, quantity }: WantedLine, line: number, bundle: Bundle, chosen: readonly ChosenPart[]): Taken {
  const amounts = chosen.map(({ item, quantity }) => priceOf(item.product, item.variant)! * quantity)
  const sum = amounts.reduce((sum, amount) => sum + amount, 0)
  const count = chosen.reduce((count, each) => count + each.quantity, 0)
  const unit = priceFor(bundle, sum, count)
  const off = Math.max(0, sum - unit)
  // A bundle that costs more than its parts shares out what it costs more.
  const shares = unit > sum ? allocate(unit - sum, amounts).map(share => -share) : allocate(off, amounts)
  const reduction = (amount: number): Reduction[] =>
    amount > 0 ? [{ code: 'bundle', key: sku, amount, percent: percentOf(bundle, count) }] : []
  const components = chosen.map(({ part, sku, item, chosen, quantity: inOne }, i): PricedComponent => ({
    part,
    sku,
    chosen,
    quantity: inOne * quantity,
    unit: priceOf(item.product, item.variant)!,
    total: (amounts[i]! - shares[i]!) * quantity,
    reductions: reduction(shares[i]! * quantity),
  }))
  const takes = new Map<string, number>()
  for (const each of chosen) takes.set(each.sku, (takes.get(each.sku) ?? 0) + each.quantity)
  return {
    line: { line, sku, quantity, unit, was: off ? sum : null, total: unit * quantity, reductions: reduction(off * quantity), components },
    takes,
  }
}

function percentOf(bundle: Bundle, count: number): number | null {
  if (bundle.type === 'pickAny') return percentFor(bundle, count)
  return bundle.price.by === 'percent' ? bundle.price.percent : null
}

function stockOfSku(sku: string, items: Items): number {
  const { product, variant } = items.item(sku)!
  return stockOf(product, variant)
}

/** Reductions of the same cause as one, in the order in which they come. */
function together(reductions: readonly Reduction[]): Reduction[] {
  const byCause = new Map<string, Reduction>()
  for (const each of reductions) {
    const cause = `${each.code} ${each.percent} ${each.key}`
    byCause.set(cause, { ...each, amount: (byCause.get(cause)?.amount ?? 0) + each.amount })
  }
  return [...byCause.values()]
}
