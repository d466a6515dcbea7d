import type { Change } from '../../core/records/registry'
import type { FileKind, ImportPlan, ImportReport, Rejection } from '../../core/exchange/importReport'
import type { LinkLine } from '../../core/exchange/kinds/links/planLinkImport'
import { planLinkImport } from '../../core/exchange/kinds/links/planLinkImport'
import { ProductImport } from '../../core/exchange/kinds/products/productImport'
import { readProductsBySku } from '../db/productStore'
import { inTurns } from '../engine/inTurns'
import type { Running } from '../engine/useShop'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { readFile } from './readFile'
import type { ReadRows } from './readRows'
import { mostListed } from './readRows'

export interface ImportTask {
  kind: FileKind
  /** Where the file lies. */
  path: string
  /** What it is called, for the history. */
  name: string
  /** Only tell what would be done. */
  dry: boolean
  /** Take the rows that can be taken, even when there are others. */
  keepValid: boolean
  editor: string
  signal: AbortSignal
  /** Told again and again how far the work is. */
  progress(stage: ImportStage, rows: number, bytes: number): void
}
export type ImportStage = 'reading' | 'planning' | 'writing'

/**
 * Imports a file: all of it or, when a row can't be taken and `keepValid` is not asked for, nothing. It becomes one entry of the history.
 * @throws FileProblem when the file can't be taken as a whole, or when it was cancelled
 */
export async function importFile(running: Running, task: ImportTask): Promise<ImportReport> {
  const read = await (task.kind === 'links' ? readLinks(running, task) : readProducts(running, task))
  const report = (plan: ImportPlan, done: string | null): ImportReport => ({
    kind: task.kind, rows: read.rows, created: plan.created, updated: plan.updated, unchanged: plan.unchanged,
    effects: plan.effects.slice(0, mostListed), rejected: plan.rejections.length, rejections: plan.rejections.slice(0, mostListed), ignoredColumns: read.ignoredColumns, done,
  })

  const { followed } = running.log
  const first = await read.plan()
  if (task.dry || !isTaken(first, task)) return report(first, null)
  cancelled(task.signal)
  task.progress('writing', read.rows, 0)
  let plan = first
  const { entry, words } = await running.log.runImport(
    { type: 'import', kind: task.kind, file: task.name },
    async (): Promise<Change[]> => {
      // Between planning and writing, somebody may have changed what the file is about.
      if (running.log.followed !== followed) plan = await read.plan()
      return isTaken(plan, task) ? plan.changes : []
    },
    () => importWords(plan, task), task.editor)
  return report(plan, entry === null ? null : words)
}

const isTaken = (plan: ImportPlan, { keepValid }: ImportTask) => keepValid || !plan.rejections.length

function importWords({ created, updated }: ImportPlan, { kind, name }: ImportTask): string {
  const parts = [created && `${created.toLocaleString('en')} new`, updated && `${updated.toLocaleString('en')} changed`].filter(Boolean)
  return `Imported ${kind} from ${name}: ${parts.join(', ') || 'order only'}`
}

/** What was read of a file, and how to work out what it does to the shop as it is at the time. */
interface Read {
  rows: number
  ignoredColumns: string[]
  plan(): Promise<ImportPlan>
}

async function readLinks({ shop }: Running, task: ImportTask): Promise<Read> {
  const lines: LinkLine[] = []
  const unread: Rejection[] = []
  let last: ReadRows | undefined
  for await (const { rows: read, bytes } of readFile({ path: task.path, kind: 'links', settings: shop.settings })) {
    cancelled(task.signal)
    lines.push(...read.links)
    unread.push(...read.rejections)
    last = read
    task.progress('reading', read.rows, bytes)
  }
  return {
    rows: last?.rows ?? 0, ignoredColumns: last?.ignoredColumns ?? [],
    async plan() {
      const steps = planLinkImport(lines, { timeZone: shop.settings.timeZone, item: sku => shop.catalogue.item(sku), kind: key => shop.kinds.get(key), lane: (source, kind) => shop.links.lane(source, kind) })
      const plan = await inTurns(steps, () => cancelled(task.signal))
      return { ...plan, rejections: [...plan.rejections, ...unread].sort(byLine) }
    },
  }
}

function readProducts(running: Running, task: ImportTask): Read {
  const read: Read = { rows: 0, ignoredColumns: [], plan }
  // The file is read for each plan: so its texts need not stand in memory beside what they change.
  async function plan(): Promise<ImportPlan> {
    const { shop, db } = running
    const products = new ProductImport(shop.catalogue, shop.categories, shop.settings)
    const unread: Rejection[] = []
    for await (const { rows, bytes } of readFile({ path: task.path, kind: 'products', settings: shop.settings })) {
      cancelled(task.signal)
      unread.push(...rows.rejections)
      for (const { line, row } of rows.rejections) products.passOver(line, row)
      products.add(rows.products, await readProductsBySku(db, products.about(rows.products)))
      read.rows = rows.rows
      read.ignoredColumns = rows.ignoredColumns
      task.progress('reading', rows.rows, bytes)
    }
    const found = await inTurns(products.finishing(), () => cancelled(task.signal))
    return { ...found, rejections: [...found.rejections, ...unread].sort(byLine) }
  }
  return read
}

const byLine = (a: Rejection, b: Rejection) => a.line - b.line

function cancelled(signal: AbortSignal): void {
  if (signal.aborted) throw new FileProblem('cancelled', 'The import was cancelled. Nothing was changed.')
}
