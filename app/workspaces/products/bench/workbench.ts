import type { WorkbenchProduct, LaneRow } from '../../../../core/workbench/workbench'
import { workbenchAnswerSchema } from '../../../../core/workbench/workbench'
import type { MergedRow } from '../../../../core/workbench/mergedLane'
import { mergeLanes } from '../../../../core/workbench/mergedLane'
import type { NeighbourSettings } from '../../../../core/catalogue/neighbours'
import type { Command } from '../../../../core/records/registry'
import type { LinkKind } from '../../../../core/links/kind'
import { pageLaneKinds } from '../../../../core/links/pageLanes'
import type { LinkDetails } from '../../../../core/links/lane'
import { ApiProblem, callApi } from '../../../data/callApi'
import { useHistory } from '../../../data/history'
import { useMessages } from '../../../data/messages'
import { useStudioShop } from '../../../data/studioShop'

/** What is done to the links of a lane. */
type OnLanes<C> = C extends { type: 'dismiss' | 'bringBack' }
  ? never
  : C extends { kind: string; on: unknown }
    ? Omit<C, 'kind' | 'on'>
    : never
type Edit = OnLanes<Command>

/** The products on the bench, one or several, and their lanes. Edits show at once and are sent one after another. */
export const useWorkbench = defineStore('bench', () => {
  const history = useHistory()
  const messages = useMessages()

  const products = shallowRef<WorkbenchProduct[]>([])
  const problem = shallowRef<ApiProblem | null>(null)
  const loading = ref(false)
  let wanted: string[] = []
  let waiting = 0
  /** Edits begun so far. */
  let edits = 0

  /** The lanes of all products on the bench as one lane of each kind. */
  const lanes = computed(() =>
    Object.fromEntries(
      Object.keys(products.value[0]?.lanes ?? {}).map(kind => [
        kind,
        mergeLanes(products.value.map(({ sku, lanes }) => ({ source: sku, rows: lanes[kind] ?? [] }))),
      ]),
    ),
  )
  const lane = (kind: string): MergedRow[] => lanes.value[kind] ?? []

  /** Puts products on the bench; what is there stays in sight until they have come. */
  async function open(skus: string[]): Promise<void> {
    wanted = skus
    if (!skus.length) {
      products.value = []
      problem.value = null
      return
    }
    loading.value = true
    try {
      await fetchProducts(skus)
    } finally {
      if (wanted === skus) loading.value = false
    }
  }

  async function fetchProducts(skus: string[]): Promise<void> {
    const before = edits
    try {
      const fetched = await callApi(workbenchAnswerSchema, '/api/bench', { query: { sku: skus } })
      // What was asked for before an edit, or comes while one is on its way, is not the newest: it would put the lane back for a moment,
      // and the next key would go astray.
      if (wanted !== skus || waiting || before !== edits) return
      products.value = fetched.products
      problem.value = null
    } catch (error) {
      if (wanted !== skus) return
      if (!(error instanceof ApiProblem)) throw error
      if (error.details.status === 404) products.value = []
      problem.value = error
    }
  }

  /** Takes the products anew, because something about them changed. */
  async function refresh(): Promise<void> {
    if (wanted.length) await fetchProducts(wanted)
  }

  /**
   * Sends an edit of the lanes of a kind. Returns whether it was carried out.
   * @param expect what it makes of a single lane, when that can be known; it is shown at once
   * @param again the same edit on the lanes as they are by then
   */
  function edit(
    kind: string,
    change: Edit,
    expect: ((rows: LaneRow[]) => LaneRow[]) | null,
    again: () => Promise<boolean>,
  ): Promise<boolean> {
    const on = products.value.map(({ sku, lanes }) => ({ source: sku, seen: (lanes[kind] ?? []).map(row => row.target) }))
    if (expect) {
      products.value = products.value.map(product => {
        const rows = expect(product.lanes[kind] ?? [])
        return { ...product, lanes: { ...product.lanes, [kind]: rows }, links: { ...product.links, [kind]: rows.length } }
      })
    }
    return send({ ...change, kind, on } as Command, again)
  }

  function send(command: Command, again?: () => Promise<boolean>): Promise<boolean> {
    const skus = wanted
    waiting++
    edits++
    return history
      .send(command)
      .then(
        () => true,
        (error: unknown) => {
          const changed = error instanceof ApiProblem && error.code === 'lane-changed'
          messages.refuse(error, changed && again ? { words: 'Do it here too', run: () => wanted === skus && void again() } : undefined)
          return false
        },
      )
      .finally(async () => {
        waiting--
        if (!waiting) await refresh()
      })
  }

  /** Links targets to the products that don't have them; says so when all have. */
  async function link(kind: string, targets: string[], { place, bothWays }: { place?: number; bothWays?: boolean } = {}): Promise<boolean> {
    const everywhere = new Set(
      lane(kind)
        .filter(row => row.on.length === products.value.length)
        .map(row => row.target),
    )
    const missing = targets.filter(target => !everywhere.has(target))
    if (!missing.length) {
      messages.tell(targets.length > 1 ? 'All of these stand in that lane already.' : 'This stands in that lane already.')
      return false
    }
    const last = Math.max(...products.value.map(product => product.lanes[kind]?.length ?? 0)) + 1
    return edit(kind, { type: 'link', targets: missing, place: place && Math.min(place, last), bothWays }, null, () =>
      link(kind, targets, { place, bothWays }),
    )
  }

  async function unlink(kind: string, targets: string[]): Promise<boolean> {
    const there = targets.filter(target => lane(kind).some(row => row.target === target))
    if (!there.length) return false
    return edit(
      kind,
      { type: 'unlink', targets: there },
      rows => rows.filter(row => !there.includes(row.target)),
      () => unlink(kind, targets),
    )
  }

  /** @param place 1…n; beyond the ends means the end */
  async function move(kind: string, target: string, place: number): Promise<boolean> {
    const rows = lane(kind)
    const from = rows.findIndex(row => row.target === target)
    const to = Math.min(Math.max(place, 1), rows.length)
    if (from < 0 || from === to - 1) return false
    if (products.value.length > 1)
      return arrange(
        kind,
        rows
          .toSpliced(from, 1)
          .toSpliced(to - 1, 0, rows[from]!)
          .map(row => row.target),
      )
    return edit(
      kind,
      { type: 'move', target, place: to },
      all => all.toSpliced(from, 1).toSpliced(to - 1, 0, all[from]!),
      () => move(kind, target, place),
    )
  }

  /** Puts the links of all products on the bench into this order of targets. */
  async function arrange(kind: string, order: string[]): Promise<boolean> {
    const placeOf = (row: LaneRow) => (order.includes(row.target) ? order.indexOf(row.target) : order.length)
    return edit(
      kind,
      { type: 'arrange', order },
      rows => rows.toSorted((a, b) => placeOf(a) - placeOf(b)),
      () =>
        arrange(
          kind,
          order.filter(target => lane(kind).some(row => row.target === target)),
        ),
    )
  }

  async function setDetails(kind: string, target: string, details: Partial<LinkDetails>): Promise<boolean> {
    return edit(kind, { type: 'detail', targets: [target], details }, null, () => setDetails(kind, target, details))
  }

  const studio = useStudioShop()
  /** The article or category that is on the bench; null: products are. */
  const page = computed(() => products.value[0]?.page ?? null)
  /** The kinds that what is on the bench has lanes of. */
  const kinds = computed((): readonly LinkKind[] => (page.value ? [pageLaneKinds[page.value]] : studio.kinds))

  return {
    page,
    kinds,
    products,
    problem,
    loading,
    lanes,
    open,
    refresh,
    lane,
    link,
    unlink,
    move,
    arrange,
    setDetails,
    /** The first product on the bench; the only one, mostly. */
    product: computed(() => products.value[0] ?? null),
    several: computed(() => products.value.length > 1),
    /** Links the products on the bench back from a target. */
    linkBack: (kind: string, target: string) =>
      send({ type: 'link', kind, on: [{ source: target }], targets: products.value.map(product => product.sku) }),
    dismiss: (kind: string, target: string) =>
      send({ type: 'dismiss', kind, on: products.value.map(product => ({ source: product.sku })), targets: [target] }),
    bringBack: (kind: string, target: string) =>
      send({ type: 'bringBack', kind, on: products.value.map(product => ({ source: product.sku })), targets: [target] }),
    setNeighbours: (settings: NeighbourSettings) => send({ type: 'setNeighbours', source: products.value[0]!.sku, settings }),
    copy: (kinds: string[], from: string, to: string[], replace: boolean) => send({ type: 'copy', from, kinds, to, replace }),
    /** Whether a change of this product's lanes shows here: it is on the bench, or links from here lead to it. */
    watches: (sku: string) =>
      products.value.some(product => product.sku === sku || Object.values(product.lanes).some(rows => rows.some(row => row.sku === sku))),
    /** The other kinds of which a target stands in a lane here. */
    alsoIn: (target: string, kind: string) =>
      Object.keys(lanes.value).filter(key => key !== kind && lane(key).some(row => row.target === target)),
  }
})
