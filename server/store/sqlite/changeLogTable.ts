import type { Transaction } from 'sequelize'
import type { Change } from '../../../core/records/registry'
import { madeBefore, neededFor } from '../../../core/records/keptChange'
import { upgradeChange } from '../../../core/records/registry'
import type { Database } from './database'
import type { Write } from '../journal'
import { readKept } from './journalTables'
import { readProductsBySku } from './productReading'

/** Adds a write, in its own transaction. Returns its number. */
export async function appendWrite(db: Database, { changes, ...write }: Omit<Write, 'number'>, transaction: Transaction): Promise<number> {
  // The changes of an entry stand in the journal.
  const { number } = await db.models.changeLog.create(
    { ...write, piece: write.piece ?? null, changes: write.entry === null ? changes : null },
    { transaction },
  )
  return number
}

/** The number of the last write; 0: there was none yet. */
export async function lastWrite(db: Database, transaction?: Transaction): Promise<number> {
  const [found] = await db.select<{ number: number }>('SELECT ifnull(max(number), 0) AS number FROM change_log', [], transaction)
  return found!.number
}

/** All writes after one of them, in their order. */
export async function* writesAfter(db: Database, number: number, transaction?: Transaction): AsyncGenerator<Write> {
  for (let after = number; ;) {
    const [row] = await db.select<Omit<Write, 'changes' | 'piece'> & { piece: number | null; changes: string | null }>(
      'SELECT number, at, type, words, editor, entry, piece, changes FROM change_log WHERE number > ? ORDER BY number LIMIT 1',
      [after],
      transaction,
    )
    if (!row) return
    const changes =
      row.entry === null ? (JSON.parse(row.changes!) as Change[]).map(upgradeChange) : await readMade(db, row.entry, row.piece, transaction)
    const { piece, ...write } = row
    yield { ...write, ...(piece !== null && { piece }), changes }
    after = row.number
  }
}

/** What an entry changed, or a piece of it, as those who follow are told. */
async function readMade(db: Database, entry: number, piece: number | null, transaction?: Transaction): Promise<Change[]> {
  const kept = await readKept(db, entry, piece, transaction)
  const products = await readProductsBySku(db, neededFor(kept), transaction)
  return kept.map(each => madeBefore(each, products.get(each.owner) ?? null))
}
