import type { Database } from './database'

interface LineRow { orderId: number, line: number, sku: string, quantity: number, total: number, within: number | null }

/** A line of an order, with the lines that stand within it. */
export interface OrderedLine { number: string, placed: string, quantity: number, total: number, components: { sku: string, quantity: number, total: number }[] }

/** The last orders' lines of a product, variant or bundle, newest first, and how many there are. */
export async function ordersWith(db: Database, sku: string, limit: number): Promise<{ total: number, lines: OrderedLine[] }> {
  const [count] = await db.select<{ total: number }>('SELECT count(*) AS total FROM order_lines WHERE sku = ? AND within IS NULL', [sku])
  const lines = await db.select<LineRow & { number: string, placed: string }>(
    'SELECT orderId, line, sku, quantity, total, within, number, placed FROM order_lines JOIN orders ON id = orderId WHERE sku = ? AND within IS NULL ORDER BY placed DESC, orderId DESC, line LIMIT ?', [sku, limit])
  const parts = await db.select<LineRow>(
    'SELECT orderId, line, sku, quantity, total, within FROM order_lines WHERE orderId IN (SELECT value FROM json_each(:ids)) AND within IS NOT NULL ORDER BY orderId, line', { ids: JSON.stringify(lines.map(each => each.orderId)) })
  return {
    total: count!.total,
    lines: lines.map(({ orderId, line, number, placed, quantity, total }) => ({
      number, placed, quantity, total, components: parts.filter(part => part.orderId === orderId && part.within === line).map(({ sku, quantity, total }) => ({ sku, quantity, total })),
    })),
  }
}
