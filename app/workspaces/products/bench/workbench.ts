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
import type { Message } from '../../../data/messages'
import { useMessages } from '../../../data/messages'
import { useResource } from '../../../data/resource'
import { useStudioShop } from '../../../data/studioShop'
import { benchWords } from '../words/bench'

const say = benchWords.workbench

/** What is done to the links of a lane. */
type OnLanes<C> = C extends { type: 'dismiss' | 'bringBack' }
  ? never
  : C extends { kind: string; on: unknown }
    ? Omit<C, 'kind' | 'on'>
    : never
type Edit = OnLanes<Command>

/** The products on the bench, one or several, and their lanes. */
export const useWorkbench = defineStore('workbench', () => {
  const messages = useMessages()
  const stored = useResource(async (skus: string[]) => {
    const { products } = await callApi(workbenchAnswerSchema, '/api/bench', { query: { sku: skus } })
    return products
  })
  const products = computed(() => stored.value.value ?? [])

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

  /** What can't be fetched is told in the place of the lanes. */
  function told(error: unknown): void {
    if (!(error instanceof ApiProblem)) throw error
  }
  /** Puts products on the bench; what is there stays in sight until they have come. */
  const open = async (skus: string[]) => (skus.length ? stored.open(skus).catch(told) : stored.close())
  /** Takes the products anew, because something about them changed. */
  const refresh = () => stored.load().catch(told)

  const skusOf = (all: readonly WorkbenchProduct[]) => all.map(product => product.sku).join()
  /** The way out when somebody else has changed a lane: the same edit on the lanes as they are by then, if the same products are here. */
  function doItHere(again: () => Promise<boolean>): (refused: unknown) => Message['action'] {
    const skus = skusOf(products.value)
    return refused =>
      refused instanceof ApiProblem && refused.code === 'lane-changed'
        ? { words: say.doItHereToo, run: () => skus === skusOf(products.value) && void again() }
        : undefined
  }

  /**
   * Sends an edit of the lanes of a kind. Returns whether it was carried out.
   * @param expect what it makes of a single lane, when that can be known; it is shown at once
   * @param again the same edit on the lanes as they are by then
   */
  async function edit(
    kind: string,
    change: Edit,
    expect: ((rows: LaneRow[]) => LaneRow[]) | null,
    again: () => Promise<boolean>,
  ): Promise<boolean> {
    const expected = (product: WorkbenchProduct): WorkbenchProduct => {
      if (!expect) return product
      const rows = expect(product.lanes[kind] ?? [])
      return { ...product, lanes: { ...product.lanes, [kind]: rows }, links: { ...product.links, [kind]: rows.length } }
    }
    const done = await stored.edit(
      products.value.map(expected),
      before => {
        const on = before.map(({ sku, lanes }) => ({ source: sku, seen: (lanes[kind] ?? []).map(row => row.target) }))
        return { ...change, kind, on } as Command
      },
      { wayOut: doItHere(again) },
    )
    return done !== null
  }

  const send = async (command: Command) => (await stored.send(command)) !== null

  /** Links targets to the products that don't have them; says so when all have. */
  async function link(kind: string, targets: string[], { place, bothWays }: { place?: number; bothWays?: boolean } = {}): Promise<boolean> {
    const everywhere = new Set(
      lane(kind)
        .filter(row => row.on.length === products.value.length)
        .map(row => row.target),
    )
    const missing = targets.filter(target => !everywhere.has(target))
    if (!missing.length) {
      messages.tell(targets.length > 1 ? say.allOfTheseStandIn : say.thisStandsInThatLane)
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
    problem: stored.problem,
    loading: stored.loading,
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
