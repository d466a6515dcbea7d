import { refDebounced, until } from '@vueuse/core'
import { ApiProblem } from '../utils/callApi'

const pageSize = 100

/**
 * The rows that match a query, however many: only pages that come into sight are fetched.
 * While another query is typed and looked up, what was found before stays in sight.
 * @param query what to look for
 * @param fetch a page of what is found
 */
export function useRowPages<Query, Row>(query: () => Query, fetch: (query: Query, page: { offset: number, limit: number }, signal: AbortSignal) => Promise<{ total: number, rows: Row[] }>) {
  const wanted = computed(() => JSON.stringify(query()))
  const asked = refDebounced(wanted, 120)
  const total = ref<number | null>(null)
  const rows = shallowRef(new Map<number, Row>())
  const problem = shallowRef<ApiProblem | null>(null)
  /** The query whose rows are in sight. */
  const shown = ref<string | null>(null)
  const fetching = new Set<number>()
  /** The pages that rows were last asked of; no list shows more at once. */
  let recent: number[] = []
  let abort = new AbortController()

  async function fetchPage(page: number): Promise<void> {
    if (fetching.has(page)) return
    fetching.add(page)
    const { signal } = abort
    const asking = asked.value
    try {
      const answer = await fetch(JSON.parse(asking) as Query, { offset: page * pageSize, limit: pageSize }, signal)
      if (signal.aborted) return
      total.value = answer.total
      problem.value = null
      const next = new Map(shown.value === asking ? rows.value : [])
      answer.rows.forEach((row, i) => next.set(page * pageSize + i, row))
      rows.value = next
      shown.value = asking
    } catch (error) {
      if (signal.aborted) return
      if (!(error instanceof ApiProblem)) throw error
      problem.value = error
      if (shown.value !== asking) rows.value = new Map()
      shown.value = asking
    } finally {
      if (!signal.aborted) fetching.delete(page)
    }
  }

  /** Fetches anew what is in sight; it stays until the answer is there. The rest is fetched again when it comes into sight. */
  async function refresh(): Promise<void> {
    const inSight = new Set(recent)
    rows.value = new Map([...rows.value].filter(([index]) => inSight.has(Math.floor(index / pageSize))))
    await Promise.all(Array.from(inSight.size ? inSight : [0], fetchPage))
  }

  async function startOver(): Promise<void> {
    abort.abort()
    abort = new AbortController()
    fetching.clear()
    recent = []
    await fetchPage(0)
  }
  watch(asked, startOver, { immediate: true })

  const busy = computed(() => shown.value !== wanted.value)
  /** Waits until what is in sight is what is looked for. */
  const settle = () => until(busy).toBe(false)

  /** The rows from one place to another, both included, fetched if need be. */
  async function rowsBetween(first: number, last: number): Promise<Row[]> {
    await settle()
    const places = Array.from({ length: last - first + 1 }, (_, i) => first + i)
    const missing = new Set(places.filter(place => !rows.value.has(place)).map(place => Math.floor(place / pageSize)))
    await Promise.all(Array.from(missing, fetchPage))
    return places.flatMap(place => rows.value.get(place) ?? [])
  }

  return {
    total, problem, busy, settle, refresh, rowsBetween,
    /** Runs when something else is looked for. */
    onOther: (run: () => void) => watch(asked, run),
    /** The row at a place, or undefined while it is on its way. */
    rowAt(index: number): Row | undefined {
      if (shown.value !== asked.value) return rows.value.get(index)
      const page = Math.floor(index / pageSize)
      if (recent.at(-1) !== page) recent = [...recent.filter(each => each !== page), page].slice(-3)
      const row = rows.value.get(index)
      if (!row) void fetchPage(page)
      return row
    },
  }
}
