import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Article, Category } from '../../core/catalogue/catalogue'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Product } from '../../core/catalogue/product'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import { builtInPlans } from '../../core/pagePlans/builtInPlans'
import type { Change, RecordName } from '../../core/records/registry'
import { productOf } from '../../core/selection/anyShop.testing'
import { makeSection } from '../../core/sections/makeSection.testing'
import type { JournalEntry, JournalState } from './journal'
import type { OrderRow } from './orders'
import type { ShopContents, Store } from './port'

/*
 * What every database behind the port must do (port.ts), whatever it is made of.
 */

/** Opens an empty database for one test, and again as another process would. */
export type WithEmptyStore = (work: (store: Store, another: () => Promise<Store>) => Promise<void>) => Promise<void>

const settings = {
  name: 'Test',
  currency: 'EUR',
  language: 'en',
  languages: ['en', 'de'],
  productUrl: '/p/{sku}',
  timeZone: 'Europe/Berlin',
}
const categories: Category[] = [
  { key: 'frames', name: { en: 'Frames' }, parent: 'hives' },
  { key: 'hives', name: { en: 'Hives', de: 'Beuten' }, parent: null },
  { key: 'tools', name: { en: 'Tools' }, parent: null },
]
const skus = ['A', 'B', 'C', 'D']
const contentsWith = (part: Partial<ShopContents> = {}): ShopContents => ({
  settings,
  categories,
  products: skus.map(sku => makeProduct(sku)),
  articles: [],
  orders: [],
  ...part,
})
const known = new Set(categories.map(each => each.key))
const anyProducts: fc.Arbitrary<Product[]> = fc
  .tuple(...skus.map(sku => productOf(sku)))
  .map(all =>
    all.map(each => ({ ...each, categories: each.categories.filter(key => known.has(key)), description: { de: `Zu ${each.sku}` } })),
  )

async function allOf<T>(all: AsyncIterable<T>): Promise<T[]> {
  const list: T[] = []
  for await (const each of all) list.push(each)
  return list
}
const thingsOf = async (store: Pick<Store, 'things'>, of: RecordName) => allOf(store.things(of, sku => sku))
const numberOf = async (store: Store, sku: string) => (await store.productNumbers([sku]))[0]!.number
const entryOf = (part: Partial<JournalEntry> = {}): Omit<JournalEntry, 'id'> => ({
  at: '2026-05-01T10:00:00Z',
  editor: 'one',
  type: 'undo',
  command: { entry: 1 },
  words: 'Something',
  state: 'done',
  ...part,
})
const linkChange = (source: string, kind: string, targets: readonly string[]): Change => ({
  of: 'links',
  owner: source,
  key: kind,
  before: [],
  after: targets.map(target => ({ target })),
})

