import { setImmediate as nextTurn } from 'node:timers/promises'
import { describe, expect, it } from 'vitest'
import type { Bundle } from '../../core/catalogue/bundle'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import type { Product } from '../../core/catalogue/product'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import type { FollowedWrite } from './writeQueue'
import { CommandLog } from './commandLog'

const products = [
  makeProduct('SMOKER', { price: 3400, stock: 7, description: { en: 'Long lasting.' } }),
  makeProduct('TOOL', { price: 1000, stock: 5 }),
  makeProduct('JAR'),
]
const fixed = (...parts: [string, number][]): Bundle => ({
  type: 'fixed',
  components: parts.map(([sku, quantity]) => ({ key: sku.toLowerCase(), sku, quantity })),
  price: { by: 'percent', percent: 10 },
  marginFloor: null,
})
const add = (bundle: Bundle) => ({ type: 'addBundle' as const, sku: 'SET', name: { en: 'Harvest day' }, bundle })

async function withLog(work: (log: CommandLog, shop: LiveShop, again: () => Promise<LiveShop>) => Promise<void>): Promise<void> {
  await withStore({ products }, async store => {
    const shop = await loadLiveShop(store)
    await work(new CommandLog(store, shop), shop, () => loadLiveShop(store))
  })
}
const publish = { type: 'publish' as const, sections: [], plans: [], bundles: ['SET'] }
const facts = (shop: LiveShop) => (({ price, was, stock, status }) => [price, was, stock, status])(shop.catalogue.product('SET')!)
const change = (log: CommandLog, before: Product, after: Product) =>
  log.runImport(
    { type: 'import', kind: 'products', file: 'products.csv' },
    () => Promise.resolve([{ of: 'product', owner: after.sku, key: '', before, after }]),
    () => 'Imported',
    'two',
  )

