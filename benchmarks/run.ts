import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { databaseFile } from '../server/store/sqlite/database'
import { openSqliteStore } from '../server/store/sqlite/sqliteStore'
import { measureServer } from './delivery'
import { fillLargeShop, writePictures } from './fillLargeShop'
import { makeLargeShop } from './largeShop'
import { measurePlainSql } from './plainSql'
import { inMemory, measureResolve } from './resolve'

const size = { products: 100_000, links: 1_000_000 }
const table: { measured: string; value: string; bar: string }[] = []
const row = (measured: string, value: string, bar = '') => table.push({ measured, value, bar })
const ms = (value: number) => `${value.toFixed(value < 10 ? 3 : 0)} ms`

console.log(`Making ${size.products.toLocaleString('en')} products and ${size.links.toLocaleString('en')} links.`)
const shop = makeLargeShop(size.products, size.links)

const core = inMemory(shop)
const resolve = measureResolve(core, 50_000)
for (const [what, measured] of [
  ['linked by hand', resolve.links],
  ['three of them filled by rules', resolve.rules],
  ['all of them by rules that nothing narrows down', resolve.wide],
] as const) {
  row(`resolve a product page of 5 sections, ${what}, median`, ms(measured.median), '≤ 0.5 ms')
  row(`resolve a product page of 5 sections, ${what}, p99`, ms(measured.p99), '≤ 3 ms')
  row(`products shown on such a page, ${what}`, measured.shownPerPage.toFixed(1))
}

const folder = await mkdtemp(join(tmpdir(), 'manada-bench-'))
try {
  console.log('Writing them into a database.')
  const store = await openSqliteStore(databaseFile(folder))
  const start = performance.now()
  await fillLargeShop(store, shop)
  await writePictures(folder)
  row('write the shop into the database', `${((performance.now() - start) / 1000).toFixed(1)} s`)
  const plainSql = await measurePlainSql(core, store.database, 2000)
  row('the page of 5 sections linked by hand, in turn with the next row, median', ms(plainSql.core))
  row('the same page asked of the same database in plain SQL, median', ms(plainSql.sql))
  row('the same page in plain SQL, p99', ms(plainSql.sqlP99))
  await store.close()

  console.log('Measuring the server.')
  const served = await measureServer(
    folder,
    // Nobody is shown what is a draft.
    shop.products
      .filter(product => product.status !== 'draft')
      .slice(0, 5000)
      .map(product => product.sku),
  )
  row('start the server until the first answer', `${(served.startUp / 1000).toFixed(1)} s`)
  row('memory of the server at rest', `${served.memoryAtRest.toFixed(0)} MB`, '≤ 700 MB')
  row('memory of the server after the load', `${served.memoryAfter.toFixed(0)} MB`, '≤ 700 MB')
  row('memory of the server after importing, undoing and exporting', `${served.memoryAfterExchange.toFixed(0)} MB`)
  const { delivery, plain } = served
  row(`delivery, requests per second (${served.bytes} bytes)`, delivery.requestsPerSecond.toFixed(0))
  row('a bare route with the same bytes, requests per second', plain.requestsPerSecond.toFixed(0))
  row('delivery in percent of the bare route', `${((100 * delivery.requestsPerSecond) / plain.requestsPerSecond).toFixed(0)} %`, '≥ 50 %')
  row('delivery, processor time of a request', `${delivery.processorMicroseconds.toFixed(0)} µs`)
  row('a bare route, processor time of a request', `${plain.processorMicroseconds.toFixed(0)} µs`)
  row('longest stall of the event loop under that load, with four sales a second', ms(served.loadStall), '≤ 50 ms')
  row(`the dearest that anybody may ask, median: ${served.dearest.what}`, ms(served.dearest.median))
  const { search, suggestions, studio } = served
  row('search and filter, median', ms(search.median))
  row('search and filter, p95', ms(search.p95), '≤ 50 ms')
  row('search and filter, slowest', `${ms(search.slowest.took)} (${search.slowest.query.split('?')[1]})`)
  row('suggestions for a product and kind, median', ms(suggestions.median))
  row('suggestions for a product and kind, p95', ms(suggestions.p95), '≤ 200 ms')
  row('longest task in the browser while typing into the search', ms(studio.typing), 'none > 50 ms')
  row('longest task in the browser while scrolling the list', ms(studio.scrolling), 'none > 50 ms')
  row('from an edit on the bench to the shop view, median', ms(studio.editToShop), '≤ 300 ms')
  row('from a change of a section’s draft to the shop’s page, median', ms(studio.changeToShop), '≤ 300 ms')
  const { busy } = served
  row('delivery at 100 pages a second, p99', ms(busy.calm))
  row('the same while a feed, a dry run, three exports and a publish run', ms(busy.busy), '≤ twice')
  row('writes meanwhile that waited for more than 250 ms', `${busy.late} of ${busy.writes}`, 'none')
  row('longest edit meanwhile, asked for until answered', ms(busy.edit))
  row('longest order meanwhile, with the price of its cart', ms(busy.order))
  row('the feed, stock of 5,000 products, meanwhile', `${busy.feed.toFixed(1)} s`)
  const { exchange, fill, checks } = served
  const s = (value: number) => `${value.toFixed(1)} s`
  row('fill meter of a section over all products, live and draft, the first time', s(fill.first / 1000), '≤ 10 s')
  row('the same after its draft has got a rule', s(fill.withRule / 1000), '≤ 10 s')
  row('the same after one edit of a lane', ms(fill.afterEdit), '≤ 100 ms')
  row('all checks over all products', s(checks.first / 1000))
  row('the same after one edit of a lane', ms(checks.afterEdit))
  row('memory of the server with its fill meters and checks', `${served.memoryWithMeter.toFixed(0)} MB`)
  row('facets, the first time after a sale', ms(served.afterSale.facets), '≤ 50 ms')
  row('products with problem links, the first time after a sale', ms(served.afterSale.problems), '≤ 50 ms')
  row('longest stall of the event loop during a sale', ms(served.saleStall), '≤ 50 ms')
  row('longest stall while 100,000 links are imported, a section is published and a product sold', ms(exchange.stall), '≤ 50 ms')
  row('try a file of 100,000 links', s(exchange.dry))
  row('import it', s(exchange.done), '≤ 20 s')
  row('undo that', s(exchange.undone))
  row('export all 1,000,000 links', s(exchange.exported))
  const { newProducts } = served
  row('import 20,000 new products', s(newProducts.done))
  row('undo that again', s(newProducts.undone))
  row('longest stall of the event loop meanwhile', ms(newProducts.stall), '≤ 50 ms')
} finally {
  await rm(folder, { recursive: true, force: true })
}
// `npm run bench` shows them, beside those of another version if it is asked to.
await writeFile('benchmarks/.output/results.json', JSON.stringify(table))
