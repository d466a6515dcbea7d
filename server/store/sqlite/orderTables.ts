import type { Transaction } from 'sequelize'
import type { KeyedOrder, OrderedLine, OrderRow } from '../orders'
import { orderKeyDays } from '../orders'
import type { Database } from './database'

interface LineRow {
  orderId: number
  line: number
  sku: string
  quantity: number
  total: number
  within: number | null
}

/** The last orders' lines of a product, variant or bundle, newest first, and how many there are. */
export async function ordersWith(
  db: Database,
  sku: string,
  limit: number,
  transaction?: Transaction,
): Promise<{ total: number; lines: OrderedLine[] }> {
  const [count] = await db.select<{ total: number }>(
    'SELECT count(*) AS total FROM order_lines WHERE sku = ? AND within IS NULL',
    [sku],
    transaction,
  )
  const lines = await db.select<LineRow & { number: string; placed: string }>(
    `SELECT orderId, line, sku, quantity, total, within, number, placed FROM order_lines JOIN orders ON id = orderId
     WHERE sku = ? AND within IS NULL ORDER BY placed DESC, orderId DESC, line LIMIT ?`,
    [sku, limit],
    transaction,
  )
  const parts = await db.select<LineRow>(
    `SELECT orderId, line, sku, quantity, total, within FROM order_lines
     WHERE orderId IN (SELECT value FROM json_each(:ids)) AND within IS NOT NULL ORDER BY orderId, line`,
    { ids: JSON.stringify(lines.map(each => each.orderId)) },
    transaction,
  )
  return {
    total: count!.total,
    lines: lines.map(({ orderId, line, number, placed, quantity, total }) => ({
      number,
      placed,
      quantity,
      total,
      components: parts
        .filter(part => part.orderId === orderId && part.within === line)
        .map(({ sku, quantity, total }) => ({ sku, quantity, total })),
    })),
  }
}

/**
 * Adds an order of the stand-in checkout. Returns its number: not of the form that any shop's own numbers have, so that it meets none of
 * them.
 */
export async function addOrder(db: Database, placed: string, rows: readonly OrderRow[], transaction: Transaction): Promise<string> {
  const [found] = await db.select<{ id: number }>('SELECT ifnull(max(id), 0) + 1 AS id FROM orders', {}, transaction)
  const { id } = found!
  const number = `stand-in-${id}`
  await db.models.orders.create({ id, number, placed }, { transaction })
  await db.models.orderLines.bulkCreate(
    rows.map(({ behind, reductions, ...row }, i) => ({
      ...row,
      orderId: id,
      line: i + 1,
      within: behind === null ? null : i + 1 - behind,
      reductions: reductions.length ? reductions : null,
    })),
    { transaction },
  )
  return number
}

/** Units sold by SKU, as it stands in the orders. */
export async function readUnitsSold(db: Database, transaction?: Transaction): Promise<Map<string, number>> {
  const rows = await db.select<{ sku: string; units: number }>(
    'SELECT sku, sum(quantity) AS units FROM order_lines GROUP BY sku',
    [],
    transaction,
  )
  return new Map(rows.map(({ sku, units }) => [sku, units]))
}

export async function orderOfKey(db: Database, key: string, transaction: Transaction): Promise<KeyedOrder | null> {
  const [row] = await db.select<{ asked: string; answer: string }>('SELECT asked, answer FROM order_keys WHERE key = ?', [key], transaction)
  return row ? { asked: row.asked, answer: JSON.parse(row.answer) as unknown } : null
}

/** Keeps what was asked for with a key, and forgets those that are long ago. @param placed ISO 8601 */
export async function keepOrderKey(db: Database, key: string, placed: string, order: KeyedOrder, transaction: Transaction): Promise<void> {
  const before = new Date(Date.parse(placed) - orderKeyDays * 24 * 3_600_000).toISOString()
  await db.run('DELETE FROM order_keys WHERE placed < $before', { before }, transaction)
  await db.run(
    'INSERT INTO order_keys (key, placed, asked, answer) VALUES ($key, $placed, $asked, $answer)',
    { key, placed, asked: order.asked, answer: JSON.stringify(order.answer) },
    transaction,
  )
}
