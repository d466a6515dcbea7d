import { Readable, pipeline } from 'node:stream'
import { stringify } from 'csv-stringify'
import type { FileFormat } from '../fileFormat'
import { readCsv } from './readCsv'

/** CSV (RFC 4180) in UTF-8. */
export const csvFormat: FileFormat = {
  name: 'CSV',
  mediaType: 'text/csv',
  contentType: 'text/csv; charset=utf-8; header=present',
  extension: 'csv',
  read: readCsv,
  write(columns, rows, mark) {
    const file = stringify({ header: true, columns: [...columns], record_delimiter: 'windows', bom: mark })
    // Whoever reads the file is told of what goes wrong.
    pipeline(Readable.from(rows), file, () => undefined)
    return file
  },
}
