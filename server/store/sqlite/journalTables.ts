import { promisify } from 'node:util'
import { deflateRaw, inflateRaw } from 'node:zlib'
import type { Transaction } from 'sequelize'
import { literal, Op } from 'sequelize'
import type { KeptChange } from '../../../core/records/keptChange'
import { isSoughtLater, keptOf, upgradeKept } from '../../../core/records/keptChange'
import type { Change, Changed } from '../../../core/records/registry'
import type { HistoryRow, JournalEntry, JournalState, LastChange } from '../journal'
import { batches } from './batches'
import type { Database } from './database'

/** How many changes a piece has at most: what is made of them in memory must not hold up other requests. */
export const changesInPiece = 200
/** Longer pieces than so many letters are packed. */
const longest = 1000
const [pack, unpack] = [promisify(deflateRaw), promisify(inflateRaw)]

/** Adds an entry with what it changed. Returns its number. */
export async function addEntry(
  db: Database,
  entry: Omit<JournalEntry, 'id'>,
  changes: readonly Change[],
  transaction: Transaction,
): Promise<number> {
  const { command, ...plain } = entry
  const id = await db.insert(
    `INSERT INTO journal (at, editor, type, command, words, state, changed)
     VALUES ($at, $editor, $type, $command, $words, $state, $changed)`,
    { ...plain, command: JSON.stringify(command), changed: changes.length },
    transaction,
  )
  for (const [piece, batch] of [...batches(changes, changesInPiece)].entries()) await writePiece(db, id, piece, batch, transaction)
  return id
}

/** Adds a piece to what an entry changed, and says anew what it did. @param piece its number, counted from 0 */
export async function addPiece(
  db: Database,
  id: number,
  piece: number,
  changes: readonly Change[],
  words: string,
  transaction: Transaction,
): Promise<void> {
  await writePiece(db, id, piece, changes, transaction)
  await db.run(
    'UPDATE journal SET changed = changed + $changed, words = $words WHERE id = $id',
    { id, changed: changes.length, words },
    transaction,
  )
}

async function writePiece(db: Database, id: number, piece: number, changes: readonly Change[], transaction: Transaction): Promise<void> {
  const kept = changes.map(keptOf)
  const written = JSON.stringify(kept)
  await db.run(
    `INSERT INTO journal_pieces (entryId, piece, changed, changes)
     VALUES ($id, $piece, $changed, $changes)`,
    { id, piece, changed: kept.length, changes: written.length > longest ? await pack(written) : written },
    transaction,
  )
  const sought = kept.filter(isSoughtLater).map(({ of, owner, key }) => ({ of, owner, key }))
  if (sought.length)
    await db.run(
      `INSERT OR IGNORE INTO journal_things (owner, key, "of", entryId)
       SELECT value ->> 'owner', value ->> 'key', value ->> 'of', $id FROM json_each($things)`,
      { id, things: JSON.stringify(sought) },
      transaction,
    )
}

/** Says anew what an entry did. */
export async function setWords(db: Database, id: number, words: string, transaction: Transaction): Promise<void> {
  await db.models.journal.update({ words }, { where: { id }, transaction })
}

/** How many pieces there are of what an entry changed. */
export async function countPieces(db: Database, entryId: number, transaction?: Transaction): Promise<number> {
  const [found] = await db.select<{ pieces: number }>(
    'SELECT count(*) AS pieces FROM journal_pieces WHERE entryId = ?',
    [entryId],
    transaction,
  )
  return found!.pieces
}

