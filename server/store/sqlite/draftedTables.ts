import type { Transaction } from 'sequelize'
import { builtInLooks } from '../../../core/looks/builtInLooks'
import { builtInPlans } from '../../../core/pagePlans/builtInPlans'
import { sectionsOf } from '../../../core/pagePlans/pagePlan'
import { builtInSections } from '../../../core/sections/builtIn'
import type { Versions } from '../../../core/sections/versions'
import type { Database } from './database'
import type { RecordTable } from './recordTable'

type DraftedTable = 'sections' | 'plans' | 'looks'

/**
 * Gives a shop the sections, plans and looks that Manada starts with: all of them to a shop without any; to one that is older than some kind of page,
 * the plan of that kind with its sections, so that every page has a plan.
 */
export async function addBuiltIn(db: Database): Promise<void> {
  const { models } = db
  const plans = await models.plans.findAll()
  const missing = builtInPlans.filter(({ page }) => !plans.some(({ live }) => live?.page === page && (live.scope ?? null) === null))
  if (missing.length) {
    const known = new Set((await models.sections.findAll({ attributes: ['key'] })).map(each => each.key))
    const named = plans.length ? new Set(missing.flatMap(sectionsOf)) : null
    await db.write(async (transaction) => {
      await writeBuiltIn(db, 'sections', builtInSections.filter(({ key }) => !known.has(key) && (named?.has(key) ?? true)), transaction)
      await writeBuiltIn(db, 'plans', missing, transaction)
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
