import { describe, expect, it } from 'vitest'
import type { Bundle } from '../../core/catalogue/bundle'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { WantedLine } from '../../core/pricing/cart'
import { loadLiveShop } from '../live/loadLiveShop'
import type { Running } from '../running/useShop'
import { CommandLog } from '../journal/commandLog'
import type { SqliteStore } from '../store/sqlite/sqliteStore'
import { withStore } from '../store/temporaryStore.testing'
import type { OrderRefused } from './placeOrder'
import { placeOrder } from './placeOrder'

const bundled = (sku: string, bundle: Bundle) => makeProduct(sku, { price: null, stock: 0, bundle })
const products = [
  makeProduct('SMOKER', { price: 3990, stock: 10, description: { en: 'Long lasting.' } }),
  makeProduct('VEIL', { price: 2000, variants: [makeVariant('VEIL-S', { stock: 3 }), makeVariant('VEIL-L', { stock: 1 })] }),
  bundled('SET', {
    type: 'fixed',
    components: [
      { key: 'smoker', sku: 'SMOKER', quantity: 1 },
      { key: 'veil', sku: 'VEIL', quantity: 2 },
    ],
    price: { by: 'percent', percent: 10 },
    marginFloor: null,
  }),
  bundled('THREE', {
    type: 'pickAny',
    set: ['SMOKER', 'VEIL'],
    least: 3,
    most: 3,
    repeats: true,
    steps: [{ count: 3, percent: 15 }],
    marginFloor: null,
  }),
]

async function withShop(work: (running: Running & { store: SqliteStore }) => Promise<void>): Promise<void> {
  await withStore({ products }, async store => {
    const shop = await loadLiveShop(store)
    await work({ store, shop, log: new CommandLog(store, shop) })
  })
}
const stocksOf = ({ shop }: Running) =>
  shop.catalogue.products.filter(each => !each.bundle).map(({ sku, stock, variants }) => [sku, stock, ...variants.map(each => each.stock)])

