import type { Transaction } from 'sequelize'
import type { Change, LaneChange } from '../../core/commands/change'
import type { Database } from '../db/database'
import { writeBrandMark } from '../db/brandMarkStore'
import { writePageLane } from '../db/catalogueStore'
import { writeKind, writeKindOrder } from '../db/kindStore'
import { writeDismissed, writeLanes } from '../db/linkStore'
import { writeNeighbours } from '../db/neighbourStore'
import { writeOffer } from '../db/offerStore'
import { writeVersions } from '../db/sectionStore'
import { writePutAside } from '../db/putAsideStore'
import { writeSchedule } from '../db/releaseStore'
import { writeSwitchedOff } from '../db/switchStore'
import { deleteProducts, writeCategory, writeProducts } from '../db/productStore'

/**
 * Writes into the database how things are after their changes, in the order of the changes; neighbours of one sort together.
 * @param language BCP 47 tag of the shop's own language
 */
export async function writeChanges(db: Database, changes: readonly Change[], language: string, transaction: Transaction): Promise<void> {
  for (let from = 0; from < changes.length;) {
    const { of } = changes[from]!
    let to = from
    while (changes[to]?.of === of) to++
    await writeAlike(db, changes.slice(from, to), language, transaction)
    from = to
  }
}

/** Writes changes of one sort. */
async function writeAlike(db: Database, changes: Change[], language: string, transaction: Transaction): Promise<void> {
  const lanes = changes.filter((change): change is LaneChange => change.of === 'links')
  if (lanes.length) return writeLanes(db, lanes, transaction)
  const products = changes.filter(change => change.of === 'product')
  if (products.length) {
    await writeProducts(db, products.flatMap(change => change.after ?? []), language, transaction)
    return deleteProducts(db, products.filter(change => !change.after).map(change => change.source), transaction)
  }
  for (const change of changes) await writeOne(db, change, transaction)
}

async function writeOne(db: Database, change: Change, transaction: Transaction): Promise<void> {
  switch (change.of) {
    case 'pageLinks': return writePageLane(db, change.source, change.after, transaction)
    case 'dismissed': return writeDismissed(db, change.source, change.kind, change.after, transaction)
    case 'neighbours': return writeNeighbours(db, change.source, change.after, transaction)
    case 'switchedOff': return writeSwitchedOff(db, change.source, change.kind, change.after, transaction)
    case 'putAside': return writePutAside(db, change.source, change.kind, change.after, transaction)
    case 'section': return writeVersions(db, 'sections', change.kind, change.after, transaction)
    case 'plan': return writeVersions(db, 'plans', change.kind, change.after, transaction)
    case 'brandMark': return writeBrandMark(db, change.kind, change.after, transaction)
    case 'offer': return writeOffer(db, change.kind, change.after, transaction)
    case 'look': return writeVersions(db, 'looks', change.kind, change.after, transaction)
    case 'schedule': return writeSchedule(db, change.kind, change.after, transaction)
    case 'category': return writeCategory(db, change.kind, change.after, transaction)
    case 'kind': return writeKind(db, change.kind, change.after, transaction)
    case 'kindOrder': return writeKindOrder(db, change.after, transaction)
    case 'sold': // It follows from the orders.
  }
}
