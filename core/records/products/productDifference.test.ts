import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import type { Product } from '../../catalogue/product'
import { beforeDifference, differenceBetween, isJustStock, turnedRound, withDifference } from './productDifference'

const anyProduct: fc.Arbitrary<Product> = fc
  .record({
    price: fc.constantFrom(null, 100, 200),
    stock: fc.nat(3),
    tags: fc.subarray(['oak', 'gift']),
    attributes: fc.constantFrom<Product['attributes']>({}, { fits: ['National'] }),
    name: fc.constantFrom<Product['name']>({ en: 'Hive' }, { en: 'Hive', de: 'Beute' }),
    variants: fc.uniqueArray(
      fc
        .record({ sku: fc.constantFrom('A-1', 'A-2'), stock: fc.nat(2), price: fc.constantFrom(null, 90) })
        .map(each => makeVariant(each.sku, each)),
      { selector: each => each.sku },
    ),
  })
  .map(part => makeProduct('A', part))
/** As it comes back from where it is kept. */
const kept = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
const skusOf = (product: Product) => product.variants.map(each => each.sku).join()

describe('the difference between two states of a product', () => {
  it('makes the one of the other, and back, and is told only of the same variants in the same order', () => {
    fc.assert(
      fc.property(anyProduct, anyProduct, (before, after) => {
        const difference = differenceBetween(before, after)
        expect(difference === null).toBe(skusOf(before) !== skusOf(after))
        if (!difference) return
        expect(withDifference(before, kept(difference))).toEqual(after)
        expect(withDifference(after, turnedRound(kept(difference)))).toEqual(before)
        expect(beforeDifference(after, kept(difference))).toEqual(before)
      }),
      { numRuns: 500 },
    )
    expect([differenceBetween(null, makeProduct('A')), differenceBetween(makeProduct('A'), null)]).toEqual([null, null])
  })

  it('leaves what others have changed, and is refused where they have changed the same', () => {
    const before = makeProduct('A', { stock: 1, price: 100, variants: [makeVariant('A-1', { stock: 4 })] })
    const difference = differenceBetween(before, { ...before, stock: 9, variants: [makeVariant('A-1', { stock: 5 })] })!
    expect(isJustStock(difference)).toBe(true)
    expect(withDifference({ ...before, price: 50 }, difference)).toMatchObject({ stock: 9, price: 50, variants: [{ stock: 5 }] })
    expect(withDifference({ ...before, stock: 0 }, difference)).toBeNull()
    expect(withDifference({ ...before, variants: [makeVariant('A-1', { stock: 3 })] }, difference)).toBeNull()
    expect(withDifference({ ...before, variants: [] }, difference)).toBeNull()
    expect(isJustStock(differenceBetween(before, { ...before, price: 1 })!)).toBe(false)
  })
})
