import { text as readText } from 'node:stream/consumers'
import { describe, expect, it } from 'vitest'
import { targetsOf } from '../../core/links/lane'
import { findProducts } from '../productSearch/findProducts'
import { productFilterSchema } from '../../core/productSearch/productFilter'
import { withStore } from '../store/temporaryStore.testing'
import { fileFormatKeys } from '../../core/exchange/formats/registry'
import { fileKindKeys } from '../../core/exchange/kinds/registry'
import { exportFile } from './exportFile'
import { products, shopWith } from './importing.testing'

describe('importFile', () => {
  it('takes back what it hands out, of every kind in every format, as it is', async () => {
    await withStore({ products }, async store => {
      const { take, log, ...running } = await shopWith(store)
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['C', 'B'] }, 'one')
      for (const kind of fileKindKeys) {
        for (const format of fileFormatKeys) {
          const file = await readText(await exportFile(running, kind, format, false))
          const report = await take(kind, file, { format })
          expect(report).toMatchObject({ created: 0, updated: 0, rejected: 0, ignoredColumns: [], done: null })
          expect(report.unchanged).toBe(report.rows)
          expect(report.rows).toBeGreaterThan(1)
        }
      }
    })
  })

  it('imports links as one entry that is undone and done again, and what it exports changes nothing', async () => {
    await withStore({ products }, async store => {
      const { shop, log, take, written, stored } = await shopWith(store)
      const csv = 'source,kind,target,place,from,until,note\nA,related,C,1,,,=1+1\nA,related,B,2,2026-05-01,,\nB,upsell,A-1,,,,\n'
      const empty = await stored()
      expect(await take('links', csv, { dry: true })).toMatchObject({ created: 3, done: null })
      expect(await stored()).toEqual(empty)
      expect(await take('links', csv)).toMatchObject({
        rows: 3,
        created: 3,
        updated: 0,
        rejected: 0,
        done: 'Imported links from file.csv: 3 new',
      })
      const full = await stored()
      expect(full[1]).toBe(
        "source,kind,target,place,from,until,note\r\nA,related,C,1,,,'=1+1\r\nA,related,B,2,2026-05-01,,\r\nB,upsell,A-1,1,,,\r\n",
      )
      expect(await written('links')).toBe(full[1])
      expect(await take('links', full[1]!)).toMatchObject({ created: 0, updated: 0, unchanged: 3, done: null })

      await log.undo('one')
      expect(await stored()).toEqual(empty)
      expect(shop.finder.find(productFilterSchema.parse({ links: 'related:1' }), null, 'name')).toHaveLength(3)
      await log.redo('one')
      expect(await stored()).toEqual(full)
      expect(targetsOf(shop.links.lane('A', 'related'))).toEqual(['C', 'B'])
    })
  })

  it('takes nothing when a row is rejected, or the good rows when asked to', async () => {
    await withStore({ products }, async store => {
      const { take, stored } = await shopWith(store)
      const before = await stored()
      const csv = 'source;kind;target;colour\nA;related;B;red\nA;related;NO;red\nA;Related!;B;red\nA;related\n'
      const report = await take('links', csv)
      expect(report).toMatchObject({ rows: 4, created: 1, rejected: 3, done: null, ignoredColumns: ['colour'] })
      expect(report.rejections.map(each => [each.line, each.column])).toEqual([
        [3, 'target'],
        [4, 'kind'],
        [5, 'target'],
      ])
      expect(await stored()).toEqual(before)
      expect(await take('links', csv, { keepValid: true })).toMatchObject({
        created: 1,
        rejected: 3,
        done: 'Imported links from file.csv: 1 new',
      })
      expect((await stored())[1]).toContain('A,related,B,1')
    })
  })

  it('imports products, finds them at once, and takes them away again with their categories', async () => {
    await withStore({ products }, async store => {
      const { shop, log, take, stored } = await shopWith(store)
      const running = { store, shop }
      const before = await stored()
      const csv =
        'sku,name,name@de,category,price,stock,variantOf,options\nNEW,Honey spoon,Honiglöffel,Kitchen > ' +
        'Spoons,3.50,,,\nNEW-1,,,,,4,NEW,wood=oak\nA,Great smoker,,,45,,,\n'
      expect(await take('products', csv)).toMatchObject({
        created: 2,
        updated: 1,
        rejected: 0,
        done: 'Imported products from file.csv: 2 new, 1 changed',
      })
      const after = await stored()
      expect(shop.catalogue.product('A')).toMatchObject({ name: { en: 'Great smoker' }, price: 4500, stock: null })
      expect((await store.productsBySku(['A'])).get('A')!.description).toEqual({ en: 'A long text.' })
      const found = async (words: string) =>
        (await findProducts(running, { words, filter: productFilterSchema.parse({}), sort: 'match', offset: 0, limit: 9 })).skus
      expect([await found('spoon'), await found('honigl'), await found('spoons'), await found('great'), await found('rauch')]).toEqual([
        ['NEW'],
        ['NEW'],
        ['NEW'],
        ['A'],
        [],
      ])
      expect(shop.finder.find(productFilterSchema.parse({ category: 'kitchen' }), null, 'name')).toHaveLength(1)
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['NEW-1'] }, 'two')
      await expect(log.undo('one')).rejects.toThrow('NEW-1 would be taken away, and it is linked')
      await log.undo('two')

      await log.undo('one')
      expect(await stored()).toEqual(before)
      expect([await found('spoon'), await found('rauch'), (await store.search('smoker'))!.numbers.length]).toEqual([[], ['A'], 1])
      expect(shop.categories.some(each => each.key === 'kitchen')).toBe(false)
      await log.redo('one')
      expect(await stored()).toEqual(after)
    })
  })

  it('stops when it is cancelled on the way, and changes nothing', async () => {
    await withStore({ products }, async store => {
      const { take, stored } = await shopWith(store)
      const before = await stored()
      const rows = Array.from({ length: 5000 }, (_, i) => `A,related,B,,,,row ${i}`).join('\n')
      for (const kind of ['links', 'products'] as const) {
        const cancel = new AbortController()
        const told: number[] = []
        const progress = ({ rows }: { rows: number }) => {
          told.push(rows)
          if (rows >= 2000) cancel.abort()
        }
        const csv =
          kind === 'links'
            ? `source,kind,target,place,from,until,note\n${rows}\n`
            : `sku,name\n${Array.from({ length: 5000 }, (_, i) => `N${i},Name`).join('\n')}\n`
        await expect(take(kind, csv, { signal: cancel.signal, progress, keepValid: true })).rejects.toThrow(
          'The import was cancelled. Nothing was changed.',
        )
        expect(told.at(-1)).toBe(2000)
      }
      expect(await stored()).toEqual(before)
    })
  })

  it('plans again when somebody has changed the lane between', async () => {
    await withStore({ products }, async store => {
      const { shop, log, take } = await shopWith(store)
      let other: Promise<unknown> | undefined
      const progress = ({ stage }: { stage: string }) => {
        // The last moment before the import takes its turn to write.
        if (stage === 'writing') other ??= log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['C'] }, 'two')
      }
      expect(await take('links', 'source,kind,target\nA,related,B\n', { progress })).toMatchObject({ created: 1 })
      await other
      expect(targetsOf(shop.links.lane('A', 'related'))).toEqual(['C', 'B'])
    })
  })

  it('refuses to undo what was changed since, and leaves what was not', async () => {
    await withStore({ products }, async store => {
      const { log, take } = await shopWith(store)
      await take('products', 'sku,price,brand\nB,7.00,Tarn\n')
      const [first] = await store.database.select<{ id: number }>('SELECT max(id) AS id FROM journal')
      await take('products', 'sku,price\nB,8.00\n')
      await expect(log.revert(first!.id, 'one')).rejects.toThrow(
        'the same product was changed later (“Imported products from file.csv: 1 changed”)',
      )
      await log.undo('one')
      await take('products', 'sku,description\nB,Longer\n')
      await log.revert(first!.id, 'one')
      expect((await store.productsBySku(['B'])).get('B')).toMatchObject({ price: 1000, brand: null, description: { en: 'Longer' } })
    })
  })

  it('says what is wrong with a file as a whole, and changes nothing', async () => {
    await withStore({ products }, async store => {
      const { take, stored } = await shopWith(store)
      const before = await stored()
      await expect(take('links', 'sku,name\nA,x\n')).rejects.toThrow(
        'The first line names no “source” and no “kind” and no “target”. A file of links begins with a line such as ' +
          'source,kind,target,place,from,until,note. This looks like a file of products.',
      )
      await expect(take('products', 'name\nx\n')).rejects.toThrow('names no “sku”')
      await expect(take('links', 'source,kind,target,Kind\n')).rejects.toThrow('The first line names “kind” twice.')
      await expect(take('links', 'source,kind,target\nA,related,"B\n')).rejects.toThrow('line 2 a quote is opened and never closed')
      await expect(take('links', '')).rejects.toThrow('empty')
      expect(await take('links', 'source,kind,target\n')).toMatchObject({ rows: 0, done: null })
      expect(await stored()).toEqual(before)
    })
  })
})
