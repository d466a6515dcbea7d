import type { OrderListQuery } from '../../../core/studio/orderAnswers'
import { orderListSchema } from '../../../core/studio/orderAnswers'
import { callApi } from '../../data/callApi'
import { useRowPages } from '../../data/useRowPages'

/** So many are listed at first, and more each time that is asked for. */
const atOnce = 100

/** The orders that are looked for, newest first. */
export function useOrders() {
  const words = ref('')
  /** Days where the shop is; empty: always. */
  const from = ref('')
  const until = ref('')
  const withWhat = ref<OrderListQuery['with']>('any')
  const listed = ref(atOnce)
  const { total, problem, rowAt, refresh, onOther } = useRowPages(
    () => ({
      q: words.value.trim(),
      ...(from.value && { from: from.value }),
      ...(until.value && { until: until.value }),
      with: withWhat.value,
    }),
    async (query, page, signal) => {
      const { total, orders } = await callApi(orderListSchema, '/api/orders', { query: { ...query, ...page }, signal })
      return { total, rows: orders.map(order => ({ ...order, key: order.number })) }
    },
  )
  onOther(() => (listed.value = atOnce))
  const rows = computed(() =>
    Array.from({ length: Math.min(total.value ?? 0, listed.value) }, (_, i) => rowAt(i)).flatMap(row => row ?? []),
  )
  return reactive({
    words,
    from,
    until,
    withWhat,
    total,
    problem,
    rows,
    isSought: computed(() => Boolean(words.value || from.value || until.value) || withWhat.value !== 'any'),
    /** How many more come when that is asked for. */
    further: computed(() => Math.min(atOnce, Math.max(0, (total.value ?? 0) - listed.value))),
    showMore: () => (listed.value += atOnce),
    refresh,
  })
}
export type SoughtOrders = ReturnType<typeof useOrders>
