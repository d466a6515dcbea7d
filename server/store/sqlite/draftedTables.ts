import type { Transaction } from 'sequelize'
import type { DraftedSort } from '../../../core/releases/draftedSorts'
import type { Versions } from '../../../core/sections/versions'
import type { Database } from './database'
import type { RecordTable } from './recordTable'

/** What is live and drafted of a sort of things, by key. */
export const versionsTable = <T>(table: DraftedSort): RecordTable<Versions<T> | null> => ({
  async *read(db, transaction) {
    const rows = await db.select<{ key: string; live: string | null; draft: string | null }>(
      `SELECT key, live, draft FROM ${table} ORDER BY key`,
      [],
      transaction,
    )
    for (const { key, live, draft } of rows)
      yield { owner: '', key: key, value: { live: JSON.parse(live ?? 'null'), draft: JSON.parse(draft ?? 'null') } }
  },
  async write(db, changes, transaction) {
    for (const { key: kind, after } of changes) await writeVersions(db, table, kind, after, transaction)
  },
})

/** Null takes it away. */
async function writeVersions(
  db: Database,
  table: DraftedSort,
  key: string,
  versions: Versions<unknown> | null,
  transaction: Transaction,
): Promise<void> {
  if (!versions) return db.run(`DELETE FROM ${table} WHERE key = $key`, { key }, transaction)
  const [live, draft] = [versions.live, versions.draft].map(each => (each === null ? null : JSON.stringify(each)))
  await db.run(
    `INSERT INTO ${table} (key, live, draft) VALUES ($key, $live, $draft) ON CONFLICT (key) DO UPDATE SET live = $live, draft = $draft`,
    { key, live, draft },
    transaction,
  )
}
