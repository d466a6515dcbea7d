import { Readable } from 'node:stream'
import { stringify } from 'csv-stringify/sync'
import type { FileRow } from '../../fileRow'
import type { FileFormat } from '../fileFormat'
import { readCsv } from './readCsv'

/** CSV (RFC 4180) in UTF-8. */
export const csvFormat: FileFormat = {
  name: 'CSV',
  mediaType: 'text/csv',
  contentType: 'text/csv; charset=utf-8; header=present',
  extension: 'csv',
  read: readCsv,
  write: (columns, rows, mark) => Readable.from(texts(columns, rows, mark), { objectMode: false }),
}

/** Cells that are handed on together: single rows take many times as long to send as to write, and many at once hold up others. */
const cellsAtOnce = 1000

async function* texts(columns: readonly string[], rows: Iterable<FileRow> | AsyncIterable<FileRow>, mark: boolean): AsyncGenerator<string> {
  let some: unknown[][] = [[...columns]]
  let bom = mark
  const rowsAtOnce = Math.ceil(cellsAtOnce / columns.length)
  const written = () => {
    const text = stringify(some, { record_delimiter: 'windows', bom })
    bom = false
    some = []
    return text
  }
  for await (const row of rows) {
    some.push(columns.map(column => row[column]))
    if (some.length === rowsAtOnce) yield written()
  }
  if (some.length) yield written()
}
