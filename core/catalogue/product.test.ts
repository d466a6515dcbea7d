import { describe, expect, it } from 'vitest'
import { Catalogue } from './catalogue'
import type { Product } from './product'
import { imageOf, isForSale, priceOf, productSchema, stockOf, wasOf } from './product'
import { makeProduct, makeVariant } from './makeProduct.testing'
import { momentIn } from '../time/moment'

const noon = momentIn('UTC', Date.parse('2026-05-01T12:00:00Z'))
const glove: Product = makeProduct('GLO', {
  price: 2400,
  image: '/pictures/glove.svg',
  variants: [
    makeVariant('GLO-S', { stock: 3 }),
    makeVariant('GLO-M', { stock: -2, price: 2600, image: '/pictures/glove-m.svg' }),
    makeVariant('GLO-L', { stock: 9, status: 'retired' }),
  ],
})
const [small, medium, large] = glove.variants as [never, never, never]

describe('product', () => {
  it('refuses half a cent, a wrong check digit and an unreal date', () => {
    expect(productSchema.safeParse(glove).success).toBe(true)
    expect(productSchema.safeParse({ ...glove, price: 12.5 }).success).toBe(false)
    expect(productSchema.safeParse({ ...glove, gtin: '6291041500214' }).success).toBe(false)
    expect(productSchema.safeParse({ ...glove, released: '2026-02-30' }).success).toBe(false)
  })
})

describe('isForSale', () => {
  it.each([
    [{}, true],
    [{ status: 'draft' }, false],
    [{ status: 'retired' }, false],
    [{ price: null }, false],
    [{ released: '2026-05-01' }, true],
    [{ released: '2026-05-01T12:00:01Z' }, false],
  ] as const)('%j → %s', (part, expected) => {
    expect(isForSale(makeProduct('A', part), null, noon)).toBe(expected)
  })

  it('asks a variant for its own status', () => {
    expect(isForSale(glove, small, noon)).toBe(true)
    expect(isForSale(glove, large, noon)).toBe(false)
  })
})

describe('what a variant has of its own and what it takes from its product', () => {
  it('counts stock of variants for sale, and none below zero', () => {
    expect(stockOf(glove, null)).toBe(3)
    expect(stockOf(glove, medium)).toBe(0)
  })

  it('takes price and picture from the product when it has none', () => {
    expect([priceOf(glove, small), priceOf(glove, medium)]).toEqual([2400, 2600])
    expect([imageOf(glove, small), imageOf(glove, medium)]).toEqual(['/pictures/glove.svg', '/pictures/glove-m.svg'])
  })
})

describe('Catalogue', () => {
  const catalogue = new Catalogue([glove], [], [])
  it('finds products and variants by SKU, and tells them apart', () => {
    expect(catalogue.item('GLO-M')).toEqual({ product: glove, variant: medium })
    expect(catalogue.product('GLO')).toBe(glove)
    expect(catalogue.product('GLO-M')).toBeUndefined()
    expect(catalogue.item('constructor')).toBeUndefined()
  })
})

describe('wasOf', () => {
  it('is told of a variant only when its price is its product’s', () => {
    const glove = makeProduct('GLO', {
      price: 2000,
      was: 2500,
      variants: [makeVariant('GLO-S'), makeVariant('GLO-L', { price: 2900 }), makeVariant('GLO-M', { price: 2000 })],
    })
    expect([null, ...glove.variants].map(variant => wasOf(glove, variant))).toEqual([2500, 2500, null, 2500])
  })
})
