import type { Transaction } from 'sequelize'
import type { Database } from './database'

/** Keys of the sections that are switched off on a product's page, by its SKU. */
export async function readSwitchedOff(db: Database): Promise<Map<string, Set<string>>> {
  const rows = await db.select<{ sku: string, section: string }>('SELECT sku, section FROM switched_off JOIN products ON products.id = productId')
  const sections = new Map<string, Set<string>>()
  for (const { sku, section } of rows) sections.set(sku, (sections.get(sku) ?? new Set()).add(section))
  return sections
}

export async function writeSwitchedOff(db: Database, sku: string, section: string, off: boolean, transaction: Transaction): Promise<void> {
  const [found] = await db.select<{ id: number }>('SELECT id FROM products WHERE sku = ?', [sku], transaction)
  const row = { productId: found!.id, section }
  if (off) await db.models.switchedOff.create(row, { transaction })
  else await db.models.switchedOff.destroy({ where: row, transaction })
}
