import type { Transaction } from 'sequelize'
import type { Change, RecordName } from '../../../core/records/registry'
import { pageLinksTable } from './catalogueTables'
import { draftedSortNames, draftedSorts } from '../../../core/releases/draftedSorts'
import type { Database } from './database'
import { keyedTable } from './keyedTable'
import { kindOrderTable, kindTable } from './kindTables'
import { dismissedTable, linksTable } from './linkTables'
import { neighboursTable } from './neighboursTable'
import { categoryTable, productTable } from './productTables'
import { putAsideTable } from './putAsideTable'
import type { RecordTable } from './recordTable'
import { readElsewhere } from './recordTable'
import { scheduleTable } from './releaseTables'
import { versionsTable } from './draftedTables'
import { sharedTable } from './sharedTable'
import { switchedOffTable } from './switchedOffTable'

export type ValueOf<Of extends RecordName> = Extract<Change, { of: Of }>['after']

/** Records with a table of their own. All others share one. */
const tables: { [Of in RecordName]?: RecordTable<ValueOf<Of>> } = {
  category: categoryTable,
  product: productTable,
  kind: kindTable,
  kindOrder: kindOrderTable,
  links: linksTable,
  dismissed: dismissedTable,
  pageLinks: pageLinksTable,
  neighbours: neighboursTable,
  switchedOff: switchedOffTable,
  putAside: putAsideTable,
  ...Object.fromEntries(draftedSortNames.map(sort => [draftedSorts[sort].of, versionsTable(sort)])),
  schedule: scheduleTable,
  brandMark: keyedTable('brandMarks', 'brand', 'image'),
  // They follow from the orders.
  sold: { read: readElsewhere, write: () => Promise.resolve() },
}

export const tableOf = (of: RecordName): RecordTable<unknown> => (tables[of] ?? sharedTable(of)) as RecordTable<unknown>

/** Writes into the database how things are after their changes, in the order of the changes; neighbours of one record together. */
export async function writeChanges(db: Database, changes: readonly Change[], language: string, transaction: Transaction): Promise<void> {
  for (let from = 0; from < changes.length;) {
    const { of } = changes[from]!
    let to = from
    while (changes[to]?.of === of) to++
    await tableOf(of).write(db, changes.slice(from, to), transaction, language)
    from = to
  }
}
