import { createHash } from 'node:crypto'
import type { Product } from '../../core/catalogue/product'
import type { Change } from '../../core/records/registry'
import type { SoldChange } from '../../core/records/products/soldRecord'
import type { PricedCart, PricedLine, Reduction, WantedLine } from '../../core/pricing/cart'
import { chosenWords } from '../../core/pricing/cart'
import { priceCart } from '../../core/pricing/priceCart'
import type { OrderRow } from '../store/orders'
import type { StoreReader } from '../store/port'
import type { Running } from '../running/useShop'

/** An order that can't be placed as the shopper saw it; nothing was written. */
export class OrderRefused extends Error {
  readonly code: 'cart-empty' | 'not-available' | 'total-changed' | 'key-reused'
  readonly cart: PricedCart | null

  constructor(code: OrderRefused['code'], message: string, cart: PricedCart | null = null) {
    super(message)
    this.code = code
    this.cart = cart
  }
}

export interface PlacedOrder extends Omit<PricedCart, 'warnings'> {
  number: string
  /** ISO 8601 */
  placed: string
}

/**
 * Writes an order and lowers the stock of what it takes, in one transaction and in turn with everything else that is written:
 * of two who want the last piece, one gets it.
 * @param total what the shopper agreed to, in minor units
 * @param key names this wish: the same once more is answered as before, and is no second order; null: it is a new one
 * @throws OrderRefused when something is not there in this quantity, costs something else by now, or another order has the key
 */
export function placeOrder(
  { shop, log }: Running,
  lines: readonly WantedLine[],
  total: number,
  key: string | null = null,
): Promise<PlacedOrder> {
  const asked = createHash('sha256')
    .update(JSON.stringify([lines, total]))
    .digest('base64url')
  return log.runOutsideHistory('An order came in', async writer => {
    const known = key === null ? null : await writer.orderOfKey(key)
    if (known && known.asked !== asked) throw new OrderRefused('key-reused', 'Another order was placed with this Idempotency-Key.')
    if (known) return { changes: [], answer: known.answer as PlacedOrder }
    const { warnings, ...priced } = priceCart(lines, shop, shop.now())
    const cart = { ...priced, warnings: warnings.filter(each => each.code !== 'priceChanged') }
    if (cart.warnings.length) throw new OrderRefused('not-available', 'Not all of this can be had any more.', cart)
    if (!cart.lines.length) throw new OrderRefused('cart-empty', 'There is nothing in the cart.', cart)
    if (cart.total !== total) throw new OrderRefused('total-changed', 'A price has changed in the meantime.', cart)
    const placed = new Date().toISOString()
    const { language } = shop.settings
    const rows = cart.lines.flatMap(line => orderRows(line, lines[line.line]!.from ?? null, language))
    const number = await writer.addOrder(placed, rows)
    const answer = { number, placed, ...priced }
    if (key !== null) await writer.keepOrderKey(key, placed, { asked, answer })
    return {
      changes: [...soldMore(cart, shop), ...(await lowered(writer, cart, shop.catalogue.item.bind(shop.catalogue)))],
      answer,
    }
  })
}

/** A line of an order, and behind a bundle's the components that it is made of. @param language that of the shop */
const orderRows = (
  { sku, quantity, unit, total, reductions, components }: PricedLine,
  origin: string | null,
  language: string,
): OrderRow[] => [
  { sku, quantity, unitPrice: unit, total, behind: null, chosen: null, reductions: keptReductions(reductions), origin },
  ...components.map((each, i) => ({
    sku: each.sku,
    quantity: each.quantity,
    unitPrice: each.unit,
    total: each.total,
    behind: i + 1,
    chosen: each.chosen && chosenWords(each.chosen, language, language),
    reductions: keptReductions(each.reductions),
    origin: null,
  })),
]
const keptReductions = (reductions: readonly Reduction[]) => reductions.map(({ code, key, amount }) => ({ code, key, amount }))

/** Units sold of everything that has a line of its own in the order: bundles, and the components below them too. */
function soldMore({ lines }: PricedCart, shop: Running['shop']): SoldChange[] {
  const units = new Map<string, number>()
  for (const { sku, quantity } of lines.flatMap(line => [line, ...line.components])) units.set(sku, (units.get(sku) ?? 0) + quantity)
  return Array.from(units, ([source, more]): SoldChange => {
    const before = shop.unitsSold(source)
    return { of: 'sold', owner: source, key: '', before, after: before + more }
  })
}

/** What of the products changes when these lines are taken out of the stock. */
async function lowered(reader: StoreReader, { lines }: PricedCart, itemOf: Running['shop']['catalogue']['item']): Promise<Change[]> {
  const taken = new Map<string, number>()
  for (const { sku, quantity } of lines.flatMap((line): readonly { sku: string; quantity: number }[] =>
    line.components.length ? line.components : [line],
  ))
    taken.set(sku, (taken.get(sku) ?? 0) + quantity)
  const skus = new Set([...taken.keys()].map(sku => itemOf(sku)!.product.sku))
  const products = await reader.productsBySku([...skus])
  const less = <T extends { sku: string; stock: number | null }>(each: T): T =>
    taken.has(each.sku) && each.stock !== null ? { ...each, stock: each.stock - taken.get(each.sku)! } : each
  return Array.from(products.values(), (before): Change => {
    const after: Product = { ...less(before), variants: before.variants.map(less) }
    return { of: 'product', owner: before.sku, key: '', before, after }
  })
}
