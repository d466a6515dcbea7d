import type { ImportReport, ImportSummary } from '../../core/exchange/importReport'
import type { FileFormatKey } from '../../core/exchange/formats/registry'
import type { FileKind } from '../../core/exchange/kinds/registry'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { StoppedError } from '../journal/piece'
import { pausingBeside } from '../live/runInSteps'
import type { Running } from '../running/useShop'
import { NotWrittenError } from '../store/port'
import { FileWork } from './fileWork'
import { Pace } from '../journal/pace'
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
  progress(now: ImportProgress): void
}
export interface ImportProgress {
  stage: 'reading' | 'writing'
  /** Rows read, or written. */
  rows: number
  /** Rows of the file; 0: not known yet. */
  of: number
  /** Bytes read. */
  bytes: number
}

/**
 * Imports a file, as one entry of the history: all of it or, when a row can't be taken and `keepValid` is not asked for, nothing.
 * It is gone through twice. Tried first, nothing is done; then it is written piece by piece, and whoever edits or buys has a turn between
 * two pieces. Stopped between two, it says how far it came; what is in can be taken back.
 * @throws FileProblem when the file can't be taken as a whole, or when it was stopped
 */
export async function importFile(running: Running, task: ImportTask): Promise<ImportReport> {
  const tried = await tryFile(running, task)
  if (task.dry || !tried.changes || !isTaken(tried.summary, task)) return report(tried, task, null)
  return writeFile(running, task, tried.rows)
}

const isTaken = (summary: ImportSummary, { keepValid }: ImportTask) => keepValid || !summary.rejections.length

/** Rows that are tried before others have a turn. */
const triedAtOnce = 50

interface Tried {
  rows: number
  ignoredColumns: string[]
  summary: ImportSummary
  /** How many things it would change. */
  changes: number
}

/** Works out what a file asks for, without doing it. */
async function tryFile({ shop, store, log }: Running, task: ImportTask): Promise<Tried> {
  const work = new FileWork(shop, task, 'tried')
  const pause = pausingBeside(log)
  let changes = 0
  for await (const step of work.steps()) {
    cancelled(task.signal, 0, 0)
    changes += (await step.changes(triedAtOnce, store)).length
    task.progress({ stage: 'reading', rows: work.rows, of: 0, bytes: work.bytes })
    await pause()
  }
  cancelled(task.signal, 0, 0)
  return { rows: work.rows, ignoredColumns: work.ignoredColumns, summary: work.summary(), changes }
}

/** @param rows how many the file has */
async function writeFile(running: Running, task: ImportTask, rows: number): Promise<ImportReport> {
  const work = new FileWork(running.shop, task, 'written')
  const steps = work.steps()
  const pace = new Pace()
  task.progress({ stage: 'writing', rows: 0, of: rows, bytes: 0 })
  // Read ahead: nobody waits for a file to be read.
  let coming = await steps.next()
  /** Rows whose piece is written. */
  let made = 0
  try {
    const { entry, words } = await running.log.runInPieces(
      { type: 'import', command: { type: 'import', kind: task.kind, file: task.name } },
      async (writer, took) => {
        cancelled(task.signal, made, rows)
        pace.note(took)
        const step = coming
        if (step.done) return null
        const changes = await step.value.changes(pace.size, writer)
        task.progress({ stage: 'writing', rows: work.written, of: rows, bytes: 0 })
        coming = await steps.next()
        const { written } = work
        return {
          changes,
          words: `Imported ${task.kind} from ${task.name}: ${howFar(written, rows)}`,
          written: () => void (made = written),
        }
      },
      () => importWords(work.summary(), task),
      task.editor,
    )
    return report({ rows, ignoredColumns: work.ignoredColumns, summary: work.summary() }, task, entry === null ? null : words)
  } catch (error) {
    if (error instanceof StoppedError) throw stopped(made, rows)
    if (made && error instanceof NotWrittenError) throw stopped(made, rows, noRoom[error.reason ?? 'other'])
    throw error
  } finally {
    await steps.return()
  }
}

function report({ rows, ignoredColumns, summary }: Omit<Tried, 'changes'>, { kind }: ImportTask, done: string | null): ImportReport {
  const { created, updated, unchanged, effects, rejections, notes } = summary
  return {
    kind,
    rows,
    created,
    updated,
    unchanged,
    effects: effects.slice(0, maxListed),
    rejected: rejections.length,
    rejections: rejections.slice(0, maxListed),
    noted: notes.length,
    notes: notes.slice(0, maxListed),
    ignoredColumns,
    done,
  }
}

function importWords({ created, updated }: ImportSummary, { kind, name }: ImportTask): string {
  const parts = [created && `${created.toLocaleString('en')} new`, updated && `${updated.toLocaleString('en')} changed`].filter(Boolean)
  return `Imported ${kind} from ${name}: ${parts.join(', ') || 'order only'}`
}

const howFar = (written: number, rows: number) => `${written.toLocaleString('en')} of ${rows.toLocaleString('en')} rows`

function cancelled(signal: AbortSignal, written: number, rows: number): void {
  if (signal.aborted) throw stopped(written, rows)
}

const stopped = (written: number, rows: number, why = 'The import was stopped') =>
  written
    ? new FileProblem('stopped', `${why}: ${howFar(written, rows)} are in. Undo takes them back; the same file again goes on.`)
    : new FileProblem('cancelled', 'The import was cancelled. Nothing was changed.')

const noRoom = {
  'disk-full': 'The disk is full',
  'read-only': 'Nothing can be written any more',
  'other': 'The database could not write',
}
