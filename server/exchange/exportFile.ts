import { setImmediate as nextTurn } from 'node:timers/promises'
import { Readable, pipeline } from 'node:stream'
import { stringify } from 'csv-stringify'
import type { FileKind, FileRow } from '../../core/exchange/importReport'
import { linkColumns, linkFileRow } from '../../core/exchange/kinds/links/linkRow'
import { productFileColumns, productFileRows } from '../../core/exchange/kinds/products/productRow'
import { readProducts, readTextLanguages } from '../db/productStore'
import type { Running } from '../engine/useShop'

/** Rows that are written before other work gets a turn. */
const rowsInTurn = 500

/**
 * All links or products as a CSV file (RFC 4180) in UTF-8, piece by piece.
 * @param mark begin with a byte order mark: spreadsheets tell by it that the file is in UTF-8
 */
export async function exportFile(running: Pick<Running, 'db' | 'shop'>, kind: FileKind, mark: boolean): Promise<Readable> {
  const { language, languages } = running.shop.settings
  const others = new Set([...languages, ...await readTextLanguages(running.db)])
  others.delete(language)
  const columns = kind === 'links' ? [...linkColumns] : productFileColumns([...others])
  const file = stringify({ header: true, columns, record_delimiter: 'windows', bom: mark })
  pipeline(Readable.from(inTurns(kind === 'links' ? linkRows(running) : productRows(running))), file, () => undefined)
  return file
}

function* linkRows({ shop }: Pick<Running, 'shop'>): Generator<FileRow> {
  for (const { sku } of shop.catalogue.products) {
    for (const kind of shop.kinds.keys()) {
      for (const [i, link] of shop.links.lane(sku, kind).entries()) yield linkFileRow(sku, kind, i + 1, link)
    }
  }
}

async function* productRows({ db, shop }: Pick<Running, 'db' | 'shop'>): AsyncGenerator<FileRow> {
  for await (const { product } of readProducts(db, 500)) yield* productFileRows(product, shop.catalogue, shop.settings)
}

async function* inTurns(rows: Iterable<FileRow> | AsyncIterable<FileRow>): AsyncGenerator<FileRow> {
  let count = 0
  for await (const row of rows) {
    yield row
    if (++count % rowsInTurn === 0) await nextTurn()
  }
}
