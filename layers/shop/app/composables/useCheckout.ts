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
  /** The key of what was sent last: when no answer came, the same is sent again with it, and is no second order. */
  let sent = { text: '', key: '' }
  function keyOf(body: object): string {
    const text = JSON.stringify(body)
    if (text !== sent.text) sent = { text, key: newKey() }
    return sent.key
  }
  async function place(): Promise<void> {
    if (!cart.value || busy.value) return
    busy.value = true
    failure.value = null
    try {
      // Lines that can't be sold were left out before the shopper's eyes.
      const rows = cart.value.rows.filter(row => row.priced)
      const wanted = lines.value.filter(line => rows.some(row => row.key === lineKey(line)))
      const body = { lines: wanted.map(wantedLine), total: cart.value.total }
      const placed = await deliver<OrderAnswer>('/orders', {}, body, { 'idempotency-key': keyOf(body) })
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

/** Also where the page is not served with TLS, where browsers make no random UUID. */
const newKey = () => Array.from(crypto.getRandomValues(new Uint8Array(16)), each => each.toString(16).padStart(2, '0')).join('')
