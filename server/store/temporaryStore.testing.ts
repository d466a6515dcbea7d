import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ShopContents } from './sqlite/catalogueTables'
import { fillShop } from './sqlite/catalogueTables'
import type { Database } from './sqlite/database'
import { databaseFile, openDatabase } from './sqlite/database'

/** A real database in a folder of its own, for one test. */
export async function withDatabase(contents: Partial<ShopContents>, work: (db: Database, folder: string) => Promise<void>): Promise<void> {
  const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
  const db = await openDatabase(databaseFile(folder))
  try {
    await fillShop(db, {
      settings: { name: 'Test', currency: 'EUR', language: 'en', languages: ['en'], productUrl: '/p/{sku}', timeZone: 'UTC' }, categories: [], products: [], articles: [], orders: [], ...contents,
    })
    await work(db, folder)
  } finally {
    await db.close()
    await rm(folder, { recursive: true, force: true })
  }
}
