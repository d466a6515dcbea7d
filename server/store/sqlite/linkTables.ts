import type { Transaction } from 'sequelize'
import type { Which } from '../../../core/journal/which'
import type { Lane, Link, LinkDetails } from '../../../core/links/lane'
import { makeLink } from '../../../core/links/lane'
import { batches } from './batches'
import type { Database } from './database'
import { readKinds } from './kindTables'
import { lanesOf } from './lanesOf'
import { readProductNumbers } from './productReading'
import type { RecordTable } from './recordTable'

/** How many lanes are written at a time: what is made of them in memory must not hold up other requests. */
const laneBatch = 250

/** Puts lanes in the place of what stood there. A statement takes them all as JSON: a single link is as welcome as a hundred thousand. */
async function writeLanes(db: Database, lanes: readonly (Which & { after: Lane })[], transaction: Transaction): Promise<void> {
  for (const batch of batches(lanes, laneBatch)) {
    const sources = JSON.stringify(batch.map(({ owner: source, key: kind }) => ({ source, kind })))
    await db.run(
      `DELETE FROM links WHERE (sourceId, kind) IN (
         SELECT products.id, lane.value ->> 'kind' FROM json_each($sources) AS lane
         JOIN products ON products.sku = lane.value ->> 'source')`,
      { sources },
      transaction,
    )
    const links = JSON.stringify(
      batch.flatMap(({ owner: source, key: kind, after }) => after.map((link, i) => ({ source, kind, place: i + 1, ...link }))),
    )
    await db.run(
      `INSERT INTO links (sourceId, kind, place, targetId, variantId, activeFrom, activeUntil, note)
       SELECT source.id, link.value ->> 'kind', link.value ->> 'place', ifnull(target.id, variant.productId), variant.id,
         link.value ->> 'from', link.value ->> 'until', link.value ->> 'note'
       FROM json_each($links) AS link CROSS JOIN products AS source ON source.sku = link.value ->> 'source'
       LEFT JOIN products AS target ON target.sku = link.value ->> 'target'
       LEFT JOIN variants AS variant ON variant.sku = link.value ->> 'target'`,
      { links },
      transaction,
    )
  }
}

/** Puts the dismissed targets of a product, as a kind, in the place of those that stood there. */
async function writeDismissed(db: Database, source: string, kind: string, lane: Lane, transaction: Transaction): Promise<void> {
  const ids = await db.models.products.findAll({
    where: { sku: [source, ...lane.map(link => link.target)] },
    attributes: ['id', 'sku'],
    transaction,
  })
  const idOf = new Map(ids.map(row => [row.sku, row.id]))
  const sourceId = idOf.get(source)!
  await db.models.dismissed.destroy({ where: { sourceId, kind }, transaction })
  await db.models.dismissed.bulkCreate(
    lane.map(({ target }, i) => ({ sourceId, kind, place: i + 1, targetId: idOf.get(target)! })),
    { transaction },
  )
}

export const dismissedTable: RecordTable<Lane> = {
  async *read(db, transaction) {
    yield* lanesOf(
      await db.select(
        `SELECT sources.sku AS owner, kind AS key, targets.sku AS target FROM dismissed
       JOIN products AS sources ON sources.id = sourceId JOIN products AS targets ON targets.id = targetId ORDER BY sourceId, kind, place`,
        [],
        transaction,
      ),
    )
  },
  async write(db, changes, transaction) {
    for (const { owner: source, key: kind, after } of changes) await writeDismissed(db, source, kind, after, transaction)
  },
}

/** SKUs of the products that link to a product, or to a variant of it, as a kind. */
export async function readSourcesOf(db: Database, target: string, kind: string, transaction?: Transaction): Promise<string[]> {
  const rows = await db.select<{ sku: string }>(
    `SELECT DISTINCT sources.sku FROM links JOIN products AS sources ON sources.id = sourceId
     WHERE targetId = (SELECT id FROM products WHERE sku = ?) AND kind = ? ORDER BY sources.sku`,
    [target, kind],
    transaction,
  )
  return rows.map(row => row.sku)
}

/** How many links are read from the database at a time. */
const pieceSize = 10_000

/**
 * All lanes, read piece by piece. SKUs are not read with each but looked up by number, so that a million links share their products' texts.
 */
async function* readLanes(db: Database, transaction: Transaction | undefined, shared: (sku: string) => string) {
  interface Row extends LinkDetails {
    sourceId: number
    kind: string
    place: number
    targetId: number
    variantId: number | null
  }
  // A kind's text is interned: one string for all its links.
  const skuOfProduct = new Map((await readProductNumbers(db, undefined, transaction)).map(({ number, sku }) => [number, shared(sku)]))
  const variants = await db.select<{ id: number; sku: string }>('SELECT id, sku FROM variants', [], transaction)
  const skuOfVariant = new Map(variants.map(({ id, sku }) => [id, shared(sku)]))
  const kindText = new Map((await readKinds(db, transaction)).map(({ key }) => [key, key]))
  let last: Row | undefined
  let lane: Link[] = []
  const finished = (of: Row) => ({ owner: skuOfProduct.get(of.sourceId)!, key: kindText.get(of.kind)!, value: lane as Lane })

  for (;;) {
    const rows: Row[] = await db.select<Row>(
      `SELECT sourceId, kind, place, targetId, variantId, activeFrom AS "from", activeUntil AS until, note FROM links
       WHERE (sourceId, kind, place) > (?, ?, ?)
       ORDER BY sourceId, kind, place LIMIT ?`,
      [last?.sourceId ?? 0, last?.kind ?? '', last?.place ?? 0, pieceSize],
      transaction,
    )
    for (const row of rows) {
      if (last && (last.sourceId !== row.sourceId || last.kind !== row.kind)) {
        yield finished(last)
        lane = []
      }
      lane.push(makeLink(row.variantId === null ? skuOfProduct.get(row.targetId)! : skuOfVariant.get(row.variantId)!, row))
      last = row
    }
    if (rows.length < pieceSize) break
  }
  if (last) yield finished(last)
}

export const linksTable: RecordTable<Lane> = { read: readLanes, write: writeLanes }
