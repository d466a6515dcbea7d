import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import type { Bundle } from '../catalogue/bundle'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { priceCart } from '../pricing/priceCart'
import { cartAnswer } from './cartAnswer'
import { productAnswer } from './catalogueAnswer'
import { shownItems } from './shownItems'
import { cartAnswerSchema as cartSchema } from './contract/cart'
import { productAnswerSchema as productSchema } from './contract/catalogue'
import { momentIn } from '../time/moment'

const suit = makeProduct('SUIT', {
  name: { en: 'Suit', de: 'Anzug' },
  price: 11900,
  image: '/suit.svg',
  variants: [
    makeVariant('SUIT-M', { options: { size: 'M' } }),
    makeVariant('SUIT-L', { options: { size: 'L' }, price: 12400, stock: 1, image: '/suit-l.svg' }),
  ],
})
const group = {
  key: 'suit',
  name: { en: 'Suit', de: 'Anzug' },
  quantity: 2,
  products: ['SUIT'],
  options: [{ name: 'size', values: ['M', 'L', 'XL'] }],
  combinations: [
    { values: ['L'], sku: 'SUIT-L' },
    { values: ['M'], sku: 'SUIT-M' },
    { values: ['XL'], sku: null },
  ],
}
const bundles: Record<string, Bundle> = {
  FIXED: {
    type: 'fixed',
    components: [
      { key: 'suit', sku: 'SUIT', quantity: 1 },
      { key: 'tool', sku: 'TOOL', quantity: 2 },
    ],
    price: { by: 'amount', amount: 500 },
    marginFloor: null,
  },
  CHOICE: {
    type: 'choice',
    groups: [group],
    components: [{ key: 'tool', sku: 'TOOL', quantity: 1 }],
    price: { by: 'percent', percent: 10 },
    marginFloor: null,
  },
  ANY: {
    type: 'pickAny',
    set: ['TOOL', 'SUIT'],
    least: 2,
    most: 3,
    repeats: true,
    steps: [
      { count: 3, percent: 15 },
      { count: 2, percent: 10 },
    ],
    marginFloor: null,
  },
  NOTHING: { type: 'fixed', components: [], price: { by: 'sum' }, marginFloor: null },
}
const catalogue = new Catalogue(
  [
    suit,
    makeProduct('TOOL', { name: { en: 'Hive tool' }, price: 990 }),
    ...Object.entries(bundles).map(([sku, bundle]) => makeProduct(sku, { name: { en: 'Harvest day', de: 'Erntetag' }, bundle })),
  ],
  [],
  [],
)
const context = (language: string) => ({
  settings: makeSettings({ languages: ['en', 'de'], productUrl: '/p/{sku}' }),
  language,
  at: momentIn('UTC', 0),
  items: catalogue,
})
const told = (sku: string, language = 'en') =>
  productSchema.parse(JSON.parse(JSON.stringify(productAnswer(catalogue.product(sku)!, catalogue, context(language))))).bundle!

describe('a bundle as a shop gets it', () => {
  it('has its parts with what each can be, and how far the price goes', () => {
    expect(told('FIXED')).toMatchObject({
      type: 'fixed',
      from: { price: 13380, was: 13880 },
      to: { price: 13880, was: 14380 },
      pick: null,
      parts: [
        {
          part: 'suit',
          name: 'Suit',
          quantity: 1,
          options: [{ name: 'size', values: ['M', 'L'] }],
          choices: [
            { sku: 'SUIT-M', values: ['M'], price: 11900, image: '/suit.svg', available: true },
            { sku: 'SUIT-L', image: '/suit-l.svg', url: '/p/SUIT?variant=SUIT-L' },
          ],
        },
        { part: 'tool', name: 'Hive tool', quantity: 2, options: [], choices: [{ sku: 'TOOL', price: 990 }] },
      ],
    })
    expect(told('NOTHING')).toEqual({ type: 'fixed', from: null, to: null, parts: [], pick: null })
  })

  it('has the options of its groups, what is not sold left out and what is not there in the quantity marked', () => {
    const [part] = told('CHOICE', 'de').parts
    expect(part).toMatchObject({ part: 'suit', name: 'Anzug', quantity: 2, options: [{ name: 'size', values: ['M', 'L', 'XL'] }] })
    expect(part!.choices.map(each => [each.sku, each.values, each.name, each.available])).toEqual([
      ['SUIT-M', ['M'], 'Anzug, M', true],
      ['SUIT-L', ['L'], 'Anzug, L', false],
    ])
  })

  it('says nothing of what is drafted, and can’t be bought without it', () => {
    const drafted = (sku: string) => (sku === 'TOOL' || sku === 'SUIT-L' ? 'draft' : 'active')
    const items = shownItems({
      item(sku) {
        const found = catalogue.item(sku)
        if (!found) return undefined
        const { product, variant } = found
        const variants = product.variants.map(each => ({ ...each, status: drafted(each.sku) }) as const)
        const own = variant && variants.find(each => each.sku === variant.sku)!
        return { product: { ...product, status: drafted(product.sku), variants }, variant: own }
      },
    })
    const shown = productAnswer(catalogue.product('FIXED')!, catalogue, { ...context('en'), items }).bundle!
    expect(shown.parts.map(part => [part.name, part.choices.map(each => each.sku)])).toEqual([
      ['Suit', ['SUIT-M']],
      ['', []],
    ])
    expect([shown.from, shown.to]).toEqual([null, null])
    expect(JSON.stringify(shown)).not.toMatch(/TOOL|Hive tool|SUIT-L/)
  })

  it('is named by the products that can be in it, while it is on sale', () => {
    const namesOf = (sku: string) => productAnswer(catalogue.product(sku)!, catalogue, context('en')).inBundles.map(each => each.sku)
    // Variants count for their product; a set without parts is never on sale.
    expect(namesOf('SUIT')).toEqual(['ANY', 'CHOICE', 'FIXED'])
    expect(namesOf('ANY')).toEqual([])
  })

  it('has everything that can be picked, and its reductions in order', () => {
    const { parts, pick, from, to } = told('ANY')
    expect(parts.map(part => [part.part, part.choices.map(each => each.sku)])).toEqual([['pick', ['TOOL', 'SUIT-M', 'SUIT-L']]])
    expect(pick).toEqual({
      least: 2,
      most: 3,
      repeats: true,
      steps: [
        { count: 2, percent: 10 },
        { count: 3, percent: 15 },
      ],
    })
    expect([from, to]).toEqual([
      { price: 1782, was: 1980 },
      { price: 31620, was: 37200 },
    ])
  })
})

it('a priced cart says why it is cheaper, in the shopper’s language', () => {
  const cart = cartAnswer(
    priceCart(
      [
        { sku: 'FIXED', quantity: 1, choices: [{ part: 'suit', sku: 'SUIT-M', quantity: 1 }] },
        { sku: 'CHOICE', quantity: 1, choices: [{ part: 'suit', sku: 'SUIT-M', quantity: 1 }] },
      ],
      { catalogue },
      momentIn('UTC', 0),
    ),
    [],
    context('de'),
  )
  expect(cartSchema.parse(JSON.parse(JSON.stringify(cart)))).toEqual(cart)
  expect(cart.reductions.map(each => each.words)).toEqual(['Erntetag', 'Erntetag: −10 %'])
  expect(cart.currency).toBe('EUR')
})
