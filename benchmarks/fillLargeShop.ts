import { makeSettings } from '../core/catalogue/makeSettings.testing'
import { mkdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { makeDemoShop } from '../demo/shop'
import { batches } from '../server/store/sqlite/batches'
import type { SqliteStore } from '../server/store/sqlite/sqliteStore'
import type { LargeShop } from './largeShop'
import { pictureCount } from './largeShop'

/** Writes a large shop into an empty database. The links go in by the ten thousand, as they were never anybody's edits. */
export async function fillLargeShop(store: SqliteStore, { products, categories, orders, lanes }: LargeShop): Promise<void> {
  await store.fill({
    settings: makeSettings({ name: 'Large shop', languages: ['en', 'de'], productUrl: '/shop/products/{sku}' }),
    products,
    categories,
    articles: [],
    orders,
  })
  await store.database.write(async transaction => {
    // Products are numbered in their order, from 1.
    const rows = Array.from(lanes()).flatMap(({ source, kind, targets }) =>
      targets.map((target, i) => `(${source + 1},'${kind}',${i + 1},${target + 1},NULL)`),
    )
    for (const some of batches(rows, 10_000)) {
      await store.database.sequelize.query(`INSERT INTO links (sourceId, kind, place, targetId, variantId) VALUES ${some.join(',')}`, {
        transaction,
      })
    }
  })
}

/** Writes the pictures that the products share, after the demo shop's. */
export async function writePictures(folder: string): Promise<void> {
  const { pictures } = makeDemoShop()
  await mkdir(join(folder, 'pictures'), { recursive: true })
  for (let i = 0; i < pictureCount; i++) await writeFile(join(folder, 'pictures', `${i}.svg`), pictures[i % pictures.length]!.svg)
}
