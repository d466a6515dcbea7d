import type { Transaction } from 'sequelize'
import type { LinkKind } from '../../core/links/kind'
import type { Database } from './database'

/** All kinds in their order. */
export async function readKinds(db: Database): Promise<LinkKind[]> {
  const rows = await db.models.linkKinds.findAll({ order: ['position'] })
  return rows.map(({ key, name, plural, glyph, expectation, ceiling, mutual, retired }) =>
    ({ key, name, plural, glyph, expectation, ceiling, mutual, retired }))
}

/** Writes a kind; a new one comes last. Null takes it away. */
export async function writeKind(db: Database, key: string, kind: LinkKind | null, transaction: Transaction): Promise<void> {
  const { linkKinds } = db.models
  if (!kind) await linkKinds.destroy({ where: { key }, transaction })
  else if (await linkKinds.findByPk(key, { transaction })) await linkKinds.update(kind, { where: { key }, transaction })
  else await linkKinds.create({ ...kind, position: await linkKinds.count({ transaction }) + 1 }, { transaction })
}

export async function writeKindOrder(db: Database, order: readonly string[], transaction: Transaction): Promise<void> {
  for (const [i, key] of order.entries()) await db.models.linkKinds.update({ position: i + 1 }, { where: { key }, transaction })
}
