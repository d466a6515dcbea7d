import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { targetsOf } from '../../core/links/lane'
import { priceCart } from '../../core/pricing/priceCart'
import { CommandLog } from '../journal/commandLog'
import { loadLiveShop } from '../live/loadLiveShop'
import { everythingKnown } from '../live/everythingKnown.testing'
import { placeOrder } from '../orders/placeOrder'
import { NotWrittenError } from '../store/port'
import type { SqliteStore } from '../store/sqlite/sqliteStore'
import { withStore } from '../store/temporaryStore.testing'
import { shopWith } from './importing.testing'

const count = 450
const skuOf = (i: number) => `P${String(i).padStart(3, '0')}`
const products = Array.from({ length: count }, (_, i) => makeProduct(skuOf(i), { price: 500, stock: 10 }))
const fileOf = (stock: number) => `sku,stock\n${products.map(each => `${each.sku},${stock}`).join('\n')}\n`

/** Imports a file, and does something else when it has written so many rows. */
async function importMeanwhile(store: SqliteStore, csv: string, rows: number, other: (cancel: AbortController) => void) {
  const running = await shopWith(store)
  const cancel = new AbortController()
  let isOver = false
  const report = running.take('products', csv, {
    signal: cancel.signal,
    progress({ stage, rows: written }) {
      if (isOver || stage !== 'writing' || written < rows) return
      isOver = true
      other(cancel)
    },
  })
  return { ...running, report }
}
const stockOf = async (store: SqliteStore) => {
  const all = [...(await store.productsBySku(products.map(each => each.sku))).values()]
  return (stock: number) => all.filter(each => each.stock === stock).length
}

