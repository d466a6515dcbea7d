import type { CartAnswer } from '../../../../core/delivery/contract/cart'

/** What something costs together. Amounts are in minor units. */
export interface Costs {
  total: number
  /** Without what is taken off. */
  before: number
  /** What each of them costs then, by SKU. */
  each: Record<string, number>
}

/**
 * What it costs to put one of each of some products into the cart, beside what is there, by the server's reckoning.
 * @param skus of products without variants, or variants
 * @returns null: there are none, or it is not known
 */
export function useCosts(skus: () => readonly string[]) {
  const { lines } = useCart()
  const deliver = useDeliver()
  const costs = shallowRef<Costs | null>(null)
  let asked = 0
  async function ask(): Promise<void> {
    const [number, own, added] = [++asked, lines.value.map(wantedLine), skus()]
    costs.value = null
    if (!added.length) return
    const price = (wanted: object[]) => deliver<CartAnswer>('/cart', {}, { lines: wanted })
    try {
      const all = [...own, ...added.map(sku => ({ sku, quantity: 1 }))]
      const [now, then] = await Promise.all([own.length ? price(own) : null, price(all)])
      if (number !== asked) return
      costs.value = {
        total: then.total - (now?.total ?? 0),
        before: then.subtotal - (now?.subtotal ?? 0),
        each: Object.fromEntries(then.lines.filter(each => each.line >= own.length).map(each => [each.sku, each.total])),
      }
    } catch {
      // Without a price it can't be said what it costs; the cart will say it.
      if (number === asked) costs.value = null
    }
  }
  watch([() => skus().join(' '), lines], ask)
  onMounted(ask)
  return costs
}
