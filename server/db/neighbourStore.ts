import type { Transaction } from 'sequelize'
import type { NeighbourSettings } from '../../core/catalogue/neighbours'
import type { Database } from './database'

/** What is set for the neighbours of products, by SKU; products without anything set are left out. */
export async function readNeighbours(db: Database): Promise<Map<string, NeighbourSettings>> {
  const rows = await db.select<{ sku: string, ignored: string, leaveOut: string }>('SELECT sku, ignored, leaveOut FROM neighbours JOIN products ON products.id = productId')
  return new Map(rows.map(({ sku, ignored, leaveOut }) => [sku, { ignored: JSON.parse(ignored), leaveOut: JSON.parse(leaveOut) }]))
}

export async function writeNeighbours(db: Database, sku: string, settings: NeighbourSettings, transaction: Transaction): Promise<void> {
  const [found] = await db.select<{ id: number }>('SELECT id FROM products WHERE sku = ?', [sku], transaction)
  const productId = found!.id
  await db.models.neighbours.destroy({ where: { productId }, transaction })
  if (settings.ignored.length || settings.leaveOut.length) await db.models.neighbours.create({ productId, ...settings }, { transaction })
}
