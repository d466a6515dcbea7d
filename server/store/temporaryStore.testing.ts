import { makeSettings } from '../../core/catalogue/makeSettings.testing'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ShopContents } from './port'
import { databaseFile } from './sqlite/database'
import type { SqliteStore } from './sqlite/sqliteStore'
import { openSqliteStore } from './sqlite/sqliteStore'

/** A shop in a real database in a folder of its own, for one test. */
export async function withStore(
  contents: Partial<ShopContents>,
  work: (store: SqliteStore, folder: string) => Promise<void>,
): Promise<void> {
  const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
  const store = await openSqliteStore(databaseFile(folder))
  try {
    await store.fill({
      settings: makeSettings({ name: 'Test', productUrl: '/p/{sku}' }),
      categories: [],
      products: [],
      articles: [],
      orders: [],
      ...contents,
    })
    await work(store, folder)
  } finally {
    await store.close()
    await rm(folder, { recursive: true, force: true })
  }
}
