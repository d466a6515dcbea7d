import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { text as readText } from 'node:stream/consumers'

import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { FileKind } from '../../core/exchange/kinds/registry'
import type { SqliteStore } from '../store/sqlite/sqliteStore'
import { loadLiveShop } from '../live/loadLiveShop'
import { CommandLog } from '../journal/commandLog'
import { exportFile } from './exportFile'
import type { ImportTask } from './importFile'
import { importFile } from './importFile'

/** What the shop of these tests sells. */
export const products = [
  makeProduct('A', {
    name: { en: 'Smoker', de: 'Rauchbläser' },
    description: { en: 'A long text.' },
    variants: [makeVariant('A-1', { options: { size: 'small' } })],
  }),
  makeProduct('B', { tags: ['=risky', 'b'] }),
  makeProduct('C'),
]

/** A running shop that takes files, and what it writes and has stored. */
export async function shopWith(store: SqliteStore) {
  const shop = await loadLiveShop(store)
  const log = new CommandLog(store, shop)
  const running = { store, shop, log }
  const take = async (kind: FileKind, csv: string, part: Partial<ImportTask> = {}) => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    try {
      const path = join(folder, 'file.csv')
      await writeFile(path, csv)
      return await importFile(running, {
        kind,
        format: 'csv',
        path,
        name: 'file.csv',
        dry: false,
        keepValid: false,
        editor: 'one',
        signal: new AbortController().signal,
        progress: () => undefined,
        ...part,
      })
    } finally {
      await rm(folder, { recursive: true })
    }
  }
  const written = async (kind: FileKind) => readText(await exportFile(running, kind, 'csv', false))
  /** Everything that files hold, read anew from the database. */
  const stored = async () => {
    const fresh = { store, shop: await loadLiveShop(store) }
    return [
      await readText(await exportFile(fresh, 'products', 'csv', false)),
      await readText(await exportFile(fresh, 'links', 'csv', false)),
    ]
  }
  return { ...running, take, written, stored }
}
