import type { Transaction } from 'sequelize'
import { builtInLooks } from '../../core/looks/builtInLooks'
import { builtInPlans } from '../../core/pagePlans/builtInPlans'
import { builtInSections } from '../../core/sections/builtIn'
import type { Versions } from '../../core/sections/versions'
import type { Database } from './database'
import type { RecordTable } from './recordTables'

type DraftedTable = 'sections' | 'plans' | 'looks'

/** Gives a shop without any those sections, plans and looks that Manada starts with. */
export async function addBuiltIn(db: Database): Promise<void> {
  const { models } = db
  if (!await models.plans.count()) {
    await db.write(async (transaction) => {
      await writeBuiltIn(db, 'sections', builtInSections, transaction)
      await writeBuiltIn(db, 'plans', builtInPlans, transaction)
    })
  }
  if (!await models.looks.count()) await db.write(transaction => writeBuiltIn(db, 'looks', builtInLooks, transaction))
}

async function writeBuiltIn(db: Database, table: DraftedTable, things: readonly { key: string }[], transaction: Transaction): Promise<void> {
  for (const each of things) await writeVersions(db, table, each.key, { live: each, draft: each }, transaction)
}

/** What is live and drafted of sections, plans or looks, by key. */
export const versionsTable = <T>(table: DraftedTable): RecordTable<Versions<T> | null> => ({
  async* read(db) {
    const rows = await db.select<{ key: string, live: string | null, draft: string | null }>(`SELECT key, live, draft FROM ${table} ORDER BY key`)
    for (const { key, live, draft } of rows) yield { source: '', kind: key, value: { live: JSON.parse(live ?? 'null'), draft: JSON.parse(draft ?? 'null') } }
  },
  async write(db, changes, transaction) {
    for (const { kind, after } of changes) await writeVersions(db, table, kind, after, transaction)
  },
})

/** Null takes it away. */
async function writeVersions(db: Database, table: DraftedTable, key: string, versions: Versions<unknown> | null, transaction: Transaction): Promise<void> {
  if (!versions) return db.run(`DELETE FROM ${table} WHERE key = $key`, { key }, transaction)
  const [live, draft] = [versions.live, versions.draft].map(each => each === null ? null : JSON.stringify(each))
  await db.run(
    `INSERT INTO ${table} (key, live, draft) VALUES ($key, $live, $draft) ON CONFLICT (key) DO UPDATE SET live = $live, draft = $draft`, { key, live, draft }, transaction)
}
