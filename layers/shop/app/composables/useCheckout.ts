import type { OrderAnswer } from '../../../../core/delivery/contract/cart'
import type { CartRow } from './usePricedCart'

/** The cart as it is priced, and the order that it ends in. */
export async function useCheckout() {
  const { lines, clear } = useCart()
  const deliver = useDeliver()
  const { cart, refresh } = await usePricedCart()

  const order = shallowRef<(OrderAnswer & { rows: CartRow[] }) | null>(null)
  const failure = ref<'priceChanged' | 'orderFailed' | null>(null)
  const busy = ref(false)
  async function place(): Promise<void> {
    if (!cart.value || busy.value) return
    busy.value = true
    failure.value = null
    try {
      // Lines that can't be sold were left out before the shopper's eyes.
      const rows = cart.value.rows.filter(row => row.priced)
      const wanted = lines.value.filter(line => rows.some(row => row.key === lineKey(line)))
      const placed = await deliver<OrderAnswer>('/orders', {}, { lines: wanted.map(wantedLine), total: cart.value.total })
      order.value = { ...placed, rows }
      clear()
    } catch (error) {
      const { type } = (error as { data?: { type?: string } }).data ?? {}
      // What is not there stands beside its line.
      const other = type?.endsWith(':not-available') ? null : 'orderFailed'
      failure.value = type?.endsWith(':total-changed') ? 'priceChanged' : other
      await refresh()
    } finally {
      busy.value = false
    }
  }
  return { cart, order, failure, busy, place }
}
