import type { RecordTable } from './recordTable'

/** Addresses of the brands' pictures, by brand. */
export const brandMarkTable: RecordTable<string | null> = {
  async* read(db) {
    for (const { brand, image } of await db.models.brandMarks.findAll()) yield { source: '', kind: brand, value: image }
  },
  async write(db, changes, transaction) {
    for (const { kind: brand, after } of changes) {
      if (after === null) await db.models.brandMarks.destroy({ where: { brand }, transaction })
      else await db.models.brandMarks.upsert({ brand, image: after }, { transaction })
    }
  },
}
