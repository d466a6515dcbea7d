import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../../core/catalogue/makeProduct.testing'
import { withDatabase } from '../temporaryStore.testing'
import { matchWords } from './productSearch'

const vocabulary = ['Bee', 'Beeswax', 'Käfig', 'kafka', 'Smoker', 'smoke', '10', '100', 'Ångström', 'queen']
const folded = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

describe('matchWords', () => {
  it('finds what a plain comparison of word beginnings finds, whatever the case and the accents', async () => {
    const names = fc.array(fc.constantFrom(...vocabulary), { minLength: 1, maxLength: 4 }).map(words => words.join(' '))
    const asked = fc.array(fc.constantFrom(...vocabulary).chain(word => fc.integer({ min: 1, max: word.length }).map(length => word.slice(0, length))), { minLength: 1, maxLength: 3 })
    await fc.assert(fc.asyncProperty(fc.array(names, { minLength: 1, maxLength: 12 }), fc.array(asked, { minLength: 1, maxLength: 6 }), async (titles, searches) => {
      await withDatabase({ products: titles.map((title, i) => makeProduct(`x${i}`, { name: { en: title } })) }, async (db) => {
        for (const words of searches) {
          const expected = titles.flatMap((title, i) =>
            words.every(word => `${title} x${i}`.split(' ').some(each => folded(each).startsWith(folded(word)))) ? [i + 1] : [])
          const found = await matchWords(db, words.join(' '))
          expect(found!.ids.toSorted((a, b) => a - b)).toEqual(expected)
        }
      })
    }), { numRuns: 25 })
  }, 60_000)

  it('takes anything that can be typed, and never as an operator', async () => {
    await withDatabase({ products: [makeProduct('A-1', { name: { en: 'AND' }, tags: ['OR'], brand: 'NOT' })] }, async (db) => {
      expect(await matchWords(db, ' "*- ')).toBeNull()
      expect((await matchWords(db, 'and or not'))!.ids).toEqual([1])
      expect((await matchWords(db, 'NEAR(a b)'))!.ids).toEqual([])
      expect((await matchWords(db, 'a-1'))!.ids).toEqual([1])
      await fc.assert(fc.asyncProperty(fc.oneof(fc.string(), fc.string({ unit: 'grapheme' })), async (words) => {
        expect([null, [], [1]]).toContainEqual((await matchWords(db, words))?.ids ?? null)
      }))
    })
  }, 60_000)
})
