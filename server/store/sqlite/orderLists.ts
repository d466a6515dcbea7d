import type { Transaction } from 'sequelize'
import type { KeptLine, OrderHead, OrderReduction, OrdersSought } from '../orders'
import type { Database } from './database'

/** Behind every text that begins in some way. */
const last = '\u{10FFFF}'

/** Conditions that the indices answer. */
function conditionsOf({ words, from, before, with: withWhat }: OrdersSought): string[] {
  const begins = (column: string) => `(${column} >= :words AND ${column} < :end)`
  return [
    ...(words ? [`(${begins('number')} OR id IN (SELECT orderId FROM order_lines WHERE ${begins('sku')}))`] : []),
    ...(from === null ? [] : ['placed >= :from']),
    ...(before === null ? [] : ['placed < :before']),
    ...(withWhat === 'bundle' ? ['id IN (SELECT orderId FROM order_lines WHERE within IS NOT NULL)'] : []),
    ...(withWhat === 'offer' ? [`id IN (SELECT orderId FROM order_lines WHERE reductions IS NOT NULL AND ${byOffer})`] : []),
  ]
}
const byOffer = `EXISTS (SELECT 1 FROM json_each(reductions) WHERE value ->> 'code' = 'offer')`

/** Orders, newest first, and how many there are. */
export async function listOrders(
  db: Database,
  sought: OrdersSought,
  offset: number,
  limit: number,
  transaction?: Transaction,
): Promise<{ total: number; orders: OrderHead[] }> {
  const conditions = conditionsOf(sought)
  const where = conditions.length ? `WHERE ${conditions.join(' AND ')}` : ''
  const { words, from, before } = sought
  const values = {
    ...(words && { words, end: words + last }),
    ...(from !== null && { from }),
    ...(before !== null && { before }),
  }
  const [count] = await db.select<{ total: number }>(`SELECT count(*) AS total FROM orders ${where}`, values, transaction)
  type Row = Omit<OrderHead, 'hasBundle' | 'hasOffer'> & { hasBundle: number; hasOffer: number }
  const rows = await db.select<Row>(
    `SELECT number, placed, count(*) FILTER (WHERE within IS NULL) AS lines,
       ifnull(sum(quantity) FILTER (WHERE within IS NULL), 0) AS units, ifnull(sum(total) FILTER (WHERE within IS NULL), 0) AS total,
       max(within IS NOT NULL) AS hasBundle, max(reductions IS NOT NULL AND ${byOffer}) AS hasOffer
     FROM (SELECT id, number, placed FROM orders ${where} ORDER BY placed DESC, id DESC LIMIT :limit OFFSET :offset)
     JOIN order_lines ON orderId = id GROUP BY id ORDER BY placed DESC, id DESC`,
    { ...values, limit, offset },
    transaction,
  )
  return {
    total: count!.total,
    orders: rows.map(({ hasBundle, hasOffer, ...row }) => ({ ...row, hasBundle: hasBundle === 1, hasOffer: hasOffer === 1 })),
  }
}

type LineRow = Omit<KeptLine, 'reductions'> & { reductions: string | null }
const columns = 'line, sku, quantity, unitPrice, total, within, chosen, reductions, origin'
const lineOf = <Row extends LineRow>({ reductions, ...row }: Row) => ({
  ...row,
  reductions: reductions === null ? [] : (JSON.parse(reductions) as OrderReduction[]),
})

/** null: there is none of this number. */
export async function readOrder(
  db: Database,
  number: string,
  transaction?: Transaction,
): Promise<{ number: string; placed: string; lines: KeptLine[] } | null> {
  const [order] = await db.select<{ id: number; placed: string }>('SELECT id, placed FROM orders WHERE number = ?', [number], transaction)
  if (!order) return null
  const lines = await db.select<LineRow>(`SELECT ${columns} FROM order_lines WHERE orderId = ? ORDER BY line`, [order.id], transaction)
  return { number, placed: order.placed, lines: lines.map(lineOf) }
}

/** Orders whose lines are read at once. */
const atOnce = 500

/** All lines of all orders, in the order in which these were placed. */
export async function* readOrderLines(
  db: Database,
  transaction?: Transaction,
): AsyncIterable<KeptLine & { number: string; placed: string }> {
  let [placed, id] = ['', 0]
  for (;;) {
    const rows = await db.select<LineRow & { number: string; placed: string; orderId: number }>(
      `SELECT number, placed, orderId, ${columns}
       FROM (SELECT id, number, placed FROM orders WHERE (placed, id) > (:placed, :id) ORDER BY placed, id LIMIT :atOnce)
       JOIN order_lines ON orderId = id ORDER BY placed, id, line`,
      { placed, id, atOnce },
      transaction,
    )
    for (const { orderId, ...row } of rows) {
      yield lineOf(row)
      ;[placed, id] = [row.placed, orderId]
    }
    if (!rows.length) return
  }
}
