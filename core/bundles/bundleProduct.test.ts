import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Product } from '../catalogue/product'
import { isForSale, stockOf } from '../catalogue/product'
import type { Bundle } from '../catalogue/bundle'
import { bundleAsProduct } from './bundleProduct'
import { momentIn } from '../time/moment'

const parts = [
  makeProduct('SMOKER', { price: 3400, cost: 2000, stock: 7, image: '/pictures/smoker.svg', released: '2026-01-01' }),
  makeProduct('TOOL', { price: 990, cost: 400, stock: 5, image: '/pictures/tool.svg' }),
  makeProduct('SUIT', {
    price: 11900,
    image: '/pictures/suit.svg',
    variants: [makeVariant('SUIT-M', { stock: 2 }), makeVariant('SUIT-XL', { price: 12400, stock: 0 })],
  }),
]
const fixed = (
  components: [string, number][],
  price: Extract<Bundle, { type: 'fixed' }>['price'] = { by: 'percent', percent: 10 },
): Bundle => ({
  type: 'fixed',
  components: components.map(([sku, quantity], i) => ({ key: `c${i}`, sku, quantity })),
  price,
  marginFloor: null,
})
const sold = (bundle: Bundle, part: Partial<Product> = {}, products = parts) => {
  const product = makeProduct('SET', { price: null, stock: 0, image: null, bundle, ...part })
  return bundleAsProduct(product, new Catalogue([...products, product], [], []))
}

describe('bundleAsProduct', () => {
  it('has the price, former price, cost and stock that follow from its parts', () => {
    expect(
      sold(
        fixed([
          ['SMOKER', 1],
          ['TOOL', 2],
        ]),
      ),
    ).toMatchObject({ price: 4842, was: 5380, cost: 2800, stock: 2, released: '2026-01-01' })
    expect(sold(fixed([['SMOKER', 1]], { by: 'sum' }))).toMatchObject({ price: 3400, was: null })
    expect(sold(fixed([['SMOKER', 1]], { by: 'own', price: 4000 }))).toMatchObject({ price: 4000, was: null })
  })

  it('has the price of its cheapest choice, and the stock of the one there is most of', () => {
    expect(sold(fixed([['SUIT', 1]], { by: 'sum' }))).toMatchObject({ price: 11900, cost: null, stock: 2 })
  })

  it('can’t be sold without parts, with one that is retired, unknown, or itself a bundle', () => {
    const retired = [...parts, makeProduct('OLD', { status: 'retired' }), makeProduct('INNER', { bundle: fixed([['TOOL', 1]]) })]
    for (const components of [
      [],
      [['OLD', 1]],
      [['GONE', 1]],
      [['INNER', 1]],
      [
        ['TOOL', 1],
        ['INNER', 1],
      ],
    ] as [string, number][][]) {
      const product = sold(fixed(components), {}, retired)
      expect(isForSale(product, null, momentIn('UTC', Date.parse('2026-05-01')))).toBe(false)
      expect(stockOf(product, null)).toBe(0)
    }
  })

  it('is released with its last part', () => {
    expect(
      sold(
        fixed([
          ['SMOKER', 1],
          ['TOOL', 1],
        ]),
        { released: '2025-01-01' },
      ).released,
    ).toBe('2026-01-01')
    expect(sold(fixed([['TOOL', 1]]), { released: '2025-01-01' }).released).toBe('2025-01-01')
    expect(sold(fixed([['TOOL', 1]])).released).toBeNull()
  })

  it('has a picture made of those of its parts, unless it has its own', () => {
    expect(
      sold(
        fixed([
          ['SMOKER', 1],
          ['TOOL', 2],
        ]),
      ).image,
    ).toBe('/pictures/composed?of=%2Fpictures%2Fsmoker.svg&of=%2Fpictures%2Ftool.svg')
    expect(sold(fixed([['SUIT', 1]])).image).toBe('/pictures/suit.svg')
    expect(
      sold(
        fixed([
          ['SMOKER', 1],
          ['TOOL', 2],
        ]),
        { image: '/pictures/set.svg' },
      ).image,
    ).toBe('/pictures/set.svg')
    expect(sold(fixed([])).image).toBeNull()
  })

  it('leaves other products as they are', () => {
    expect(bundleAsProduct(parts[0]!, new Catalogue(parts, [], []))).toBe(parts[0])
  })
})