describe('an import of many rows', { timeout: 300_000 }, () => {
  it('lets edits and orders come in between, is one entry, and leaves alone what was sold when it is undone', async () => {
    await withStore({ products }, async store => {
      const order: string[] = []
      let sale: Promise<unknown> | undefined
      const { log, shop, report } = await importMeanwhile(store, fileOf(50), 100, () => {
        const edit = log.run({ type: 'link', kind: 'related', on: [{ source: skuOf(1) }], targets: [skuOf(2)] }, 'two')
        const total = priceCart([{ sku: skuOf(0), quantity: 1 }], shop, shop.now()).total
        sale = Promise.all([
          edit.then(() => order.push('edit')),
          placeOrder({ store, shop, log }, [{ sku: skuOf(0), quantity: 3 }], 3 * total).then(() => order.push('sale')),
        ])
      })
      expect(await report.then(each => (order.push('import'), each))).toMatchObject({
        updated: count,
        done: `Imported products from file.csv: ${count} changed`,
      })
      await sale
      expect(order).toEqual(['edit', 'sale', 'import'])
      expect(targetsOf(shop.links.lane(skuOf(1), 'related'))).toEqual([skuOf(2)])
      expect((await store.productsBySku([skuOf(0)])).get(skuOf(0))!.stock).toBe(47)
      expect((await store.history(null, 1e9, 9)).map(each => [each.words, each.lanes])).toEqual([
        [expect.stringContaining('Linked'), 1],
        [`Imported products from file.csv: ${count} changed`, count],
      ])
      expect(everythingKnown(shop)).toEqual(everythingKnown(await loadLiveShop(store)))

      // One was sold since: its stock would be wrong.
      await expect(log.undo('one')).rejects.toThrow('the same product was changed later, and that would be lost. Nothing was changed.')
      expect((await stockOf(store))(50)).toBe(count - 1)
    })
  })

  it('is undone and redone in pieces too', async () => {
    await withStore({ products }, async store => {
      const { log, shop, take } = await shopWith(store)
      const news = Array.from({ length: 150 }, (_, i) => `NEW-${i},New,Fresh > Kind ${i % 7},5`).join('\n')
      await take('products', `sku,name,category,stock\n${news}\n${products.map(each => `${each.sku},Renamed,,60`).join('\n')}\n`)
      const full = everythingKnown(shop)
      expect(shop.catalogue.products).toHaveLength(count + 150)
      expect((await log.undo('one')).words).toBe('Undone: Imported products from file.csv: 150 new, 450 changed')
      expect(shop.catalogue.products).toEqual(products)
      expect(shop.categories).toEqual([])
      expect(everythingKnown(shop)).toEqual(everythingKnown(await loadLiveShop(store)))
      expect(await log.undoState('one')).toMatchObject({ undo: null })
      await log.redo('one')
      expect(everythingKnown(shop)).toEqual(full)
      expect(everythingKnown(shop)).toEqual(everythingKnown(await loadLiveShop(store)))
    })
  })

  it('says how far it came when it is cancelled on its way, can be taken back then, and can’t before', async () => {
    await withStore({ products }, async store => {
      let early: Promise<unknown> | undefined
      const { log, shop, report } = await importMeanwhile(store, fileOf(50), 200, cancel => {
        early = expect(log.undo('one')).rejects.toThrow('is still under way')
        cancel.abort()
      })
      await expect(report).rejects.toThrow(
        /^The import was stopped: \d+ of 450 rows are in. Undo takes them back; the same file again goes on.$/,
      )
      await early
      const written = (await stockOf(store))(50)
      expect(written).toBeGreaterThanOrEqual(200)
      expect(written).toBeLessThan(count)
      expect(await log.undoState('one')).toMatchObject({ undo: `Imported products from file.csv: ${written} of ${count} rows` })
      await log.undo('one')
      expect((await stockOf(store))(10)).toBe(count)
      expect(everythingKnown(shop)).toEqual(everythingKnown(await loadLiveShop(store)))
    })
  })

  it('says how far it came when there is no room on its way', async () => {
    await withStore({ products }, async store => {
      const write = store.write.bind(store)
      const { report } = await importMeanwhile(store, fileOf(50), 200, () => {
        store.write = () => Promise.reject(new NotWrittenError(new Error('full'), 'disk-full'))
      })
      await expect(report).rejects.toThrow(/^The disk is full: \d+ of 450 rows are in/)
      store.write = write
      const written = (await stockOf(store))(50)
      expect((await store.history(null, 1e9, 1))[0]!.words).toBe(`Imported products from file.csv: ${written} of ${count} rows`)
      await expect(report).rejects.toThrow(`${written} of ${count} rows`)
    })
  })

  it('that the server’s stop ends, and its undo, go on where they were', async () => {
    await withStore({ products }, async store => {
      const { take } = await shopWith(store)
      await take('products', fileOf(50))
      const stopping = new AbortController()
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop, undefined, stopping.signal)
      log.follow(({ words }) => words.startsWith('Undone, ') && stopping.abort())
      await expect(log.undo('one')).rejects.toThrow('do it again to go on')
      const back = (await stockOf(store))(10)
      expect(back).toBeGreaterThan(0)
      expect(back).toBeLessThan(count)
      // As the next start has it.
      const next = await shopWith(store)
      expect((await next.log.undoState('one')).undo).toBe(`Imported products from file.csv: ${count} changed`)
      await next.log.undo('one')
      expect((await stockOf(store))(10)).toBe(count)
      expect(everythingKnown(next.shop)).toEqual(everythingKnown(await loadLiveShop(store)))
    })
  })

  it('leaves alone what others change while it is undone, and says so', async () => {
    await withStore({ products }, async store => {
      const { log, shop, take } = await shopWith(store)
      await take('products', fileOf(50))
      let sale: Promise<unknown> | undefined
      log.follow(({ words }) => {
        if (!words.startsWith('Undone, ')) return
        // Backwards: the first product comes last.
        sale ??= placeOrder({ store, shop, log }, [{ sku: skuOf(0), quantity: 1 }], 500)
      })
      expect((await log.undo('one')).words).toContain('; 1 thing changed meanwhile by others stays as is')
      await sale
      expect((await stockOf(store))(10)).toBe(count - 1)
      expect((await store.productsBySku([skuOf(0)])).get(skuOf(0))!.stock).toBe(49)
    })
  })
})
