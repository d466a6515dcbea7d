import type { NeighbourSettings } from '../../../core/catalogue/neighbours'
import { productIdOf } from './productReading'
import type { RecordTable } from './recordTable'

/** What is set for the neighbours of products; products without anything set have no row. */
export const neighboursTable: RecordTable<NeighbourSettings> = {
  async *read(db, transaction) {
    const rows = await db.select<{ sku: string; ignored: string; leaveOut: string }>(
      'SELECT sku, ignored, leaveOut FROM neighbours JOIN products ON products.id = productId',
      [],
      transaction,
    )
    for (const { sku, ignored, leaveOut } of rows)
      yield { owner: sku, key: '', value: { ignored: JSON.parse(ignored), leaveOut: JSON.parse(leaveOut) } }
  },
  async write(db, changes, transaction) {
    for (const { owner: source, after } of changes) {
      const productId = await productIdOf(db, source, transaction)
      await db.models.neighbours.destroy({ where: { productId }, transaction })
      if (after.ignored.length || after.leaveOut.length) await db.models.neighbours.create({ productId, ...after }, { transaction })
    }
  },
}
