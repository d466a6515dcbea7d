import { describe, expect, it } from 'vitest'
import { Catalogue } from './catalogue'
import { makeProduct, makeVariant } from './makeProduct.testing'
import { hasSameVariants } from './product'

const gloves = makeProduct('GLO', { variants: [makeVariant('GLO-M'), makeVariant('GLO-L')] })
const categories = [
  { key: 'wear', name: {}, parent: null },
  { key: 'gloves', name: {}, parent: 'wear' },
  { key: 'long', name: {}, parent: 'gloves' },
  { key: 'books', name: {}, parent: null },
]

describe('the catalogue', () => {
  it('finds products and variants by SKU, and takes a variant’s SKU for no product', () => {
    const catalogue = new Catalogue([gloves], [], [])
    expect(catalogue.item('GLO-M')).toEqual({ product: gloves, variant: gloves.variants[0] })
    expect([catalogue.product('GLO'), catalogue.product('GLO-M'), catalogue.item('GONE')]).toEqual([gloves, undefined, undefined])
  })

  it('knows a category with all below it, again and again, and nothing of an unknown one', () => {
    const catalogue = new Catalogue([], categories, [])
    for (let i = 0; i < 2; i++) {
      expect([...catalogue.categoriesFrom('wear')]).toEqual(['wear', 'gloves', 'long'])
      expect([...catalogue.categoriesFrom('long')]).toEqual(['long'])
      expect([...catalogue.categoriesFrom('gone')]).toEqual([])
    }
  })

  it('knows the way down to a category, and does not run in circles', () => {
    const catalogue = new Catalogue(
      [],
      [
        ...categories,
        ...[
          ['one', 'two'],
          ['two', 'one'],
        ].map(([key, parent]) => ({ key: key!, parent: parent!, name: {} })),
      ],
      [],
    )
    for (let i = 0; i < 2; i++) {
      expect(catalogue.categoryPath('long')).toEqual(['wear', 'gloves', 'long'])
      expect(catalogue.categoryPath('wear')).toEqual(['wear'])
      expect(catalogue.categoryPath('gone')).toEqual([])
      expect(catalogue.categoryPath('one')).toEqual(['two', 'one'])
    }
  })

  it('forgets the variants of a product that is replaced, and takes a new one at the end', () => {
    const catalogue = new Catalogue([gloves, makeProduct('SMO')], [], [])
    const fewer = { ...gloves, variants: [gloves.variants[0]!] }
    catalogue.put([{ position: 0, product: fewer }])
    catalogue.put([{ position: 2, product: makeProduct('NEW') }])
    expect(catalogue.products.map(each => each.sku)).toEqual(['GLO', 'SMO', 'NEW'])
    expect([catalogue.item('GLO-M')?.product, catalogue.item('GLO-L'), catalogue.product('NEW')?.sku]).toEqual([fewer, undefined, 'NEW'])
  })
})

describe('a variant that has become another product’s', () => {
  it('stays with that one, whichever of the two is taken over first', () => {
    const variants = [makeVariant('V')]
    for (const order of [
      [0, 1],
      [1, 0],
    ]) {
      const catalogue = new Catalogue([makeProduct('A', { variants }), makeProduct('B')], [], [])
      const after = [makeProduct('A'), makeProduct('B', { variants })]
      for (const position of order) catalogue.put([{ position, product: after[position]! }])
      expect(catalogue.item('V')?.product.sku).toBe('B')
    }
  })
})

describe('the variants of a product', () => {
  it.each([
    [['A', 'B'], ['B', 'A'], true],
    [['A'], ['A', 'B'], false],
    [['A', 'B'], ['A', 'C'], false],
    [[], [], true],
  ])('%j and %j are the same: %s', (before, after, same) => {
    const product = (skus: string[]) => makeProduct('P', { variants: skus.map(sku => makeVariant(sku)) })
    expect(hasSameVariants(product(before), product(after))).toBe(same)
  })
})
