import type { FileRow } from '../../fileRow'
import type { ExportShop, FileImport, FileKindType, ImportShop } from '../fileKindType'
import { linkColumns, linkFileRow, readLinkRow } from './linkRow'
import type { LinkLine } from './planLinkImport'
import { planLinkImport } from './planLinkImport'

/** Links of products: a row a link. */
export const linksFile: FileKindType<LinkLine> = {
  words: { name: 'Links', holds: 'Every link of every kind, in its place, with dates and note.' },
  columns: linkColumns,
  neededColumns: ['source', 'kind', 'target'],
  toldBy: 'target',
  read: (line, cells) => ({ line, row: readLinkRow(cells) }),
  importing,
  columnsOf: () => [...linkColumns],
  rowsOf,
}

function importing({ settings, catalogue, kinds, links }: ImportShop): FileImport<LinkLine> {
  const all: LinkLine[] = []
  return {
    add(lines) {
      // A lane is worked out as a whole.
      all.push(...lines)
      return []
    },
    finishing: () =>
      planLinkImport(all, {
        timeZone: settings.timeZone,
        item: sku => catalogue.item(sku),
        kind: key => kinds.get(key),
        lane: (source, kind) => links.lane(source, kind),
      }),
  }
}

function* rowsOf({ catalogue, kinds, links }: ExportShop): Generator<FileRow> {
  for (const { sku } of catalogue.products) {
    for (const kind of kinds.keys()) {
      for (const [i, link] of links.lane(sku, kind).entries()) yield linkFileRow(sku, kind, i + 1, link)
    }
  }
}
