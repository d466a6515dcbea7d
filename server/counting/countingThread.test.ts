import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countedPages } from '../../core/checks/countedPages'
import { fillSummary } from '../../core/checks/fill'
import { compareShops } from '../../core/effects/compareShops'
import { asItIs, proposedShop } from '../../core/effects/proposedShop'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import { priceCart } from '../../core/pricing/priceCart'
import { forEachSort } from '../../core/releases/draftedSorts'
import type { ReleaseContent } from '../../core/releases/release'
import { offerBlock } from '../../core/pagePlans/block'
import { resolvePage } from '../../core/selection/resolvePage'
import { visitTo } from '../../core/selection/visit'
import { steppedThrough } from '../../core/steps'
import type { FillStep } from '../../core/fillSteps/fillStep'
import { linkStep } from '../../core/fillSteps/fillStep'
import type { Step } from './followed.testing'
import { followed, settled, skus, tried, walked } from './followed.testing'
import { momentIn } from '../../core/time/moment'
import { CommandLog } from '../journal/commandLog'
import { loadLiveShop } from '../live/loadLiveShop'
import { placeOrder } from '../orders/placeOrder'
import { withStore } from '../store/temporaryStore.testing'
import { CountingThread } from './countingThread'

const sku = fc.constantFrom(...skus)
const sameBrand: FillStep = { from: 'bestSellers', of: 'brand', subjects: 'page', cap: 1, off: false }
const anyStep: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      type: fc.constant('link' as const),
      kind: fc.constantFrom('accessory', 'upsell'),
      on: sku.map(source => [{ source }]),
      targets: fc.uniqueArray(fc.constantFrom(...skus, 'D-1'), { minLength: 1, maxLength: 3 }),
    }),
  },
  fc.record({
    type: fc.constant('unlink' as const),
    kind: fc.constant('accessory'),
    on: sku.map(source => [{ source }]),
    targets: sku.map(each => [each]),
  }),
  fc.record({
    type: fc.constant('switchSection' as const),
    source: sku,
    section: fc.constantFrom('accessories', 'upsells'),
    off: fc.boolean(),
  }),
  fc
    .constantFrom<FillStep[]>([linkStep('accessory')], [linkStep('accessory'), sameBrand])
    .map(steps => ({ type: 'changeSection' as const, key: 'accessories', settings: { steps }, seen: {} })),
  fc.constant<Step>({ type: 'publish', sections: ['accessories'], plans: [] }),
  {
    weight: 3,
    arbitrary: fc
      .constantFrom(...skus)
      .map(sku => ({ type: 'link' as const, kind: 'named', on: [{ source: 'article:spring' }], targets: [sku] })),
  },
  fc.constantFrom(...skus).map(sku => ({ type: 'unlink' as const, kind: 'named', on: [{ source: 'article:spring' }], targets: [sku] })),
  fc
    .constantFrom(['hives', 'tools'], ['frames', 'hives'], ['hives', 'frames'])
    .map(([key, near]) => ({ type: 'link' as const, kind: 'related-categories', on: [{ source: `category:${key}` }], targets: [near!] })),
  fc.record({ restock: sku, to: fc.constantFrom(0, 2) }),
  { weight: 2, arbitrary: fc.constantFrom('B', 'C', 'D-1').map(sell => ({ sell })) },
)

/** Sections of the built-in plans on every kind of page that is about something else, and one more. */
const elsewhere = [
  ['related-categories', 'category'],
  ['article-products', 'article'],
  ['article-accessories', 'article'],
  ['home-best-sellers', 'home'],
  ['search-related', 'search'],
  ['ordered-accessories', 'ordered'],
  ['cart-cross-sells', 'cart'],
  ['accessories', 'category'],
] as const

