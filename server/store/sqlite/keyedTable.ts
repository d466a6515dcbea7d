import type { Model, ModelStatic } from 'sequelize'
import type { Models } from './models'
import type { RecordTable } from './recordTable'

/**
 * A table with a row a thing, which stands in one column and its key in another. A thing that there is not, null, has no row.
 * @param key name of the key's column
 * @param value name of the thing's
 */
export const keyedTable = <Value>(name: keyof Models, key: string, value: string): RecordTable<Value | null> => ({
  async *read(db, transaction) {
    const rows = await (db.models[name] as ModelStatic<Model>).findAll({ transaction })
    for (const row of rows) yield { owner: '', key: row.get(key) as string, value: row.get(value) as Value }
  },
  async write(db, changes, transaction) {
    const model = db.models[name] as ModelStatic<Model>
    for (const change of changes) {
      if (change.after === null) await model.destroy({ where: { [key]: change.key }, transaction })
      else await model.upsert({ [key]: change.key, [value]: change.after }, { transaction })
    }
  },
})
