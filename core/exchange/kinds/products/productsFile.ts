import type { FileRow } from '../../fileRow'
import type { ExportShop, FileKindType } from '../fileKindType'
import type { ProductLine } from './productImport'
import { ProductImport } from './productImport'
import { isProductColumn, productColumns, productFileColumns, productFileRows, readProductRow } from './productRow'

/** Products and variants: a row each. */
export const productsFile: FileKindType<ProductLine> = {
  words: { name: 'Products', holds: 'Products and their variants, with categories, keywords, prices and stock.' },
  columns: productColumns,
  neededColumns: ['sku'],
  toldBy: 'sku',
  knows: isProductColumn,
  read: (line, cells, settings) => ({ line, cells, row: readProductRow(cells, settings) }),
  importing: ({ catalogue, categories, settings, versions }, how) =>
    new ProductImport(catalogue, categories, settings, versions.bundles, how),
  columnsOf: ({ otherLanguages }) => productFileColumns(otherLanguages),
  rowsOf,
}

async function* rowsOf({ catalogue, settings, storedProducts }: ExportShop): AsyncGenerator<FileRow> {
  for await (const product of storedProducts()) yield* productFileRows(product, catalogue, settings)
}
