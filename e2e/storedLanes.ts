import type { LaneChange } from '../core/records/lanes/laneRecords'
import { databaseFile } from '../server/store/sqlite/database'
import { openSqliteStore } from '../server/store/sqlite/sqliteStore'
import { asAdmin } from './demoServer'
import { expect } from './test'

/** What a lane has, as the server says it. */
export async function targetsOf(url: string, source: string, kind: string): Promise<string[]> {
  const { products } = (await (await fetch(`${url}/api/bench?sku=${source}`, { headers: asAdmin })).json()) as {
    products: { lanes: Record<string, { target: string }[]> }[]
  }
  return products[0]!.lanes[kind]!.map(row => row.target)
}

/** Looks into the data folder of a server that is stopped: the file is whole, and the journal and the links tell the same story. */
export async function expectWhole(folder: string, lanes: readonly { source: string; kind: string }[]): Promise<void> {
  const store = await openSqliteStore(databaseFile(folder))
  try {
    const db = store.database
    expect(await db.select('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }])
    expect(await db.select('PRAGMA foreign_key_check')).toEqual([])
    for (const { source, kind } of lanes) {
      const entries = await store.history([source], Number.MAX_SAFE_INTEGER, 200)
      const links = await db.select<{ target: string }>(
        `SELECT targets.sku AS target FROM links
         JOIN products AS sources ON sources.id = sourceId JOIN products AS targets ON targets.id = targetId
         WHERE sources.sku = ? AND kind = ? ORDER BY place`,
        [source, kind],
      )
      // What was done last there, which may be in another lane of it.
      for (const { id } of entries) {
        const change = (await store.changesOf(id)).find(each => each.owner === source && each.key === kind) as LaneChange | undefined
        if (!change) continue
        expect(links).toEqual(change.after)
        break
      }
    }
  } finally {
    await store.close()
  }
}
