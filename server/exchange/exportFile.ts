import type { Readable } from 'node:stream'
import type { FileRow } from '../../core/exchange/fileRow'
import type { FileFormatKey } from '../../core/exchange/formats/registry'
import { fileFormatOf } from '../../core/exchange/formats/registry'
import type { ExportShop } from '../../core/exchange/kinds/fileKindType'
import type { OutgoingKind } from '../../core/exchange/kinds/registry'
import { outgoingKindOf } from '../../core/exchange/kinds/registry'
import type { Writing } from '../live/runInSteps'
import { pausingBeside } from '../live/runInSteps'
import type { Running } from '../running/useShop'

const productsAtOnce = 50

/** A shop, and, if it is written to, how much. */
type ExportedShop = Pick<Running, 'store' | 'shop'> & { log?: Writing }

/**
 * All there is of a kind as a file, piece by piece.
 * @param mark begin with a byte order mark: spreadsheets tell by it that the file is in UTF-8
 */
export async function exportFile(
  { store, shop, log }: ExportedShop,
  kind: OutgoingKind,
  format: FileFormatKey,
  mark: boolean,
): Promise<Readable> {
  const { language, languages } = shop.settings
  const others = new Set([...languages, ...(await store.textLanguages())])
  others.delete(language)
  const { settings, catalogue, categories, kinds, links, versions } = shop
  const source: ExportShop = {
    settings,
    catalogue,
    categories,
    kinds,
    links,
    versions,
    otherLanguages: [...others],
    orderLines: () => store.orderLines(),
    async *storedProducts() {
      for await (const { product } of store.products(productsAtOnce)) yield product
    },
  }
  const { columnsOf, rowsOf } = outgoingKindOf(kind)
  return fileFormatOf(format).write(columnsOf(source), withPauses(rowsOf(source), log), mark)
}

/** By time, for the first rows take many times as long as those after them. */
async function* withPauses(rows: Iterable<FileRow> | AsyncIterable<FileRow>, log?: Writing): AsyncGenerator<FileRow> {
  const pause = pausingBeside(log)
  for await (const row of rows) {
    yield row
    await pause()
  }
}