/** What an entry changed, or a piece of it. */
export async function readKept(db: Database, entryId: number, piece: number | null, transaction?: Transaction): Promise<KeptChange[]> {
  const kept: KeptChange[] = []
  for (let at = piece ?? 0; piece === null || at === piece; at++) {
    const [row] = await db.select<{ changes: string | Buffer }>(
      'SELECT changes FROM journal_pieces WHERE entryId = ? AND piece = ?',
      [entryId, at],
      transaction,
    )
    if (!row) break
    const written = typeof row.changes === 'string' ? row.changes : (await unpack(row.changes)).toString()
    for (const each of JSON.parse(written) as KeptChange[]) kept.push(upgradeKept(each))
  }
  return kept
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
    where: { editor, state, type: { [Op.notIn]: steps }, [Op.and]: literal('thinned = 0') },
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
    'SELECT entryId AS id FROM journal_things WHERE owner = ? AND key = ? AND "of" = ? AND entryId > ? ORDER BY entryId LIMIT 1',
    [owner, key, of, id],
    transaction,
  )
  return found ? readEntry(db, found.id, transaction) : null
}

/** By which entry in force each thing of some records was changed last. */
export const lastChanges = (db: Database, of: readonly string[], transaction?: Transaction): Promise<LastChange[]> =>
  // Of the row with the largest number SQLite takes the other columns too (“Quirks, Caveats, and Gotchas”: bare columns with max()).
  db.select(
    `SELECT "of", key, type, editor FROM (
       SELECT journal_things."of" AS "of", key, type, editor, max(entryId)
       FROM journal_things JOIN journal ON id = entryId AND state = 'done'
       WHERE owner = '' AND journal_things."of" IN (:of) GROUP BY journal_things."of", key
     )`,
    { of },
    transaction,
  )

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
): Promise<HistoryRow[]> {
  const ofSources = sources ? 'AND id IN (SELECT entryId FROM journal_things WHERE owner IN (:sources))' : ''
  const rows = await db.select<Omit<HistoryRow, 'isKept'> & { thinned: number }>(
    `SELECT id, at, editor, type, words, state, changed AS lanes, thinned FROM journal
     WHERE id < :before ${ofSources} ORDER BY id DESC LIMIT :limit`,
    { sources, before, limit },
    transaction,
  )
  return rows.map(({ thinned, ...row }) => ({ ...row, isKept: !thinned }))
}

/**
 * Forgets what old entries changed, and old writes of the log; what was done, when and by whom stays.
 * @param files older imports of files, and what took them back, are thinned, ISO 8601 @param others the same for all others
 * @param most about how many pieces are taken away at most
 * @returns whether there is more
 */
export async function thinJournal(
  db: Database,
  { files, others, most }: { files: string; others: string; most: number },
  transaction: Transaction,
): Promise<boolean> {
  const old = await db.select<{ id: number; pieces: number }>(
    `SELECT id, (SELECT count(*) FROM journal_pieces WHERE entryId = id) AS pieces FROM journal
     WHERE thinned = 0 AND id <> ifnull((SELECT entry FROM change_log ORDER BY number DESC LIMIT 1), 0)
     AND (at < :others OR (at < :files AND type = 'import')) ORDER BY at LIMIT 100`,
    { files, others },
    transaction,
  )
  const entries: number[] = []
  let pieces = 0
  for (const entry of old) {
    if (pieces >= most) break
    entries.push(entry.id)
    pieces += Math.max(1, entry.pieces)
  }
  const given = { entries: JSON.stringify(entries) }
  const among = 'IN (SELECT value FROM json_each($entries))'
  await db.run(`DELETE FROM journal_pieces WHERE entryId ${among}`, given, transaction)
  await db.run(`DELETE FROM journal_things WHERE entryId ${among}`, given, transaction)
  await db.run(`DELETE FROM change_log WHERE entry ${among}`, given, transaction)
  await db.run(`UPDATE journal SET thinned = 1 WHERE id ${among}`, given, transaction)
  // The last write stays, and its entry: whoever follows is told by it how far it is.
  await db.run(
    `DELETE FROM change_log WHERE number IN (SELECT number FROM change_log WHERE entry IS NULL AND at < $files ORDER BY number LIMIT $most)
     AND number < (SELECT max(number) FROM change_log)`,
    { files, most },
    transaction,
  )
  return entries.length > 0
}
