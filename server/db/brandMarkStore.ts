import type { Transaction } from 'sequelize'
import type { Database } from './database'

/** Addresses of the brands' pictures, by brand. */
export async function readBrandMarks(db: Database): Promise<Map<string, string>> {
  return new Map((await db.models.brandMarks.findAll()).map(({ brand, image }) => [brand, image]))
}

/** Null takes it away. */
export async function writeBrandMark(db: Database, brand: string, image: string | null, transaction: Transaction): Promise<void> {
  if (image === null) await db.models.brandMarks.destroy({ where: { brand }, transaction })
  else await db.models.brandMarks.upsert({ brand, image }, { transaction })
}
