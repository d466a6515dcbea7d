import type { RecordTable } from './recordTable'

/** The findings of the checks that were put aside, each with the reason. */
export const putAsideTable: RecordTable<string | null> = {
  async *read(db, transaction) {
    for (const { source, finding, reason } of await db.models.putAside.findAll({ transaction }))
      yield { owner: source, key: finding, value: reason }
  },
  async write(db, changes, transaction) {
    for (const { owner: source, key: finding, after } of changes) {
      if (after === null) await db.models.putAside.destroy({ where: { source, finding }, transaction })
      else await db.models.putAside.upsert({ source, finding, reason: after }, { transaction })
    }
  },
}
