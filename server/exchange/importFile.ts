import type { Change } from '../../core/records/registry'
import type { ImportPlan, ImportReport, Rejection } from '../../core/exchange/importReport'
import type { FileFormatKey } from '../../core/exchange/formats/registry'
import type { FileKind } from '../../core/exchange/kinds/registry'
import { fileKindOf } from '../../core/exchange/kinds/registry'
import { runInSteps } from '../live/runInSteps'
import type { Running } from '../running/useShop'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { readFile } from './readFile'
import { maxListed } from './readRows'

export interface ImportTask {
  kind: FileKind
  format: FileFormatKey
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
export type ImportStage = 'reading' | 'writing'

/**
 * Imports a file: all of it or, when a row can't be taken and `keepValid` is not asked for, nothing. It becomes one entry of the history.
 * @throws FileProblem when the file can't be taken as a whole, or when it was cancelled
 */
export async function importFile(running: Running, task: ImportTask): Promise<ImportReport> {
  const read = reading(running, task)
  const report = (plan: ImportPlan, done: string | null): ImportReport => ({
    kind: task.kind,
    rows: read.rows,
    created: plan.created,
    updated: plan.updated,
    unchanged: plan.unchanged,
    effects: plan.effects.slice(0, maxListed),
    rejected: plan.rejections.length,
    rejections: plan.rejections.slice(0, maxListed),
    ignoredColumns: read.ignoredColumns,
    done,
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
    () => importWords(plan, task),
    task.editor,
  )
  return report(plan, entry === null ? null : words)
}

const isTaken = (plan: ImportPlan, { keepValid }: ImportTask) => keepValid || !plan.rejections.length

function importWords({ created, updated }: ImportPlan, { kind, name }: ImportTask): string {
  const parts = [created && `${created.toLocaleString('en')} new`, updated && `${updated.toLocaleString('en')} changed`].filter(Boolean)
  return `Imported ${kind} from ${name}: ${parts.join(', ') || 'order only'}`
}

/** Rows read so far, and how to work out what a file does to the shop as it is at the time. */
interface Read {
  rows: number
  ignoredColumns: string[]
  plan(): Promise<ImportPlan>
}

/** The file is read for each plan, so that what it says need not stand in memory beside what it changes. */
function reading({ shop, store }: Running, { path, kind, format, signal, progress }: ImportTask): Read {
  const read: Read = { rows: 0, ignoredColumns: [], plan }
  async function plan(): Promise<ImportPlan> {
    const file = fileKindOf(kind).importing(shop)
    const unread: Rejection[] = []
    for await (const { rows, bytes } of readFile({ path, kind, format, settings: shop.settings })) {
      cancelled(signal)
      unread.push(...rows.rejections)
      for (const { line, row } of rows.rejections) file.passOver?.(line, row)
      const skus = file.about?.(rows.lines) ?? []
      file.add(rows.lines, skus.length ? await store.productsBySku(skus) : new Map())
      read.rows = rows.rows
      read.ignoredColumns = rows.ignoredColumns
      progress('reading', rows.rows, bytes)
    }
    const found = await runInSteps(file.finishing(), () => cancelled(signal))
    return { ...found, rejections: [...found.rejections, ...unread].sort(byLine) }
  }
  return read
}

const byLine = (a: Rejection, b: Rejection) => a.line - b.line

function cancelled(signal: AbortSignal): void {
  if (signal.aborted) throw new FileProblem('cancelled', 'The import was cancelled. Nothing was changed.')
}