describe('placeOrder', () => {
  it('leaves stock alone that is not tracked', async () => {
    const untracked = makeProduct('SEED', { price: 300, stock: null, variants: [] })
    const sized = makeProduct('HAT', { price: 900, variants: [makeVariant('HAT-S', { stock: null }), makeVariant('HAT-L', { stock: 2 })] })
    await withStore({ products: [untracked, sized] }, async store => {
      const shop = await loadLiveShop(store)
      const running = { store, shop, log: new CommandLog(store, shop) }
      const lines = ['SEED', 'HAT-S', 'HAT-L'].map((sku, i) => ({ sku, quantity: i < 2 ? 500 : 1 }))
      await placeOrder(running, lines, 300 * 500 + 900 * 500 + 900)
      expect(stocksOf(running)).toEqual([
        ['SEED', null],
        ['HAT', 5, null, 1],
      ])
    })
  })

  it('with the same key once more is answered as before, and is no second order, also at once and after a start anew', async () => {
    await withShop(async running => {
      const lines = [{ sku: 'VEIL-S', quantity: 1 }]
      const before = stocksOf(running)
      const [first, again] = await Promise.all([placeOrder(running, lines, 2000, 'key-one'), placeOrder(running, lines, 2000, 'key-one')])
      expect(again).toEqual(first)
      const { store } = running
      const shop = await loadLiveShop(store)
      const later = { store, shop, log: new CommandLog(store, shop) }
      expect(await placeOrder(later, lines, 2000, 'key-one')).toEqual(first)
      const sold = stocksOf(later)
      expect(sold).not.toEqual(before)
      expect((await store.ordersWith('VEIL-S', 9)).total).toBe(1)
      await expect(placeOrder(later, [{ sku: 'VEIL-S', quantity: 2 }], 4000, 'key-one')).rejects.toMatchObject({ code: 'key-reused' })
      expect(stocksOf(later)).toEqual(sold)
      expect((await placeOrder(later, lines, 2000, 'key-two')).number).not.toBe(first.number)
      expect((await placeOrder(later, lines, 2000)).number).not.toBe(first.number)
    })
  })

  it('that was refused is not kept by its key', async () => {
    await withShop(async running => {
      const lines = [{ sku: 'SMOKER', quantity: 1 }]
      await expect(placeOrder(running, lines, 1, 'key-one')).rejects.toMatchObject({ code: 'total-changed' })
      expect(await placeOrder(running, lines, 3990, 'key-one')).toMatchObject({ total: 3990 })
    })
  })

  it('writes the order and lowers the stock, for shoppers at once and for good, and is no entry of the history', async () => {
    await withShop(async running => {
      const order = await placeOrder(
        running,
        [
          { sku: 'VEIL-S', quantity: 2 },
          { sku: 'SMOKER', quantity: 1 },
        ],
        7990,
      )
      expect(order).toMatchObject({
        total: 7990,
        lines: [
          { sku: 'VEIL-S', quantity: 2, unit: 2000, total: 4000 },
          { sku: 'SMOKER', quantity: 1, unit: 3990, total: 3990 },
        ],
      })
      expect(stocksOf(running)).toEqual([
        ['SMOKER', 9],
        ['VEIL', 5, 1, 1],
      ])
      expect(stocksOf({ ...running, shop: await loadLiveShop(running.store) })).toEqual(stocksOf(running))
      expect((await running.store.productsBySku(['SMOKER'])).get('SMOKER')!.description).toEqual({ en: 'Long lasting.' })
      expect(
        await running.store.database.select(
          'SELECT number, sku, quantity, unitPrice FROM orders JOIN order_lines ON orderId = id ORDER BY line',
        ),
      ).toEqual([
        { number: order.number, sku: 'VEIL-S', quantity: 2, unitPrice: 2000 },
        { number: order.number, sku: 'SMOKER', quantity: 1, unitPrice: 3990 },
      ])
      expect(await running.log.undoState('one')).toEqual({ undo: null, redo: null })
    })
  })

  it('writes what is in a bundle below its line, and lowers the stock of that', async () => {
    await withShop(async running => {
      const { bundles } = running.shop.catalogue
      expect(
        [...bundles].map(sku => [sku, running.shop.catalogue.product(sku)!.price, running.shop.catalogue.product(sku)!.stock]),
      ).toEqual([
        ['SET', 7191, 1],
        ['THREE', 5100, 3],
      ])
      await placeOrder(running, [{ sku: 'SET', quantity: 1, choices: [{ part: 'veil', sku: 'VEIL-S', quantity: 1 }] }], 7191)
      expect(
        await running.store.database.select('SELECT line, within, sku, quantity, unitPrice, total FROM order_lines ORDER BY line'),
      ).toEqual([
        { line: 1, within: null, sku: 'SET', quantity: 1, unitPrice: 7191, total: 7191 },
        { line: 2, within: 1, sku: 'SMOKER', quantity: 1, unitPrice: 3990, total: 3591 },
        { line: 3, within: 1, sku: 'VEIL-S', quantity: 2, unitPrice: 2000, total: 3600 },
      ])
      expect(await running.store.ordersWith('SET', 9)).toMatchObject({
        total: 1,
        lines: [
          {
            quantity: 1,
            total: 7191,
            components: [
              { sku: 'SMOKER', quantity: 1, total: 3591 },
              { sku: 'VEIL-S', quantity: 2, total: 3600 },
            ],
          },
        ],
      })
      expect(await running.store.ordersWith('SMOKER', 9)).toEqual({ total: 0, lines: [] })
      expect(stocksOf(running)).toEqual([
        ['SMOKER', 9],
        ['VEIL', 5, 1, 1],
      ])
      expect(running.shop.catalogue.product('SET')!.stock).toBe(0)
      expect(stocksOf({ ...running, shop: await loadLiveShop(running.store) })).toEqual(stocksOf(running))
    })
  })

  it('sells no piece of a bundle twice, and every total is right', async () => {
    await withShop(async running => {
      const wanted = Array.from(
        { length: 60 },
        (_, i): [WantedLine[], number] =>
          [
            [[{ sku: 'SET', quantity: 1, choices: [{ part: 'veil', sku: 'VEIL-S', quantity: 1 }] }], 7191],
            [
              [
                {
                  sku: 'THREE',
                  quantity: 1,
                  choices: [
                    { part: 'pick', sku: 'SMOKER', quantity: 2 },
                    { part: 'pick', sku: 'VEIL-S', quantity: 1 },
                  ],
                },
              ],
              8483,
            ],
            [[{ sku: 'SMOKER', quantity: 1 }], 3990],
          ][i % 3] as [WantedLine[], number],
      )
      const placed = await Promise.all(
        wanted.map(([lines, total]) =>
          placeOrder(running, lines, total).then(
            order => order.total === total,
            (error: OrderRefused) => (error.code === 'not-available' ? null : error.code),
          ),
        ),
      )
      expect(new Set(placed)).toEqual(new Set([true, null]))
      const sold = await running.store.database.select<{ sku: string; units: number }>(
        `SELECT sku, sum(quantity) AS units FROM order_lines WHERE sku NOT IN ('SET', 'THREE') GROUP BY sku ORDER BY sku`,
      )
      const left = new Map(stocksOf(running).map(([sku, ...stocks]) => [sku, stocks]))
      expect(sold.find(each => each.sku === 'SMOKER')!.units + (left.get('SMOKER')![0] as number)).toBe(10)
      expect(sold.find(each => each.sku === 'VEIL-S')!.units + (left.get('VEIL')![1] as number)).toBe(3)
      for (const stocks of left.values()) for (const stock of stocks) expect(stock).toBeGreaterThanOrEqual(0)
      const [row] = await running.store.database.select<{
        wrong: number
      }>(`SELECT count(*) AS wrong FROM order_lines AS line
      WHERE EXISTS (SELECT 1 FROM order_lines AS part WHERE part.orderId = line.orderId AND part.within = line.line)
        AND line.total <> (SELECT sum(total) FROM order_lines AS part WHERE part.orderId = line.orderId AND part.within = line.line)`)
      expect(row).toEqual({ wrong: 0 })
    })
  })

  it('refuses what is not there, what costs something else, and nothing at all; then nothing is written', async () => {
    await withShop(async running => {
      const refusal = async (lines: [string, number][], total: number) =>
        placeOrder(
          running,
          lines.map(([sku, quantity]) => ({ sku, quantity })),
          total,
        ).then(
          () => 'placed',
          (error: OrderRefused) => error.code,
        )
      expect(await refusal([['VEIL-L', 2]], 4000)).toBe('not-available')
      expect(await refusal([['VEIL', 1]], 2000)).toBe('not-available')
      expect(await refusal([['SMOKER', 1]], 3989)).toBe('total-changed')
      expect(await refusal([], 0)).toBe('cart-empty')
      expect(stocksOf(running)).toEqual([
        ['SMOKER', 10],
        ['VEIL', 5, 3, 1],
      ])
      expect(await running.store.database.models.orders.count()).toBe(0)
    })
  })

  it('sells no piece twice, however many want it at the same moment', async () => {
    await withShop(async running => {
      const wanted = Array.from({ length: 40 }, (_, i) => [{ sku: 'SMOKER', quantity: (i % 3) + 1 }])
      const placed = await Promise.all(
        wanted.map(lines =>
          placeOrder(running, lines, lines[0]!.quantity * 3990).then(
            order => order.lines[0]!.quantity,
            () => 0,
          ),
        ),
      )
      const sold = placed.reduce((sum, quantity) => sum + quantity, 0)
      const [smoker] = stocksOf(running)[0]!.slice(1) as [number]
      expect([sold + smoker, smoker]).toEqual([10, 0])
      const [row] = await running.store.database.select<{ sold: number; orders: number }>(
        'SELECT sum(quantity) AS sold, count(*) AS orders FROM order_lines',
      )
      expect(row).toEqual({ sold: 10, orders: placed.filter(Boolean).length })
    })
  })
})
