import { cp, mkdtemp, rm, writeFile } from 'node:fs/promises'
import { existsSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { databaseFile } from '../server/store/sqlite/database'
import { openSqliteStore } from '../server/store/sqlite/sqliteStore'
import { fillLargeShop, writePictures } from './fillLargeShop'
import type { LargeShop } from './largeShop'
import { makeLargeShop } from './largeShop'
import { MeasuredServer } from './measuredServer'
import type { Part, Row } from './part'
import { busy } from './parts/busy'
import { counting } from './parts/counting'
import { dearest } from './parts/dearest'
import { delivery } from './parts/delivery'
import { exchange } from './parts/exchange'
import { plainSql } from './parts/plainSql'
import { resolve } from './parts/resolve'
import { search } from './parts/search'
import { studio } from './parts/studio'

/** In their order: what a server has done before stays in its memory, and is part of what is measured. */
const parts: Part[] = [resolve, plainSql, delivery, dearest, search, studio, busy, exchange, counting]
const size = { products: 100_000, links: 1_000_000 }

const { values } = parseArgs({ options: { only: { type: 'string' }, shop: { type: 'string' } } })
const chosen = values.only?.split(',').map(name => {
  const found = parts.find(part => part.name === name)
  if (!found) throw new Error(`There is no part “${name}”; there are ${parts.map(part => part.name).join(', ')}.`)
  return found
})

async function writeShop(folder: string, shop: LargeShop): Promise<void> {
  console.log('Writing them into a database.')
  const store = await openSqliteStore(databaseFile(folder))
  await fillLargeShop(store, shop)
  await writePictures(folder)
  await store.close()
}

console.log(`Making ${size.products.toLocaleString('en')} products and ${size.links.toLocaleString('en')} links.`)
const shop = makeLargeShop(size.products, size.links)
const folder = await mkdtemp(join(tmpdir(), 'manada-bench-'))
let server: Promise<MeasuredServer> | undefined
const table: Row[] = []
try {
  const kept = values.shop
  if (kept && !existsSync(databaseFile(kept))) await writeShop(kept, shop)
  if (kept) await cp(kept, folder, { recursive: true })
  else await writeShop(folder, shop)
  // Nobody is shown what is a draft.
  const shown = shop.products.filter(product => product.status !== 'draft')
  const skus = shown.slice(0, 5000).map(product => product.sku)
  const bench = { shop, folder, skus, server: () => (server ??= MeasuredServer.start(folder, skus)) }
  for (const part of chosen ?? parts) {
    console.log(`Measuring ${part.name}.`)
    table.push(...(await part.measure(bench)))
    // What was measured before a part fails is not lost.
    await writeFile('benchmarks/.output/results.json', JSON.stringify(table))
  }
} finally {
  await (await server)?.stop()
  await rm(folder, { recursive: true, force: true })
}
