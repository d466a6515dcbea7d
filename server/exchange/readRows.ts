import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { FileRow } from '../../core/exchange/fileRow'
import { RowError } from '../../core/exchange/fileRow'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import type { FileFormatKey } from '../../core/exchange/formats/registry'
import { fileFormatOf } from '../../core/exchange/formats/registry'
import type { Rejection } from '../../core/exchange/importReport'
import type { FileKind } from '../../core/exchange/kinds/registry'
import { fileKindKeys, fileKindOf } from '../../core/exchange/kinds/registry'
import { counted } from '../../core/text/sentence'

/** Rows of a file, read and checked each on its own. */
export interface ReadRows {
  /** Lines of the file's kind. */
  lines: unknown[]
  rejections: Rejection[]
  /** Rows read so far. */
  rows: number
  /** Columns that say nothing to Manada. */
  ignoredColumns: string[]
}

/** What a file is said to be, and what its amounts and texts are in. */
export interface FileReading {
  kind: FileKind
  format: FileFormatKey
  settings: Pick<ShopSettings, 'currency' | 'language' | 'emptyStock'>
}

const batchSize = 250
/** More rows than this are more than one step of work. */
export const maxRows = 1_000_000
/** More rows than this of one fate are counted, not listed. */
export const maxListed = 10_000

/**
 * The rows of a file, some at a time.
 * @throws FileProblem when the file can't be taken as a whole
 */
export async function* readRows(bytes: AsyncIterable<Uint8Array>, reading: FileReading): AsyncGenerator<ReadRows> {
  let header: Header | undefined
  let rows = 0
  const empty = (): ReadRows => ({ lines: [], rejections: [], rows, ignoredColumns: header!.ignored })
  let batch: ReadRows | undefined
  for await (const { line, cells } of fileFormatOf(reading.format).read(bytes)) {
    if (!header) {
      header = readHeader(cells, reading.kind)
      batch = empty()
      continue
    }
    if (++rows > maxRows)
      throw new FileProblem('too-many-rows', `The file has more than ${maxRows.toLocaleString('en')} rows. Cut it into several.`)
    readRow(line, cells, header, reading, batch!)
    if (rows % batchSize === 0) {
      yield { ...batch!, rows }
      batch = empty()
    }
  }
  if (!batch) throw new FileProblem('empty-file', 'The file is empty.')
  yield { ...batch, rows }
}

function readRow(line: number, cells: string[], { columns }: Header, { kind, settings }: FileReading, batch: ReadRows): void {
  const row: FileRow = {}
  for (const [i, column] of columns.entries()) if (column !== null) row[column] = cells[i] ?? ''
  try {
    if (cells.length !== columns.length) {
      const column = columns.at(Math.min(cells.length, columns.length - 1)) ?? ''
      throw new RowError(column, `This row has ${counted(cells.length, 'cell')}, the first line has ${columns.length}.`)
    }
    batch.lines.push(fileKindOf(kind).read(line, row, settings))
  } catch (error) {
    if (!(error instanceof RowError)) throw error
    batch.rejections.push({ line, column: error.column, reason: error.message, more: [...error.more], row })
  }
}

interface Header {
  /** The file's columns in their order; null for one that says nothing to Manada. */
  columns: (string | null)[]
  ignored: string[]
}

function readHeader(cells: readonly string[], kind: FileKind): Header {
  const type = fileKindOf(kind)
  const columns = cells.map(cell => {
    const name = cell.trim()
    const same = type.columns.find(each => each.toLowerCase() === name.toLowerCase())
    return same ?? (type.knows?.(name) ? name : null)
  })
  const missing = type.neededColumns.filter(each => !columns.includes(each))
  if (missing.length) {
    const named = missing.map(each => `“${each}”`).join(' and no ')
    throw new FileProblem(
      'missing-columns',
      `The first line names no ${named}. A file of ${kind} begins with a line such as ${type.columns.join(',')}.${looksLike(cells, kind)}`,
    )
  }
  const double = columns.find((each, i) => each !== null && columns.indexOf(each) !== i)
  if (double) throw new FileProblem('double-column', `The first line names “${double}” twice.`)
  return {
    columns,
    ignored: cells
      .filter((_, i) => columns[i] === null)
      .map(cell => cell.trim())
      .filter(Boolean),
  }
}

/** The kind that a file may rather be of, in a sentence. */
function looksLike(cells: readonly string[], kind: FileKind): string {
  const names = cells.map(cell => cell.trim().toLowerCase())
  const other = fileKindKeys.find(each => each !== kind && names.includes(fileKindOf(each).toldBy.toLowerCase()))
  return other ? ` This looks like a file of ${other}.` : ''
}
