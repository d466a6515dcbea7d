import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import { readProductsBySku } from '../db/productStore'
import { loadLiveShop } from '../engine/liveShop'
import type { Running } from '../engine/useShop'
import { CommandLog } from '../journal/commandLog'
import { withDatabase } from '../testing/temporaryShop.testing'
import type { OrderRefused} from './placeOrder';
import { placeOrder } from './placeOrder'

const products = [makeProduct('SMOKER', { price: 3990, stock: 10, description: { en: 'Long lasting.' } }), makeProduct('VEIL', { price: 2000, variants: [makeVariant('VEIL-S', { stock: 3 }), makeVariant('VEIL-L', { stock: 1 })] })]

async function withShop(work: (running: Running) => Promise<void>): Promise<void> {
  await withDatabase({ products }, async (db) => {
    const shop = await loadLiveShop(db)
    await work({ db, shop, log: new CommandLog(db, shop) })
  })
}
const stocksOf = ({ shop }: Running) => shop.catalogue.products.map(({ sku, stock, variants }) => [sku, stock, ...variants.map(each => each.stock)])

describe('placeOrder', () => {
  it('writes the order and lowers the stock, for shoppers at once and for good, and is no entry of the history', async () => {
    await withShop(async (running) => {
      const order = await placeOrder(running, [{ sku: 'VEIL-S', quantity: 2 }, { sku: 'SMOKER', quantity: 1 }], 7990)
      expect(order).toMatchObject({ total: 7990, lines: [{ sku: 'VEIL-S', quantity: 2, unit: 2000, total: 4000 }, { sku: 'SMOKER', quantity: 1, unit: 3990, total: 3990 }] })
      expect(stocksOf(running)).toEqual([['SMOKER', 9], ['VEIL', 5, 1, 1]])
      expect(stocksOf({ ...running, shop: await loadLiveShop(running.db) })).toEqual(stocksOf(running))
      expect((await readProductsBySku(running.db, ['SMOKER'])).get('SMOKER')!.description).toEqual({ en: 'Long lasting.' })
      expect(await running.db.select('SELECT number, sku, quantity, unitPrice FROM orders JOIN order_lines ON orderId = id ORDER BY line'))
        .toEqual([{ number: order.number, sku: 'VEIL-S', quantity: 2, unitPrice: 2000 }, { number: order.number, sku: 'SMOKER', quantity: 1, unitPrice: 3990 }])
      expect(await running.log.undoState('one')).toEqual({ undo: null, redo: null })
    })
  })

  it('refuses what is not there, what costs something else, and nothing at all; then nothing is written', async () => {
    await withShop(async (running) => {
      const refusal = async (lines: [string, number][], total: number) => placeOrder(running, lines.map(([sku, quantity]) => ({ sku, quantity })), total).then(() => 'placed', (error: OrderRefused) => error.code)
      expect(await refusal([['VEIL-L', 2]], 4000)).toBe('notAvailable')
      expect(await refusal([['VEIL', 1]], 2000)).toBe('notAvailable')
      expect(await refusal([['SMOKER', 1]], 3989)).toBe('totalChanged')
      expect(await refusal([], 0)).toBe('cartEmpty')
      expect(stocksOf(running)).toEqual([['SMOKER', 10], ['VEIL', 5, 3, 1]])
      expect(await running.db.models.orders.count()).toBe(0)
    })
  })

  it('sells no piece twice, however many want it at the same moment', async () => {
    await withShop(async (running) => {
      const wanted = Array.from({ length: 40 }, (_, i) => [{ sku: 'SMOKER', quantity: i % 3 + 1 }])
      const placed = await Promise.all(wanted.map(lines => placeOrder(running, lines, lines[0]!.quantity * 3990).then(order => order.lines[0]!.quantity, () => 0)))
      const sold = placed.reduce((sum, quantity) => sum + quantity, 0)
      const [smoker] = stocksOf(running)[0]!.slice(1) as [number]
      expect([sold + smoker, smoker]).toEqual([10, 0])
      const [row] = await running.db.select<{ sold: number, orders: number }>('SELECT sum(quantity) AS sold, count(*) AS orders FROM order_lines')
      expect(row).toEqual({ sold: 10, orders: placed.filter(Boolean).length })
    })
  })
})
