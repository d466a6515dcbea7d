import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describeStore } from '../store.contract.testing'
import { openSqliteStore } from './sqliteStore'
import type { SqliteStore } from './sqliteStore'

describeStore('an SQLite file', async work => {
  const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
  const opened: SqliteStore[] = []
  const open = async () => {
    const store = await openSqliteStore(join(folder, 'shop.sqlite'))
    opened.push(store)
    return store
  }
  try {
    await work(await open(), open)
  } finally {
    for (const store of opened) await store.close()
    await rm(folder, { recursive: true, force: true })
  }
})
