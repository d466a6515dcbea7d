import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from './makeProduct.testing'
import { sharedTraits, traitsOf } from './traits'

const anyProduct = fc
  .record({
    categories: fc.subarray(['hives', 'tools']),
    brand: fc.constantFrom('Tarn', 'Marrowby', null),
    tags: fc.subarray(['metal', 'winter', 'hives']),
    attributes: fc.constantFrom<Record<string, string[]>>({}, { fits: ['National'] }, { fits: ['Dadant', 'National'], hives: ['metal'] }),
  })
  .map(part => makeProduct('A', part))

describe('sharedTraits', () => {
  it('is what stands in both lists of traits, in the first one’s order', () => {
    fc.assert(
      fc.property(anyProduct, anyProduct, (a, b) => {
        const theirs = traitsOf(b).map(trait => JSON.stringify(trait))
        expect(sharedTraits(a, b)).toEqual(traitsOf(a).filter(trait => theirs.includes(JSON.stringify(trait))))
      }),
    )
  })
  it('tells a tag from a category of the same name', () => {
    expect(sharedTraits(makeProduct('A', { tags: ['hives'] }), makeProduct('B', { categories: ['hives'] }))).toEqual([])
  })
})
