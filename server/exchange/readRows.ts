import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { FileKind, FileRow, Rejection } from '../../core/exchange/importReport'
import { RowError } from '../../core/exchange/importReport'
import { linkColumns, neededLinkColumns, readLinkRow } from '../../core/exchange/kinds/links/linkRow'
import type { LinkLine } from '../../core/exchange/kinds/links/planLinkImport'
import { isProductColumn, productColumns, readProductRow } from '../../core/exchange/kinds/products/productRow'
import type { ProductLine } from '../../core/exchange/kinds/products/productImport'
import { FileProblem } from '../../core/exchange/formats/fileProblem'
import { readCsv } from '../../core/exchange/formats/csv/readCsv'

/** Rows of a file, read and checked each on its own. */
export interface ReadRows {
  links: LinkLine[]
  products: ProductLine[]
  rejections: Rejection[]
  /** Rows read so far. */
  rows: number
  /** Columns that say nothing to Manada. */
  ignoredColumns: string[]
}

type Settings = Pick<ShopSettings, 'currency' | 'language'>

const batchSize = 1000
/** More rows than this are more than one step of work. */
export const mostRows = 1_000_000
/** More rows than this of one fate are counted, not listed. */
export const mostListed = 10_000

/**
 * The rows of a file of links or products, some at a time.
 * @throws FileProblem when the file can't be taken as a whole
 */
export async function* readRows(bytes: AsyncIterable<Uint8Array>, kind: FileKind, settings: Settings): AsyncGenerator<ReadRows> {
  let header: Header | undefined
  let rows = 0
  const empty = (): ReadRows => ({ links: [], products: [], rejections: [], rows, ignoredColumns: header!.ignored })
  let batch: ReadRows | undefined
  for await (const { line, cells } of readCsv(bytes)) {
    if (!header) {
      header = readHeader(cells, kind)
      batch = empty()
      continue
    }
    if (++rows > mostRows) throw new FileProblem('tooManyRows', `The file has more than ${mostRows.toLocaleString('en')} rows. Cut it into several.`)
    readRow(line, cells, header, kind, settings, batch!)
    if (rows % batchSize === 0) {
      yield { ...batch!, rows }
      batch = empty()
    }
  }
  if (!batch) throw new FileProblem('emptyFile', 'The file is empty.')
  yield { ...batch, rows }
}

function readRow(line: number, cells: string[], header: Header, kind: FileKind, settings: Settings, batch: ReadRows): void {
  const row: FileRow = {}
  for (const [i, column] of header.columns.entries()) if (column !== null) row[column] = cells[i] ?? ''
  try {
    if (cells.length !== header.columns.length) {
      const column = header.columns.at(Math.min(cells.length, header.columns.length - 1)) ?? ''
      throw new RowError(column, `This row has ${cells.length} ${cells.length === 1 ? 'cell' : 'cells'}, the first line has ${header.columns.length}.`)
    }
    if (kind === 'links') batch.links.push({ line, row: readLinkRow(row) })
    else batch.products.push({ line, cells: row, row: readProductRow(row, settings) })
  } catch (error) {
    if (!(error instanceof RowError)) throw error
    batch.rejections.push({ line, column: error.column, reason: error.message, row })
  }
}

interface Header {
  /** The file's columns in their order; null for one that says nothing to Manada. */
  columns: (string | null)[]
  ignored: string[]
}

function readHeader(cells: readonly string[], kind: FileKind): Header {
  const known: readonly string[] = kind === 'links' ? linkColumns : productColumns
  const columns = cells.map((cell) => {
    const name = cell.trim()
    const same = known.find(each => each.toLowerCase() === name.toLowerCase())
    return same ?? (kind === 'products' && isProductColumn(name) ? name : null)
  })
  const needed = kind === 'links' ? neededLinkColumns : ['sku']
  const missing = needed.filter(each => !columns.includes(each))
  if (missing.length) {
    const other = kind === 'links' ? columnsOf(cells).includes('sku') && 'products' : columnsOf(cells).includes('target') && 'links'
    throw new FileProblem('missingColumns', `The first line names no ${missing.map(each => `“${each}”`).join(' and no ')}. A file of ${kind} begins with a line such as ${known.join(',')}.`
      + (other ? ` This looks like a file of ${other}.` : ''))
  }
  const double = columns.find((each, i) => each !== null && columns.indexOf(each) !== i)
  if (double) throw new FileProblem('doubleColumn', `The first line names “${double}” twice.`)
  return { columns, ignored: cells.filter((_, i) => columns[i] === null).map(cell => cell.trim()).filter(Boolean) }
}

const columnsOf = (cells: readonly string[]) => cells.map(cell => cell.trim().toLowerCase())
