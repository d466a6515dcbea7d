import type { Transaction } from 'sequelize'
import { Op } from 'sequelize'
import type { Change, Changed, RecordName } from '../../../core/records/registry'
import { upgradeChange } from '../../../core/records/registry'
import type { JournalEntry, JournalState } from '../journal'
import { batches } from './batches'
import type { Database } from './database'

/** How many changes are written or read at a time: what is made of them in memory must not hold up other requests. */
const changesAtOnce = 200

/** Adds an entry with what it changed. Returns its number. */
export async function addEntry(
  db: Database,
  entry: Omit<JournalEntry, 'id'>,
  changes: readonly Change[],
  transaction: Transaction,
): Promise<number> {
  const { id } = await db.models.journal.create(entry, { transaction })
  let part = 0
  for (const batch of batches(changes, changesAtOnce)) {
    await db.run(
      `INSERT INTO journal_changes (entryId, part, "of", source, kind, before, after)
       SELECT $id, $part + change.key, change.value ->> 'of', change.value ->> 'owner', change.value ->> 'key',
         change.value -> 'before', change.value -> 'after'
       FROM json_each($changes) AS change`,
      { id, part, changes: JSON.stringify(batch) },
      transaction,
    )
    part += batch.length
  }
  return id
}

/** What an entry changed. */
export async function readChanges(db: Database, entryId: number, transaction?: Transaction): Promise<Change[]> {
  interface Row {
    of: RecordName
    owner: string
    key: string
    part: number
    before: string | null
    after: string | null
  }
  const changes: Change[] = []
  for (;;) {
    const rows = await db.select<Row>(
      `SELECT part, "of", source AS owner, kind AS key, before, after FROM journal_changes
       WHERE entryId = ? AND part >= ? ORDER BY part LIMIT ?`,
      [entryId, changes.length, changesAtOnce],
      transaction,
    )
    for (const { of, owner, key, before, after } of rows)
      changes.push(upgradeChange({ of, owner, key, before: JSON.parse(before ?? 'null'), after: JSON.parse(after ?? 'null') }))
    if (rows.length < changesAtOnce) return changes
  }
}

export async function setState(db: Database, id: number, state: JournalState, transaction: Transaction): Promise<void> {
  await db.models.journal.update({ state }, { where: { id }, transaction })
}

/** What an editor has undone can't be redone any more once something else was done. */
export async function dropUndone(db: Database, editor: string, transaction: Transaction): Promise<void> {
  await db.models.journal.update({ state: 'dropped' }, { where: { editor, state: 'undone' }, transaction })
}

/** Entries that are themselves undos and redos stand in the journal too, but are not undone again. */
const steps = ['undo', 'redo']

/**
 * The entry that undo or redo is about: of the editor's commands the newest in force, or the oldest of those undone.
 * Both make one stack: whatever is undone lies above everything that is done.
 */
export async function nextEntry(
  db: Database,
  editor: string,
  state: 'done' | 'undone',
  transaction?: Transaction,
): Promise<JournalEntry | null> {
  const row = await db.models.journal.findOne({
    where: { editor, state, type: { [Op.notIn]: steps } },
    order: [['id', state === 'done' ? 'DESC' : 'ASC']],
    transaction,
  })
  return row?.get({ plain: true }) ?? null
}

export async function readEntry(db: Database, id: number, transaction?: Transaction): Promise<JournalEntry | null> {
  const row = await db.models.journal.findByPk(id, { transaction })
  return row?.get({ plain: true }) ?? null
}

/** The first later entry that changed the same thing. */
export async function laterEntry(
  db: Database,
  id: number,
  { of, owner, key }: Changed,
  transaction?: Transaction,
): Promise<JournalEntry | null> {
  const [found] = await db.select<{ id: number }>(
    'SELECT entryId AS id FROM journal_changes WHERE source = ? AND kind = ? AND "of" = ? AND entryId > ? ORDER BY entryId LIMIT 1',
    [owner, key, of, id],
    transaction,
  )
  return found ? readEntry(db, found.id, transaction) : null
}

/**
 * Entries, newest first.
 * @param sources only those that changed lanes of these products; null: all
 * @param before only those with a smaller number
 */
export async function readHistory(
  db: Database,
  sources: readonly string[] | null,
  before: number,
  limit: number,
  transaction?: Transaction,
): Promise<(Omit<JournalEntry, 'command'> & { lanes: number })[]> {
  const ofSources = sources ? 'AND id IN (SELECT entryId FROM journal_changes WHERE source IN (:sources))' : ''
  return db.select(
    `SELECT id, at, editor, type, words, state, (SELECT count(*) FROM journal_changes WHERE entryId = journal.id) AS lanes
     FROM journal WHERE id < :before ${ofSources} ORDER BY id DESC LIMIT :limit`,
    { sources, before, limit },
    transaction,
  )
}
