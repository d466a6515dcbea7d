import type { Transaction } from 'sequelize'
import type { Change } from '../../../core/records/registry'
import { upgradeChange } from '../../../core/records/registry'
import type { Database } from './database'
import { readChanges } from './journalTables'

/*
 * Every write, in the order in which they were made: it is never changed, and each has the number after the one before.
 * Whoever keeps something that follows from the database (the live shop, a studio) has the number up to which it follows, and can go on from there.
 */

/** What was written at one go. */
export interface Write {
  number: number
  /** ISO 8601 */
  at: string
  /** Of a command, or `beside` for what is no merchandiser's doing. */
  type: string
  words: string
  editor: string
  /** Number of the journal entry; null: it has none. */
  entry: number | null
  changes: Change[]
}

/** Adds a write, in its own transaction. Returns its number. */
export async function appendWrite(db: Database, { changes, ...write }: Omit<Write, 'number'>, transaction: Transaction): Promise<number> {
  // The changes of an entry stand in the journal.
  const { number } = await db.models.changeLog.create({ ...write, changes: write.entry === null ? changes : null }, { transaction })
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
    const [row] = await db.select<Omit<Write, 'changes'> & { changes: string | null }>(
      'SELECT number, at, type, words, editor, entry, changes FROM change_log WHERE number > ? ORDER BY number LIMIT 1', [after], transaction)
    if (!row) return
    const changes = row.entry === null ? (JSON.parse(row.changes!) as Change[]).map(upgradeChange) : await readChanges(db, row.entry, transaction)
    yield { ...row, changes }
    after = row.number
  }
}
