import fc from 'fast-check'
import { expect, it } from 'vitest'
import type { Bundle } from '../../core/catalogue/bundle'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import { countedPages, subjectsOf } from '../../core/checks/countedPages'
import { compareShops } from '../../core/effects/compareShops'
import { pageKinds } from '../../core/pageTypes/registry'
import type { Command } from '../../core/records/registry'
import { resolvePage } from '../../core/selection/resolvePage'
import type { Shop } from '../../core/selection/shop'
import { visitTo } from '../../core/selection/visit'
import { steppedThrough } from '../../core/steps'
import type { Moment } from '../../core/time/moment'
import { CommandLog } from '../journal/commandLog'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CountingThread } from './countingThread'
import { settled } from './followed.testing'

const products = ['A', 'B', 'C', 'D'].map((sku, i) =>
  makeProduct(sku, {
    price: 1000 + 100 * i,
    stock: i,
    status: sku === 'D' ? 'retired' : 'active',
    categories: i % 2 ? ['frames'] : ['hives'],
    variants: sku === 'B' ? [makeVariant('B-1'), makeVariant('B-2', { status: 'retired' })] : [],
  }),
)
const categories = ['hives', 'frames'].map(key => ({ key, name: { en: key }, parent: null }))

const anyBundle: fc.Arbitrary<Bundle> = fc
  .record({ skus: fc.subarray(['A', 'B', 'C', 'D'], { minLength: 1 }), price: fc.option(fc.integer({ min: 0, max: 3000 })) })
  .map(({ skus, price }) => ({
    type: 'fixed',
    components: skus.map(sku => ({ key: sku.toLowerCase(), sku, quantity: 1 })),
    price: price === null ? { by: 'sum' } : { by: 'own', price },
    marginFloor: null,
  }))
const anySettings = fc.record({
  bundle: anyBundle,
  categories: fc.subarray(['hives', 'frames']),
  status: fc.constantFrom('active' as const, 'active' as const, 'retired' as const),
})

/** What certainly does something to pages: a new bundle of what there is, among the other products of its category. */
const ofC: Bundle = {
  type: 'fixed',
  components: [{ key: 'c', sku: 'C', quantity: 1 }],
  price: { by: 'own', price: 900 },
  marginFloor: null,
}
const settingsOfC = { bundle: ofC, categories: ['hives'], status: 'active' as const }
const addedToItsCategory: [typeof settingsOfC, typeof settingsOfC, boolean] = [
  settingsOfC,
  { ...settingsOfC, categories: ['frames'] },
  false,
]

/** All that shoppers see of sections and prices, page by page. */
const everythingShown = (shop: Shop, at: Moment) =>
  pageKinds.flatMap(kind =>
    [...subjectsOf(countedPages(shop, kind))].map(subject => [
      kind,
      subject,
      resolvePage(shop, ...visitTo(kind, subject, at)).sections.map(({ section, items }) => [
        section.key,
        items.map(({ product }) => [product.sku, product.price, product.was, product.stock]),
      ]),
    ]),
  )

it('publishing a bundle does to pages what was said before, and shows what its preview showed', async () => {
  let changed = 0
  await fc.assert(
    fc.asyncProperty(anySettings, anySettings, fc.boolean(), (first, second, isLiveBefore) =>
      withStore({ products, categories }, async store => {
        const shop = await loadLiveShop(store)
        const log = new CommandLog(store, shop)
        const run = (...commands: Command[]) =>
          commands.reduce<Promise<unknown>>((all, each) => all.then(() => log.run(each, 'one')), Promise.resolve())
        const publish: Command = { type: 'publish', sections: [], plans: [], bundles: ['SET'] }
        const isRefused = await run(
          { type: 'addBundle', sku: 'SET', name: { en: 'Set' }, bundle: first.bundle },
          { type: 'changeBundle', sku: 'SET', settings: first, seen: {} },
          ...(isLiveBefore ? [publish] : []),
          { type: 'changeBundle', sku: 'SET', settings: second, seen: {} },
        ).then(
          () => false,
          () => true,
        )
        // What can’t be sold is not published.
        if (isRefused) return
        const thread = new CountingThread({ store, shop, log })
        try {
          const { effects } = await settled(() => thread.effects({ publish: { bundles: ['SET'] } }))
          const before = await loadLiveShop(store)
          const preview = shop.asDrafted(drafted => everythingShown(drafted, shop.now()))
          expect(everythingShown(shop, shop.now())).toEqual(everythingShown(before, shop.now()))
          const isDone = await log.run(publish, 'one').then(
            () => true,
            () => false,
          )
          if (!isDone) return
          const after = await loadLiveShop(store)
          expect(everythingShown(shop, shop.now())).toEqual(preview)
          expect(everythingShown(after, shop.now())).toEqual(preview)
          const both = { turnTo: () => undefined, bundles: ['SET'] }
          expect(effects).toEqual(steppedThrough(compareShops(before, after, new Set(), shop.now(), both), () => undefined))
          if (effects!.less + effects!.more) changed++
        } finally {
          await thread.stop()
        }
      }),
    ),
    { numRuns: 15, examples: [addedToItsCategory] },
  )
  expect(changed).toBeGreaterThan(0)
}, 120_000)
