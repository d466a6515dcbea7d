import type { CartAnswer, LinesAnswer, OrderAnswer } from '../../../../core/delivery/contract'

/** What the cart costs by the server's reckoning, with names, and the order that it ends in. */
export async function useCheckout() {
  const { lines, clear } = useCart()
  const deliver = useDeliver()
  const { data: cart, refresh } = await useAsyncData('checkout', async () => {
    if (!lines.value.length) return null
    const skus = lines.value.map(line => line.sku)
    const [priced, facts] = await Promise.all([deliver<CartAnswer>('/cart', {}, { lines: lines.value }), deliver<LinesAnswer>('/catalogue/lines', { skus: skus.join() })])
    const nameOf = (sku: string) => {
      const fact = facts.lines.find(each => each.line === sku)
      return fact ? [fact.name, ...Object.values(fact.options)].join(', ') : sku
    }
    return {
      ...priced, rows: priced.lines.map(line => ({ ...line, name: nameOf(line.sku), image: facts.lines.find(each => each.line === line.sku)?.image ?? null })),
      warnings: priced.warnings.map(each => ({ ...each, name: nameOf(each.sku) })),
    }
  }, { watch: [lines] })

  const order = shallowRef<(OrderAnswer & { rows: { name: string, quantity: number, total: number }[] }) | null>(null)
  const failure = ref<'priceChanged' | 'orderFailed' | null>(null)
  const busy = ref(false)
  async function place(): Promise<void> {
    if (!cart.value || busy.value) return
    busy.value = true
    failure.value = null
    try {
      const wanted = cart.value.lines.map(({ sku, quantity }) => ({ sku, quantity }))
      const placed = await deliver<OrderAnswer>('/orders', {}, { lines: wanted, total: cart.value.total })
      order.value = { ...placed, rows: cart.value.rows }
      clear()
    } catch (error) {
      const { type } = (error as { data?: { type?: string } }).data ?? {}
      failure.value = type?.endsWith(':totalChanged') ? 'priceChanged' : type?.endsWith(':notAvailable') ? null : 'orderFailed'
      await refresh()
    } finally {
      busy.value = false
    }
  }
  return { cart, order, failure, busy, place }
}
