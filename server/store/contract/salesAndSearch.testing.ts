import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../../core/catalogue/makeProduct.testing'
import { builtInPlans } from '../../../core/pagePlans/builtInPlans'
import { makeSection } from '../../../core/sections/makeSection.testing'
import type { OrderRow, OrdersSought } from '../orders'
import type { WithShop } from './sample.testing'
import { numberOf } from './sample.testing'

/** Releases, orders, and finding products by words. */
export function describeSalesAndSearch(withStore: WithShop): void {
  describe('keeps releases and orders, and finds products', () => {
    it('keeps releases; the first has what was live before it ahead of it', async () => {
      await withStore({}, async store => {
        const [before, first, second] = [4, 5, 6].map(places => ({
          sections: [makeSection('s1', { places })],
          plans: builtInPlans,
          looks: [],
          offers: [],
          bundles: [],
        }))
        const head = { at: '2026-05-01T10:00:00Z', note: 'Ours', words: 'Published', editor: 'one' }
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

    it('knows orders by their keys for thirty days', async () => {
      await withStore({}, async store => {
        const keep = (key: string, placed: string, number: number) =>
          store.write(writer => writer.keepOrderKey(key, placed, { asked: `asked ${number}`, answer: { number } }))
        await keep('one', '2026-05-01T10:00:00.000Z', 1)
        await keep('two', '2026-05-31T10:00:00.000Z', 2)
        expect(await store.write(writer => writer.orderOfKey('one'))).toEqual({ asked: 'asked 1', answer: { number: 1 } })
        await expect(keep('one', '2026-05-31T10:00:00.000Z', 3)).rejects.toThrow()
        await keep('three', '2026-05-31T10:00:00.001Z', 3)
        const found = ['one', 'two', 'three', 'four'].map(key => store.write(writer => writer.orderOfKey(key)))
        expect((await Promise.all(found)).map(each => each?.asked)).toEqual([undefined, 'asked 2', 'asked 3', undefined])
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
          chosen: behind ? 'Size: L' : null,
          reductions: sku === 'A' ? [{ code: 'offer', key: 'tick', amount: 50 }] : [],
          origin: sku === 'A' ? 'section:related' : null,
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

        const any = { words: '', from: null, before: null, with: 'any' } as const
        const found = async (sought: Partial<OrdersSought> = {}, offset = 0, limit = 9) => {
          const { total, orders } = await store.orders({ ...any, ...sought }, offset, limit)
          return [total, ...orders.map(each => each.number)]
        }
        const [first, second] = numbers
        expect(await found()).toEqual([3, second, first, past.number])
        expect(await found({}, 1, 1)).toEqual([3, first])
        expect(await found({ words: 'stand' })).toEqual([2, second, first])
        expect(await found({ words: 'C' })).toEqual([1, first])
        expect(await found({ words: 'nothing' })).toEqual([0])
        expect(await found({ from: '2026-05-01T10:00:00Z', before: '2026-05-02T10:00:00Z' })).toEqual([1, first])
        expect(await found({ with: 'bundle' })).toEqual([2, second, first])
        expect(await found({ with: 'offer' })).toEqual([1, first])
        expect((await store.orders({ ...any, words: first! }, 0, 9)).orders).toEqual([
          { number: first, placed: '2026-05-01T10:00:00Z', lines: 2, units: 4, total: 400, hasBundle: true, hasOffer: true },
        ])
        expect(await store.order('none')).toBeNull()
        const kept = await store.order(first!)
        expect(kept!.lines.map(each => [each.line, each.sku, each.within, each.chosen, each.reductions, each.origin])).toEqual([
          [1, 'A', null, null, [{ code: 'offer', key: 'tick', amount: 50 }], 'section:related'],
          [2, 'D', null, null, [], null],
          [3, 'B', 2, 'Size: L', [], null],
          [4, 'C', 2, 'Size: L', [], null],
        ])
        const all = []
        for await (const { number, line } of store.orderLines()) all.push(`${number} ${line}`)
        expect(all).toEqual(['1 1', '1 2', ...[1, 2, 3, 4].map(line => `${first} ${line}`), `${second} 1`, `${second} 2`])
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