describe('a bundle', () => {
  it('that was never published is not discarded while it is linked: nothing is left that leads nowhere', async () => {
    await withLog(async (log, shop, again) => {
      const discard = { type: 'discard' as const, sections: [], plans: [], looks: [], bundles: ['SET'] }
      const links = { kind: 'related', on: [{ source: 'JAR' }], targets: ['SET'] }
      await log.run(add(fixed(['SMOKER', 1])), 'one')
      await log.run({ type: 'link', ...links }, 'one')
      await expect(log.run(discard, 'one')).rejects.toThrow('This draft can’t be discarded: SET would be taken away, and it is linked')
      expect(shop.catalogue.product('SET')).toBeDefined()
      await log.run({ type: 'unlink', ...links }, 'one')
      await log.run(discard, 'one')
      expect(shop.catalogue.product('SET')).toBeUndefined()
      expect((await again()).catalogue.product('SET')).toBeUndefined()
    })
  })

  it('is a product at once and after a restart, and its price and stock follow its parts', async () => {
    await withLog(async (log, shop, again) => {
      const heard: FollowedWrite[] = []
      log.follow(done => heard.push(done))
      await log.run(add(fixed(['SMOKER', 1], ['TOOL', 2])), 'one')
      expect(facts(shop)).toEqual([4860, 5400, 2, 'draft'])
      const [smoker] = products as [Product]
      await change(log, smoker, { ...smoker, price: 4400, stock: 1 })
      expect(facts(shop)).toEqual([5760, 6400, 1, 'draft'])
      expect(facts(await again())).toEqual(facts(shop))
      // Whoever follows is told of the bundle too.
      expect(heard.at(-1)!.changes.map(each => [each.owner, (each.after as Product).price])).toEqual([
        ['SMOKER', 4400],
        ['SET', 5760],
      ])
      await log.run({ type: 'changeBundle', sku: 'SET', settings: { bundle: fixed(['TOOL', 1]) }, seen: {} }, 'one')
      expect(facts(shop)).toEqual([900, 1000, 5, 'draft'])
      await log.run(publish, 'one')
      expect(facts(shop)).toEqual([900, 1000, 5, 'active'])
      expect(shop.catalogue.bundlesWith(shop.catalogue.product('TOOL')!)).toEqual(['SET'])
      expect(shop.catalogue.bundlesWith(shop.catalogue.product('SMOKER')!)).toEqual([])
    })
  })

  it('is undone and done again, and what follows from its parts is never in the way', async () => {
    await withLog(async (log, shop, again) => {
      await log.run(add(fixed(['SMOKER', 1])), 'one')
      await log.run(
        { type: 'changeBundle', sku: 'SET', settings: { description: { en: 'All you need.' } }, seen: { description: {} } },
        'one',
      )
      await change(log, products[0]!, { ...products[0]!, price: 100 })
      await log.undo('one')
      await log.undo('one')
      expect(shop.catalogue.product('SET')).toBeUndefined()
      expect((await again()).catalogue.product('SET')).toBeUndefined()
      await log.redo('one')
      await log.redo('one')
      expect(facts(shop)).toEqual([90, 100, 7, 'draft'])
      await expect(
        log.run({ type: 'changeBundle', sku: 'SET', settings: { description: {} }, seen: { description: {} } }, 'two'),
      ).rejects.toThrow('changed in the meantime')
    })
  })

  it('is live as it was published while its draft is another, and again after going back; drafts stay', async () => {
    await withLog(async (log, shop, again) => {
      await log.run(add(fixed(['SMOKER', 1])), 'one')
      await log.run(publish, 'one')
      const dearer = { ...fixed(['SMOKER', 1]), price: { by: 'own', price: 9900 } } as Bundle
      await log.run({ type: 'changeBundle', sku: 'SET', settings: { bundle: dearer, description: { en: 'Dear.' } }, seen: {} }, 'one')
      const isLive = [3060, 3400, 7, 'active']
      expect(facts(shop)).toEqual(isLive)
      expect(facts(await again())).toEqual(isLive)
      // A look at the draft leaves nothing behind.
      expect(shop.asDrafted(() => [...facts(shop), shop.catalogue.product('SET')!.description])).toEqual([
        9900,
        null,
        7,
        'active',
        { en: 'Dear.' },
      ])
      expect(facts(shop)).toEqual(isLive)
      const heldUp = () =>
        shop.asDrafted(() => {
          throw new Error('Held up')
        })
      expect(heldUp).toThrow('Held up')
      expect(facts(shop)).toEqual(isLive)
      await log.run(publish, 'one')
      expect(facts(shop)).toEqual([9900, null, 7, 'active'])
      await log.run({ type: 'goBack', release: 2 }, 'one')
      expect(facts(shop)).toEqual(isLive)
      expect(shop.versions.bundles.get('SET')!.draft!.bundle).toEqual(dearer)
      await log.run({ type: 'unpublish', sections: [], plans: [], bundles: ['SET'] }, 'one')
      expect(facts(shop)).toEqual([9900, null, 7, 'draft'])
      await log.undo('one')
      expect(facts(shop)).toEqual(isLive)
      expect(facts(await again())).toEqual(isLive)
    })
  })

  it('is passed over in a look at the drafts until the shop has taken it over', async () => {
    await withLog(async (log, shop) => {
      let isDone = false
      const adding = log.run(add(fixed(['SMOKER', 1])), 'one').finally(() => (isDone = true))
      while (!isDone) {
        shop.asDrafted(() => shop.catalogue.products.length)
        await nextTurn()
      }
      await adding
      expect(shop.index.size).toBe(4)
      expect(Object.keys(shop.catalogue.products)).toHaveLength(4)
    })
  })

  it('that was kept before bundles were drafted is live as it was', async () => {
    const [active, draft] = (['active', 'draft'] as const).map(status => makeProduct(status, { status, bundle: fixed(['TOOL', 1]) }))
    await withStore({ products: [...products, active!, draft!] }, async store => {
      const { versions } = await loadLiveShop(store)
      expect([...versions.bundles].map(([sku, each]) => [sku, each.live !== null, each.draft !== null])).toEqual([
        ['active', true, true],
        ['draft', false, true],
      ])
      expect((await loadLiveShop(store)).versions.bundles).toEqual(versions.bundles)
    })
  })

  it('is removed only while nothing leads to it, and keeps its parts in the shop', async () => {
    await withLog(async (log, shop) => {
      const brought = await change(log, null as never, makeProduct('NEW'))
      await log.run(add(fixed(['NEW', 1])), 'one')
      await expect(log.revert(brought.entry!, 'two')).rejects.toThrow('in a bundle')
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'JAR' }], targets: ['SET'] }, 'one')
      await expect(log.run({ type: 'removeBundle', sku: 'SET' }, 'one')).rejects.toThrow(
        'This bundle can’t be removed: SET would be taken away',
      )
      await log.undo('one')
      await log.run({ type: 'removeBundle', sku: 'SET' }, 'one')
      expect(shop.catalogue.bundles.size).toBe(0)
      await log.revert(brought.entry!, 'two')
      await expect(log.undo('one')).rejects.toThrow('NEW, which was in this bundle, is no longer in the shop.')
    })
  })
})
