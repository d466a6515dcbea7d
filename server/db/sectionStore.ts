import type { Transaction } from 'sequelize'
import { builtInPlans } from '../../core/pagePlans/builtInPlans'
import { builtInSections } from '../../core/sections/builtIn'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { Database } from './database'

/** All sections and plans by their keys. A shop without any gets those that Manada starts with. */
export async function readSections(db: Database): Promise<{ sections: Map<string, Versions<Section>>, plans: Map<string, Versions<PagePlan>> }> {
  const { models } = db
  if (!await models.plans.count()) await db.write(transaction => writeBuiltIn(db, transaction))
  const [sections, plans] = await Promise.all([models.sections.findAll(), models.plans.findAll()])
  return { sections: new Map(sections.map(({ key, live, draft }) => [key, { live, draft }])), plans: new Map(plans.map(({ key, live, draft }) => [key, { live, draft }])) }
}

async function writeBuiltIn(db: Database, transaction: Transaction): Promise<void> {
  await db.models.sections.bulkCreate(builtInSections.map(each => ({ key: each.key, live: each, draft: each })), { transaction })
  await db.models.plans.bulkCreate(builtInPlans.map(each => ({ key: each.key, live: each, draft: each })), { transaction })
}

/** Writes a section or plan. Null takes it away. */
export async function writeVersions(db: Database, table: 'sections' | 'plans', key: string, versions: Versions<unknown> | null, transaction: Transaction): Promise<void> {
  if (!versions) return db.run(`DELETE FROM ${table} WHERE key = $key`, { key }, transaction)
  const [live, draft] = [versions.live, versions.draft].map(each => each === null ? null : JSON.stringify(each))
  await db.run(
    `INSERT INTO ${table} (key, live, draft) VALUES ($key, $live, $draft) ON CONFLICT (key) DO UPDATE SET live = $live, draft = $draft`, { key, live, draft }, transaction)
}
