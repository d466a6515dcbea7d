import type { Transaction } from 'sequelize'
import type { LinkKind } from '../../../core/links/kind'
import type { Database } from './database'
import type { RecordTable } from './recordTable'
import { readElsewhere } from './recordTable'

/** All kinds in their order. */
export async function readKinds(db: Database, transaction?: Transaction): Promise<LinkKind[]> {
  const rows = await db.models.linkKinds.findAll({ order: ['position'], transaction })
  return rows.map(({ key, name, plural, glyph, expectation, ceiling, mutual, retired }) => ({
    key,
    name,
    plural,
    glyph,
    expectation,
    ceiling,
    mutual,
    retired,
  }))
}

/** A new kind comes last. */
async function writeKind(db: Database, key: string, kind: LinkKind | null, transaction: Transaction): Promise<void> {
  const { linkKinds } = db.models
  if (!kind) await linkKinds.destroy({ where: { key }, transaction })
  else if (await linkKinds.findByPk(key, { transaction })) await linkKinds.update(kind, { where: { key }, transaction })
  else await linkKinds.create({ ...kind, position: (await linkKinds.count({ transaction })) + 1 }, { transaction })
}

export const kindTable: RecordTable<LinkKind | null> = {
  async *read(db, transaction) {
    for (const kind of await readKinds(db, transaction)) yield { owner: '', key: kind.key, value: kind }
  },
  async write(db, changes, transaction) {
    for (const { key: key, after } of changes) await writeKind(db, key, after, transaction)
  },
}

export const kindOrderTable: RecordTable<readonly string[]> = {
  // Kinds are read in their order.
  read: readElsewhere,
  async write(db, changes, transaction) {
    for (const { after } of changes) {
      for (const [i, key] of after.entries()) await db.models.linkKinds.update({ position: i + 1 }, { where: { key }, transaction })
    }
  },
}
