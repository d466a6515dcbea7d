import { promisify } from 'node:util'
import { deflateRaw, inflateRaw } from 'node:zlib'
import type { Transaction } from 'sequelize'
import { Op } from 'sequelize'
import type { KeptChange } from '../../../core/records/keptChange'
import { isSoughtLater, keptOf, upgradeKept } from '../../../core/records/keptChange'
import type { Change, Changed } from '../../../core/records/registry'
import type { JournalEntry, JournalState } from '../journal'
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
  const { id } = await db.models.journal.create({ ...entry }, { transaction })
  for (const batch of batches(changes, changesInPiece)) await addPiece(db, id, batch, transaction)
  return id
}

/** Adds a piece to what an entry changed. Returns its number. */
export async function addPiece(db: Database, id: number, changes: readonly Change[], transaction: Transaction): Promise<number> {
  const piece = await countPieces(db, id, transaction)
  const kept = changes.map(keptOf)
  const written = JSON.stringify(kept)
  await db.run(
    'INSERT INTO journal_pieces (entryId, piece, changed, changes) VALUES ($id, $piece, $changed, $changes)',
    { id, piece, changed: kept.length, changes: written.length > longest ? await pack(written) : written },
    transaction,
  )
  await db.run(
    `INSERT OR IGNORE INTO journal_things (owner, key, "of", entryId)
     SELECT value ->> 'owner', value ->> 'key', value ->> 'of', $id FROM json_each($things)`,
    { id, things: JSON.stringify(kept.filter(isSoughtLater).map(({ of, owner, key }) => ({ of, owner, key }))) },
    transaction,
  )
  await db.run('UPDATE journal SET changed = changed + $changed WHERE id = $id', { id, changed: kept.length }, transaction)
  return piece
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
    'SELECT entryId AS id FROM journal_things WHERE owner = ? AND key = ? AND "of" = ? AND entryId > ? ORDER BY entryId LIMIT 1',
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
  const ofSources = sources ? 'AND id IN (SELECT entryId FROM journal_things WHERE owner IN (:sources))' : ''
  return db.select(
    `SELECT id, at, editor, type, words, state, changed AS lanes FROM journal WHERE id < :before ${ofSources} ORDER BY id DESC LIMIT :limit`,
    { sources, before, limit },
    transaction,
  )
}
