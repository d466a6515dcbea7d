import type { Transaction } from 'sequelize'
import { builtInLooks } from '../../core/looks/builtInLooks'
import type { Look } from '../../core/looks/look'
import { builtInPlans } from '../../core/pagePlans/builtInPlans'
import { builtInSections } from '../../core/sections/builtIn'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { Database } from './database'

/** All that has drafts, by its key. */
export interface AllDrafted { sections: Map<string, Versions<Section>>, plans: Map<string, Versions<PagePlan>>, looks: Map<string, Versions<Look>> }

/** A shop without any gets those that Manada starts with. */
export async function readDrafted(db: Database): Promise<AllDrafted> {
  const { models } = db
  if (!await models.plans.count()) {
    await db.write(async (transaction) => {
      await writeBuiltIn(db, 'sections', builtInSections, transaction)
      await writeBuiltIn(db, 'plans', builtInPlans, transaction)
    })
  }
  if (!await models.looks.count()) await db.write(transaction => writeBuiltIn(db, 'looks', builtInLooks, transaction))
  const [sections, plans, looks] = await Promise.all([models.sections.findAll(), models.plans.findAll(), models.looks.findAll()])
  const byKey = <T>(rows: ({ key: string } & Versions<T>)[]) => new Map(rows.map(({ key, live, draft }): [string, Versions<T>] => [key, { live, draft }]))
  return { sections: byKey<Section>(sections), plans: byKey<PagePlan>(plans), looks: byKey<Look>(looks) }
}

async function writeBuiltIn(db: Database, table: DraftedTable, things: readonly { key: string }[], transaction: Transaction): Promise<void> {
  for (const each of things) await writeVersions(db, table, each.key, { live: each, draft: each }, transaction)
}

type DraftedTable = 'sections' | 'plans' | 'looks'

/** Writes a section, plan or look. Null takes it away. */
export async function writeVersions(db: Database, table: DraftedTable, key: string, versions: Versions<unknown> | null, transaction: Transaction): Promise<void> {
  if (!versions) return db.run(`DELETE FROM ${table} WHERE key = $key`, { key }, transaction)
  const [live, draft] = [versions.live, versions.draft].map(each => each === null ? null : JSON.stringify(each))
  await db.run(
    `INSERT INTO ${table} (key, live, draft) VALUES ($key, $live, $draft) ON CONFLICT (key) DO UPDATE SET live = $live, draft = $draft`, { key, live, draft }, transaction)
}
