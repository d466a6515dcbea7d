import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Article } from '../../../core/catalogue/catalogue'
import { makeProduct, makeVariant } from '../../../core/catalogue/makeProduct.testing'
import { makeOffer } from '../../../core/offers/makeOffer.testing'
import { builtInPlans } from '../../../core/pagePlans/builtInPlans'
import type { Change, RecordName } from '../../../core/records/registry'
import { makeSection } from '../../../core/sections/makeSection.testing'
import type { WithShop, WithEmptyStore } from './sample.testing'
import { settings, categories, skus, contentsWith, anyProducts, allOf, thingsOf, numberOf, linkChange } from './sample.testing'

/** What is in the shop: products, categories, the things of every sort of record. */
export function describeContents(withStore: WithShop, withEmptyStore: WithEmptyStore): void {
  describe('keeps what is in the shop', () => {
    it('keeps a shop as it was given, for another process too', async () => {
      const article: Article = { key: 'spring', title: { en: 'Spring' }, body: { en: 'Long.' }, image: null, products: ['C', 'A'] }
      await fc.assert(
        fc.asyncProperty(anyProducts, async products =>
          withStore({ products, articles: [article] }, async (store, another) => {
            for (const each of [store, await another()]) {
              expect([await each.settings(), await each.categories(), await each.articles()]).toEqual([settings, categories, [article]])
              const stored = await allOf(each.products(2))
              expect(stored.map(({ product }) => product)).toEqual(products)
              expect(await each.productNumbers()).toEqual(stored.map(({ number, product: { sku } }) => ({ number, sku })))
              expect(stored.every(({ number }, i) => !i || number > stored[i - 1]!.number)).toBe(true)
              expect(await each.productsBySku(['B', 'none', 'A'])).toEqual(
                new Map([
                  ['A', products[0]!],
                  ['B', products[1]!],
                ]),
              )
              expect(await each.descriptions(['B', 'none', 'B'])).toEqual(new Map([['B', { de: 'Zu B' }]]))
              expect(await each.textLanguages()).toEqual(['de', 'en'])
            }
          }),
        ),
        { numRuns: 10 },
      )
    }, 60_000)

    it('takes no shop that is not valid, and nothing of it', async () => {
      await withEmptyStore(async store => {
        await expect(store.fill(contentsWith({ products: [makeProduct('A'), makeProduct('B', { price: -1 })] }))).rejects.toThrow()
        expect(await allOf(store.products())).toEqual([])
        await store.fill(contentsWith())
        expect(await allOf(store.products())).toHaveLength(skus.length)
      })
    })

    it('writes all of a write or nothing, one after the other; within one, it is as it has left it so far', async () => {
      await withStore({}, async (store, another) => {
        const other = await another()
        const failed = store.write(async writer => {
          await writer.writeChanges([linkChange('A', 'related', ['B'])], 'en')
          expect(await thingsOf(writer, 'links')).toEqual([{ owner: 'A', key: 'related', value: [{ target: 'B' }] }])
          throw new Error('halfway')
        })
        await expect(failed).rejects.toThrow('halfway')
        expect(await thingsOf(store, 'links')).toEqual([])
        // Each adds a link to what it finds: had two found the same, one would be lost.
        const adding = ['B', 'C', 'D'].flatMap((target, i) =>
          (i % 2 ? other : store).write(async writer => {
            const [lane] = (await thingsOf(writer, 'links')) as { value: { target: string }[] }[]
            await writer.writeChanges([linkChange('A', 'related', [...(lane?.value ?? []).map(each => each.target), target])], 'en')
          }),
        )
        await Promise.all(adding)
        const [lane] = (await thingsOf(other, 'links')) as { value: { target: string }[] }[]
        expect(lane!.value.map(each => each.target).sort()).toEqual(['B', 'C', 'D'])
      })
    })

    it('keeps products as they are changed, new ones with the next number, and takes them away with what hangs on them', async () => {
      await fc.assert(
        fc.asyncProperty(anyProducts, async after =>
          withStore({ products: skus.slice(0, 3).map(sku => makeProduct(sku, { variants: [makeVariant(`${sku}-9`)] })) }, async store => {
            const changes = after.map((product): Change => ({ of: 'product', owner: product.sku, key: '', before: null, after: product }))
            await store.write(writer => writer.writeChanges(changes, 'en'))
            expect((await allOf(store.products())).map(({ product }) => product)).toEqual(after)
            const last = Math.max(...(await store.productNumbers(['A', 'B', 'C'])).map(each => each.number))
            expect(await numberOf(store, 'D')).toBeGreaterThan(last)
            await store.write(writer =>
              writer.writeChanges(
                [linkChange('A', 'related', ['C']), { of: 'product', owner: 'A', key: '', before: after[0]!, after: null }],
                'en',
              ),
            )
            expect((await store.productNumbers()).map(each => each.sku)).toEqual(['B', 'C', 'D'])
            expect(await thingsOf(store, 'links')).toEqual([])
          }),
        ),
        { numRuns: 10 },
      )
    }, 60_000)

    it('keeps the things of every sort of record as their last change left them', async () => {
      const lane = (...targets: string[]) => targets.map(target => ({ target }))
      const versions = <T>(live: T, draft: T = live) => ({ live, draft })
      const section = makeSection('s1')
      /** Of each sort of record: things, and each with the values that it has one after the other; null is none. */
      const lives: [of: RecordName, source: string, kind: string, values: unknown[]][] = [
        ['links', 'A', 'related', [lane('B', 'C'), [{ target: 'C', from: '2026-01-01', note: 'Ours' }]]],
        ['links', 'A', 'upsell', [lane('D'), []]],
        ['dismissed', 'B', 'related', [lane('C', 'A')]],
        ['pageLinks', 'category:tools', 'related-categories', [lane('hives'), lane('frames', 'hives')]],
        [
          'neighbours',
          'A',
          '',
          [
            { ignored: [{ of: 'tag', name: 'x' }], leaveOut: ['tools'] },
            { ignored: [], leaveOut: ['hives'] },
          ],
        ],
        ['switchedOff', 'A', 's1', [true]],
        ['switchedOff', 'B', 's1', [true, false]],
        ['putAside', 'A', 'notLinkedTo A', ['later', 'on purpose']],
        ['putAside', 'B', 'notLinkedTo B', ['later', null]],
        ['section', '', 's1', [versions(null, section), versions(section, { ...section, places: 9 })]],
        ['section', '', 's2', [versions(section), null]],
        ['plan', '', builtInPlans[0]!.key, [versions(builtInPlans[0])]],
        ['brandMark', '', 'Alder', ['a.svg', 'b.svg']],
        ['brandMark', '', 'Birch', ['b.svg', null]],
        ['offer', '', 'o1', [{ live: makeOffer('o1'), draft: makeOffer('o1', { limit: 2 }) }]],
        ['offer', '', 'o2', [{ live: null, draft: makeOffer('o2') }, null]],
        ['setting', '', 'timeZone', ['Asia/Tokyo']],
      ]
      const isGone = (value: unknown) => value === null || value === false || (Array.isArray(value) && !value.length)
      await withStore({}, async (store, another) => {
        for (let round = 0; round < 2; round++) {
          const changes = lives.flatMap(([of, source, kind, values]) =>
            round < values.length
              ? ({ of, owner: source, key: kind, before: values[round - 1] ?? null, after: values[round] } as Change)
              : [],
          )
          await store.write(writer => writer.writeChanges(changes, 'en'))
          for (const of of new Set(lives.map(each => each[0]))) {
            const expected = lives
              .filter(each => each[0] === of)
              .flatMap(([, source, kind, values]) => {
                const value = values[Math.min(round, values.length - 1)]
                return isGone(value) ? [] : { owner: source, key: kind, value }
              })
            for (const each of [store, await another()])
              expect([of, await thingsOf(each, of)]).toEqual([of, expect.toSatisfy((found: unknown[]) => found.length === expected.length)])
            expect([of, await thingsOf(store, of)]).toEqual([of, expect.arrayContaining(expected)])
          }
        }
        expect(await store.sourcesLinkingTo('C', 'related')).toEqual(['A'])
        expect(await store.sourcesLinkingTo('C', 'upsell')).toEqual([])
      })
    })

    it('gives one text for each SKU that links name', async () => {
      await withStore({ products: [makeProduct('A'), makeProduct('B', { variants: [makeVariant('B-1')] })] }, async store => {
        await store.write(writer => writer.writeChanges([linkChange('A', 'related', ['B', 'B-1'])], 'en'))
        const asked: string[] = []
        const things = await allOf(store.things('links', sku => (asked.push(sku) ? sku.toLowerCase() : sku)))
        expect(things).toEqual([{ owner: 'a', key: 'related', value: [{ target: 'b' }, { target: 'b-1' }] }])
        expect(new Set(asked)).toEqual(new Set(['A', 'B', 'B-1']))
      })
    })
  })
}
