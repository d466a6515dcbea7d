import type { Transaction } from 'sequelize'
import type { Category } from '../../../core/catalogue/catalogue'
import type { Product } from '../../../core/catalogue/product'
import type { Database } from './database'
import type { RecordTable } from './recordTable'
import { readElsewhere } from './recordTable'
import { deleteProducts, writeProducts } from './productWriting'

/** Writes a category, behind the others if it is new. Null takes it away. */
async function writeCategory(db: Database, key: string, category: Category | null, transaction: Transaction): Promise<void> {
  const { categories } = db.models
  if (!category) {
    await categories.destroy({ where: { key }, transaction })
    return
  }
  const parent = category.parent === null ? null : await categories.findOne({ where: { key: category.parent }, transaction })
  const [last] = await db.select<{ position: number }>('SELECT ifnull(max(position), 0) AS position FROM categories', [], transaction)
  await categories.create({ key, name: category.name, parentId: parent?.id ?? null, position: last!.position + 1 } as never, {
    transaction,
  })
}

/** Read as the catalogue, piece by piece. */
export const productTable: RecordTable<Product | null> = {
  read: readElsewhere,
  async write(db, changes, transaction, language) {
    await writeProducts(
      db,
      changes.flatMap(({ before, after }) => (after ? { before, after } : [])),
      language,
      transaction,
    )
    await deleteProducts(
      db,
      changes.filter(change => !change.after).map(change => change.owner),
      transaction,
    )
  },
}

/** Read as a part of the catalogue. */
export const categoryTable: RecordTable<Category | null> = {
  read: readElsewhere,
  async write(db, changes, transaction) {
    for (const { key: key, after } of changes) await writeCategory(db, key, after, transaction)
  },
}
