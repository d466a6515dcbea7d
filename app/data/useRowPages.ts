import { refDebounced, until } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { ApiProblem } from './callApi'

const pageSize = 100

/**
 * The rows that match a query, however many: only pages that come into sight are fetched.
 * While another query is typed and looked up, what was found before stays in sight.
 * @param query what to look for
 * @param fetch a page of what is found
 */
export function useRowPages<Query, Row>(
  query: () => Query,
  fetch: (query: Query, page: { offset: number; limit: number }, signal: AbortSignal) => Promise<{ total: number; rows: Row[] }>,
) {
  const wanted = computed(() => JSON.stringify(query()))
  const asked = refDebounced(wanted, 120)
  const total = ref<number | null>(null)
  const rows = shallowRef(new Map<number, Row>())
  const problem = shallowRef<ApiProblem | null>(null)
  /** The query whose rows are in sight. */
  const shown = ref<string | null>(null)
  const fetching = new Map<number, Promise<Map<number, Row>>>()
  /** The pages that rows were last asked of; no list shows more at once. */
  let recent: number[] = []
  let abort = new AbortController()

  /** Fetches a page, once at a time. Returns its rows by their index; none when something else is looked for by then. */
  function fetchPage(page: number): Promise<Map<number, Row>> {
    const known = fetching.get(page)
    if (known) return known
    const { signal } = abort
    const fetched = takePage(page, signal).finally(() => signal.aborted || fetching.delete(page))
    fetching.set(page, fetched)
    return fetched
  }

  async function takePage(page: number, signal: AbortSignal): Promise<Map<number, Row>> {
    const none = new Map<number, Row>()
    const asking = asked.value
    try {
      const answer = await fetch(JSON.parse(asking) as Query, { offset: page * pageSize, limit: pageSize }, signal)
      if (signal.aborted) return none
      total.value = answer.total
      problem.value = null
      const found = new Map(answer.rows.map((row, i) => [page * pageSize + i, row]))
      rows.value = new Map([...(shown.value === asking ? rows.value : []), ...found])
      shown.value = asking
      return found
    } catch (error) {
      if (signal.aborted) return none
      if (!(error instanceof ApiProblem)) throw error
      problem.value = error
      if (shown.value !== asking) rows.value = new Map()
      shown.value = asking
      return none
    }
  }

  /** Fetches anew what is in sight; it stays until the answer is there. The rest is fetched again when it comes into sight. */
  async function refresh(): Promise<void> {
    const inSight = new Set(recent)
    rows.value = new Map([...rows.value].filter(([index]) => inSight.has(Math.floor(index / pageSize))))
    // What is on its way was asked for before, and may not know yet what has changed.
    await Promise.all(
      Array.from(inSight.size ? inSight : [0], async page => {
        await fetching.get(page)
        await fetchPage(page)
      }),
    )
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
  const whenLoaded = () => until(busy).toBe(false)

  /** The rows from one index to another, both included, fetched if need be. */
  async function rowsBetween(first: number, last: number): Promise<Row[]> {
    await whenLoaded()
    const indices = Array.from({ length: last - first + 1 }, (_, i) => first + i)
    // Kept apart: what is out of sight may be let go of in the meantime.
    const known = new Map(rows.value)
    const missing = new Set(indices.filter(index => !known.has(index)).map(index => Math.floor(index / pageSize)))
    for (const page of await Promise.all(Array.from(missing, fetchPage))) for (const [index, row] of page) known.set(index, row)
    return indices.flatMap(index => known.get(index) ?? [])
  }

  return {
    total,
    problem,
    busy,
    whenLoaded,
    refresh,
    rowsBetween,
    /** Runs when something else is looked for. */
    onOther: (run: () => void) => watch(asked, run),
    /** The row at an index, or undefined while it is on its way. */
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