describe('fill meters', () => {
  it('count pages of every kind, and follow what articles name and which categories are related', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { minLength: 1, maxLength: 8 }), steps =>
        followed(steps, async (meters, shop) => {
          for (const [section, page] of elsewhere) {
            const live = walked(shop, shop.sections.get(section)!, page, momentIn('UTC'))
            const { live: reading } = await settled(() => meters.ask(section, page))
            expect([section, reading.fill]).toEqual([section, live])
            expect(reading.total).toBe(countedPages(shop, page).size)
          }
          const unnamed = await meters.list({ section: 'article-products', page: 'article', version: 'live' }, 0, 0, 0, 100)
          expect(unnamed.subjects).toEqual(
            resolvePage(shop, { kind: 'article', key: 'spring' }, visitTo('article', 'spring', momentIn('UTC'))[1]).sections.some(
              each => each.section.key === 'article-products',
            )
              ? []
              : ['spring'],
          )
        }),
      ),
      { numRuns: 12 },
    )
  }, 120_000)

  it('count in another thread what the live shop shows, and follow its changes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { minLength: 1, maxLength: 8 }), steps =>
        followed(steps, async (meters, shop) => {
          const [live, draft] = [shop, shop.drafted].map(each =>
            walked(each, each.sections.get('accessories')!, 'product', momentIn('UTC')),
          )
          expect(await settled(() => meters.ask('accessories', 'product'))).toMatchObject({ live: { fill: live }, draft: { fill: draft } })
          expect(await meters.list({ section: 'accessories', page: 'product', version: 'draft' }, 0, 0, 0, 100)).toMatchObject({
            total: fillSummary(draft!).blank,
          })
        }),
      ),
      { numRuns: 12 },
    )
    expect(tried.done).toBeGreaterThan(tried.refused / 4)
  }, 120_000)

  it('works out what publishing does to the pages of the live shop, and follows its changes', async () => {
    const { key: _, rank: __, ...offer } = makeOffer('tick', { offered: { by: 'chosen', skus: ['B'] } })
    const anyDraft: fc.Arbitrary<Step> = fc.constantFrom<Step[]>(
      { type: 'addOffer', settings: offer },
      { type: 'changeSection', key: 'accessories', settings: { off: true }, seen: {} },
      { type: 'changeSection', key: 'related', settings: { steps: [sameBrand] }, seen: {} },
    )
    let effective = 0
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(anyStep, { weight: 2, arbitrary: anyDraft }), { minLength: 1, maxLength: 8 }),
        fc.subarray(['accessories', 'related']),
        async (steps, sections) => {
          const toPublish = { sections, offers: ['tick'] }
          await followed([...steps], async (thread, shop) => {
            const { effects } = await settled(() => thread.effects({ publish: toPublish }))
            const [before, after] = [asItIs, { publish: toPublish }].map(each => proposedShop(shop, shop.versions, each))
            const expected = steppedThrough(
              compareShops(before!, after!, new Set([...sections, offerBlock('tick')]), shop.now()),
              () => undefined,
            )
            expect(effects).toEqual(expected)
            if (expected.pages) effective++
          })
        },
      ),
      { numRuns: 12 },
    )
    expect(effective).toBeGreaterThan(3)
  }, 120_000)

  it('follows what was sold for a release that asks for it, though nothing that is live or drafted does', async () => {
    const sold: FillStep = {
      from: 'rule',
      rule: { when: { all: [] }, pick: { all: [{ sold: { from: 1 } }] } },
      order: 'name',
      subjects: 'page',
      cap: null,
      off: false,
    }
    await withStore({ products: ['A', 'B', 'C'].map(sku => makeProduct(sku, { price: 500, stock: 9 })) }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const steps = [linkStep('related')]
      for (const key of shop.sections.keys()) await log.run({ type: 'changeSection', key, settings: { steps }, seen: {} }, 'one')
      await log.run({ type: 'publish', sections: [...shop.sections.keys()], plans: [] }, 'one')
      const content = forEachSort(sort => [...shop.versions[sort].values()].flatMap(({ live }) => live ?? [])) as unknown as ReleaseContent
      const release = { ...content, sections: content.sections.map(each => (each.key === 'related' ? { ...each, steps: [sold] } : each)) }
      const thread = new CountingThread({ store, shop, log })
      try {
        const known = async () => (await settled(() => thread.effects({ release }))).effects
        const looked = () => {
          const [now, then] = [asItIs, { release }].map(each => proposedShop(shop, shop.versions, each))
          return steppedThrough(compareShops(now!, then!, new Set(), shop.now()), () => undefined)
        }
        const before = looked()
        expect(await known()).toEqual(before)
        const lines = [{ sku: 'C', quantity: 1 }]
        await placeOrder({ store, shop, log }, lines, priceCart(lines, shop, shop.now()).total)
        expect(looked()).not.toEqual(before)
        expect(await known()).toEqual(looked())
      } finally {
        await thread.stop()
      }
    })
  }, 60_000)
})
