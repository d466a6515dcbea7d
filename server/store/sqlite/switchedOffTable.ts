import type { RecordTable } from './recordTable'
import { productIdOf } from './productReading'

/** The sections that are switched off on a product's page. */
export const switchedOffTable: RecordTable<boolean> = {
  async *read(db, transaction) {
    const rows = await db.select<{ sku: string; section: string }>(
      'SELECT sku, section FROM switched_off JOIN products ON products.id = productId',
      [],
      transaction,
    )
    for (const { sku, section } of rows) yield { owner: sku, key: section, value: true }
  },
  async write(db, changes, transaction) {
    for (const { owner: source, key: section, after } of changes) {
      const row = { productId: await productIdOf(db, source, transaction), section }
      if (after) await db.models.switchedOff.create(row, { transaction })
      else await db.models.switchedOff.destroy({ where: row, transaction })
    }
  },
}