/** Holds a database to the port. */
export function describeStore(name: string, withEmptyStore: WithEmptyStore): void {
  const withStore = (contents: Partial<ShopContents>, work: (store: Store, another: () => Promise<Store>) => Promise<void>) =>
    withEmptyStore(async (store, another) => {
      await store.fill(contentsWith(contents))
      await work(store, another)
    })

  describe(`${name}, as a store`, () => {
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
        ['offer', '', 'o1', [makeOffer('o1')]],
        ['offer', '', 'o2', [makeOffer('o2'), null]],
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

    it('keeps what entries changed, in its order, and names the first later one that changed the same', async () => {
      const many = Array.from({ length: 450 }, (_, i) => linkChange(skus[i % 4]!, `kind-${i}`, ['A']))
      await withStore({}, async store => {
        const [first, second, third] = await store.write(async writer => [
          await writer.addEntry(entryOf({ words: 'Many' }), many),
          await writer.addEntry(entryOf(), [linkChange('A', 'other', [])]),
          await writer.addEntry(entryOf({ words: 'Again' }), [many[7]!]),
        ])
        expect(await store.changesOf(first!)).toEqual(many)
        expect(await store.entry(first!)).toEqual({ id: first, ...entryOf({ words: 'Many' }) })
        expect(await store.entry(999)).toBeNull()
        expect(await store.laterEntry(first!, many[7]!)).toMatchObject({ id: third, words: 'Again' })
        expect([await store.laterEntry(first!, many[8]!), await store.laterEntry(third!, many[7]!)]).toEqual([null, null])
        expect((await store.history(null, third!, 10)).map(({ id, lanes }) => [id, lanes])).toEqual([
          [second, 1],
          [first, 450],
        ])
        expect((await store.history(['D', 'B'], 1e9, 1)).map(each => each.id)).toEqual([third])
        expect(await store.history(['none'], 1e9, 10)).toEqual([])
      })
    })

    it('knows what an editor can undo and redo, as a plain list of entries does', async () => {
      const step = fc.record({
        editor: fc.constantFrom('one', 'two'),
        does: fc.constantFrom('add' as const, 'add' as const, 'undo' as const, 'redo' as const, 'step' as const),
      })
      await fc.assert(
        fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 15 }), async steps =>
          withStore({}, async store => {
            const entries: { id: number; editor: string; type: string; state: JournalState }[] = []
            const next = (editor: string, state: 'done' | 'undone') => {
              const all = entries.filter(each => each.editor === editor && each.state === state && each.type === 'link')
              return (state === 'done' ? all.at(-1) : all[0]) ?? null
            }
            for (const { editor, does } of steps) {
              const about = does === 'undo' || does === 'redo' ? next(editor, does === 'undo' ? 'done' : 'undone') : null
              await store.write(async writer => {
                if (about) await writer.setState(about.id, (about.state = does === 'undo' ? 'undone' : 'done'))
                if (does !== 'add' && does !== 'step') return
                // What is itself a step back is never undone again.
                const type = does === 'add' ? ('link' as const) : ('undo' as const)
                if (does === 'add') {
                  await writer.dropUndone(editor)
                  for (const each of entries) if (each.editor === editor && each.state === 'undone') each.state = 'dropped'
                }
                entries.push({ id: await writer.addEntry(entryOf({ editor, type }), []), editor, type, state: 'done' })
              })
              for (const each of ['one', 'two']) {
                for (const state of ['done', 'undone'] as const)
                  expect((await store.nextEntry(each, state))?.id ?? null).toBe(next(each, state)?.id ?? null)
              }
            }
          }),
        ),
        { numRuns: 12 },
      )
    }, 60_000)

    it('keeps every write in one log, each with the number after the one before, and hands it out from any of them on', async () => {
      await withStore({}, async (store, another) => {
        expect(await store.lastWrite()).toBe(0)
        const write = { at: '2026-05-01T10:00:00Z', type: 'link', words: 'Linked', editor: 'one' }
        const sold: Change = { of: 'sold', owner: 'A', key: '', before: 1, after: 2 }
        const numbers = await store.write(async writer => {
          const entry = await writer.addEntry(entryOf(), [linkChange('A', 'related', ['B'])])
          return [
            await writer.appendWrite({ ...write, entry, changes: [linkChange('A', 'related', ['B'])] }),
            await writer.appendWrite({ ...write, type: 'beside', entry: null, changes: [sold] }),
          ]
        })
        const other = await another()
        numbers.push(await other.write(writer => writer.appendWrite({ ...write, entry: null, changes: [] })))
        expect(numbers).toEqual([1, 2, 3])
        expect([await store.lastWrite(), await other.lastWrite()]).toEqual([3, 3])
        for (const after of [0, 1, 2, 3])
          expect((await allOf(store.writesAfter(after))).map(each => each.number)).toEqual(numbers.slice(after))
        expect((await allOf(other.writesAfter(0))).map(each => each.changes)).toEqual([[linkChange('A', 'related', ['B'])], [sold], []])
      })
    })

    it('keeps releases; the first has what was live before it ahead of it', async () => {
      await withStore({}, async store => {
        const [before, first, second] = [4, 5, 6].map(places => ({
          sections: [makeSection('s1', { places })],
          plans: builtInPlans,
          looks: [],
        }))
        const head = { at: '2026-05-01T10:00:00Z', note: 'Ours', words: 'Published' }
        await store.write(writer => writer.addRelease(head, first!, before!))
        await store.write(writer => writer.addRelease({ ...head, note: '' }, second!, first!))
        expect((await store.releases(9)).map(({ number, note }) => [number, note])).toEqual([
          [3, ''],
          [2, 'Ours'],
          [1, ''],
        ])
        expect(await store.releases(1)).toHaveLength(1)
        for (const [i, content] of [before, first, second].entries()) expect(await store.release(i + 1)).toMatchObject(content!)
        expect(await store.release(4)).toBeNull()
      })
    })

    it('adds orders to those of the shop’s past, and up what was sold', async () => {
      const past = {
        number: '1',
        placed: '2026-01-01T00:00:00Z',
        lines: [
          { sku: 'A', quantity: 2, unitPrice: 500 },
          { sku: 'B', quantity: 1, unitPrice: 700 },
        ],
      }
      await withStore({ orders: [past] }, async store => {
        const row = (sku: string, quantity: number, behind: number | null = null): OrderRow => ({
          sku,
          quantity,
          unitPrice: 100,
          total: quantity * 100,
          behind,
        })
        const numbers = await store.write(async writer => [
          await writer.addOrder('2026-05-01T10:00:00Z', [row('A', 1), row('D', 3), row('B', 6, 1), row('C', 3, 2)]),
          await writer.addOrder('2026-05-02T10:00:00Z', [row('D', 1), row('B', 2, 1)]),
        ])
        expect(new Set([past.number, ...numbers]).size).toBe(3)
        expect(await store.unitsSold()).toEqual(
          new Map([
            ['A', 3],
            ['B', 9],
            ['C', 3],
            ['D', 4],
          ]),
        )
        const { total, lines } = await store.ordersWith('D', 9)
        expect([
          total,
          lines.map(({ number, placed, quantity, components }) => [
            number,
            placed,
            quantity,
            components.map(each => [each.sku, each.quantity]),
          ]),
        ]).toEqual([
          2,
          [
            [numbers[1], '2026-05-02T10:00:00Z', 1, [['B', 2]]],
            [
              numbers[0],
              '2026-05-01T10:00:00Z',
              3,
              [
                ['B', 6],
                ['C', 3],
              ],
            ],
          ],
        ])
        expect(await store.ordersWith('B', 1)).toMatchObject({ total: 1, lines: [{ number: '1', components: [] }] })
        expect((await store.ordersWith('D', 1)).lines).toHaveLength(1)
      })
    })

    it('finds what a plain comparison of word beginnings finds, whatever the case and the accents', async () => {
      const vocabulary = ['Bee', 'Beeswax', 'Käfig', 'kafka', 'Smoker', 'smoke', '10', '100', 'Ångström', 'queen']
      const folded = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
      const names = fc.array(fc.constantFrom(...vocabulary), { minLength: 1, maxLength: 4 }).map(words => words.join(' '))
      const beginning = fc
        .constantFrom(...vocabulary)
        .chain(word => fc.integer({ min: 1, max: word.length }).map(length => word.slice(0, length)))
      const asked = fc.array(beginning, { minLength: 1, maxLength: 3 })
      await fc.assert(
        fc.asyncProperty(
          fc.array(names, { minLength: 1, maxLength: 12 }),
          fc.array(asked, { minLength: 1, maxLength: 6 }),
          async (titles, searches) => {
            await withStore({ products: titles.map((title, i) => makeProduct(`x${i}`, { name: { en: title } })) }, async store => {
              const numbers = (await store.productNumbers()).map(each => each.number)
              for (const words of searches) {
                const found = (title: string, i: number) =>
                  words.every(word => `${title} x${i}`.split(' ').some(each => folded(each).startsWith(folded(word))))
                const expected = titles.flatMap((title, i) => (found(title, i) ? numbers[i]! : []))
                expect((await store.search(words.join(' ')))!.numbers.toSorted((a, b) => a - b)).toEqual(expected)
              }
            })
          },
        ),
        { numRuns: 25 },
      )
    }, 60_000)

    it('takes anything that can be typed for words, and never for an operator', async () => {
      await withStore({ products: [makeProduct('A-1', { name: { en: 'AND' }, tags: ['OR'], brand: 'NOT' })] }, async store => {
        const number = await numberOf(store, 'A-1')
        expect(await store.search(' "*- ')).toBeNull()
        const found = await Promise.all(['and or not', 'NEAR(a b)', 'a-1'].map(async words => (await store.search(words))!.numbers))
        expect(found).toEqual([[number], [], [number]])
        await fc.assert(
          fc.asyncProperty(fc.oneof(fc.string(), fc.string({ unit: 'grapheme' })), async words => {
            expect([null, [], [number]]).toContainEqual((await store.search(words))?.numbers ?? null)
          }),
        )
      })
    }, 60_000)
  })
}
