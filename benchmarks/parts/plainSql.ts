import { resolvePage } from '../../core/selection/resolvePage'
import type { Shop } from '../../core/selection/shop'
import { makeShopper } from '../../core/selection/makeShop.testing'
import { momentIn } from '../../core/time/moment'
import type { Database } from '../../server/store/sqlite/database'
import { databaseFile } from '../../server/store/sqlite/database'
import { openSqliteStore } from '../../server/store/sqlite/sqliteStore'
import { randomOf } from '../../demo/random'
import { kinds } from '../largeShop'
import { inMemory, linked, withSections } from './resolve'
import type { Part } from '../part'
import { ms, row } from '../part'
import { percentile } from '../statistics'

/** The first links of a lane that shoppers may be shown; the lanes' primary key and the products' indices answer it. */
const laneQuery = `
  SELECT p.sku, p.name, p.price, p.was, p.image FROM links l JOIN products p ON p.id = l.targetId
  WHERE l.sourceId = (SELECT id FROM products WHERE sku = :source) AND l.kind = :kind
    AND p.status = 'active' AND (p.released IS NULL OR p.released <= :now) AND p.price IS NOT NULL AND p.sku NOT IN (:others)
    AND (
      EXISTS (SELECT 1 FROM variants v WHERE v.productId = p.id AND v.stock > 0 AND ifnull(v.status, 'active') = 'active')
      OR (p.stock > 0 AND NOT EXISTS (SELECT 1 FROM variants v WHERE v.productId = p.id))
    )
  ORDER BY l.place LIMIT 4`

/** What somebody would write instead: five sections, a query each, nothing shown twice. */
async function pageInSql(database: Database, sku: string, inCart: string, now: string): Promise<string[]> {
  const shown: string[] = []
  for (const [source, kind] of [...kinds.map(kind => [sku, kind] as const), [inCart, 'cross-sell'] as const]) {
    const rows = await database.select<{ sku: string }>(laneQuery, { source, kind, now, others: [sku, inCart, ...shown] })
    shown.push(...rows.map(row => row.sku))
  }
  return shown
}

/**
 * Milliseconds of the same pages of five sections, linked by hand, by turns: in the core, and asked of the same database in SQL.
 * @throws when they show other products
 */
async function measurePlainSql(shop: Shop, database: Database, pages: number) {
  const random = randomOf('plain pages')
  const resolvable = withSections(shop, linked)
  // What bundles cost and whether they can be had follows from their parts, which no such query knows.
  const plain = shop.catalogue.products.filter(
    ({ sku, bundle }) =>
      !bundle && kinds.every(kind => shop.links.lane(sku, kind).every(link => !shop.catalogue.product(link.target)?.bundle)),
  )
  const at = momentIn('UTC')
  const now = new Date(at.ms).toISOString()
  const times = { core: [] as number[], sql: [] as number[] }
  const timed = async <T>(of: keyof typeof times, work: () => T | Promise<T>): Promise<T> => {
    const start = performance.now()
    const done = await work()
    times[of].push(performance.now() - start)
    return done
  }
  for (let i = 0; i < pages; i++) {
    const { sku } = random.pick(plain)
    const inCart = random.pick(plain).sku
    const resolved = await timed('core', () => resolvePage(resolvable, { kind: 'product', sku }, makeShopper({ cart: [inCart], at })))
    const inSql = await timed('sql', () => pageInSql(database, sku, inCart, now))
    const inCore = resolved.sections.flatMap(section => section.items.map(item => item.product.sku))
    if (inCore.join() !== inSql.join()) throw new Error(`The page of ${sku} has ${inCore.join()}; in SQL, ${inSql.join()}.`)
  }
  return { core: percentile(times.core, 50), sql: percentile(times.sql, 50), sqlP99: percentile(times.sql, 99) }
}

/** The same pages in memory and in SQL, before a server has the database. */
export const plainSql: Part = {
  name: 'plain-sql',
  async measure({ shop, folder }) {
    const store = await openSqliteStore(databaseFile(folder))
    try {
      const { core, sql, sqlP99 } = await measurePlainSql(inMemory(shop), store.database, 2000)
      return [
        row('the page of 5 sections linked by hand, in turn with the next row, median', ms(core)),
        row('the same page asked of the same database in plain SQL, median', ms(sql)),
        row('the same page in plain SQL, p99', ms(sqlP99)),
      ]
    } finally {
      await store.close()
    }
  },
}
