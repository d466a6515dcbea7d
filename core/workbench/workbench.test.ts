import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { allCount } from '../catalogue/neighbours'
import { makeKind } from '../links/makeKind.testing'
import { LinkIndex } from '../links/linkIndex'
import { workbenchProductSchema, productRowSchema, toBenchProduct, toProductRow } from './workbench'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const smoker = makeProduct('SMO', {
  name: { en: 'Smoker', de: 'Rauchbläser' },
  brand: 'Marrowby',
  categories: ['tools'],
  tags: ['metal', 'beginner'],
  attributes: { can: ['100 mm'] },
  price: 4000,
})
const gloves = makeProduct('GLO', {
  name: { en: 'Gloves' },
  categories: ['tools'],
  tags: ['beginner'],
  attributes: { can: ['100 mm'] },
  price: 2400,
  variants: [
    makeVariant('GLO-M', { options: { size: 'M' }, price: 5000, stock: 2 }),
    makeVariant('GLO-L', { options: { size: 'L' }, stock: 0 }),
  ],
})
const links = new LinkIndex()
links.setLane('SMO', 'related', [
  { target: 'GLO', note: 'mild', from: '2026-06-01' },
  { target: 'GLO-M', until: '2026-04-01' },
  { target: 'GONE' },
])
links.setLane('SMO', 'accessory', [{ target: 'GLO-M' }, { target: 'GLO-L' }])
links.setLane('GLO', 'related', [{ target: 'SMO' }])
const kinds = [makeKind('related', { mutual: true }), makeKind('accessory', { expectation: 'cheaper' })]
const shop = {
  catalogue: new Catalogue([smoker, gloves], [{ key: 'tools', name: { en: 'Tools' }, parent: null }], []),
  links,
  kinds: new Map(kinds.map(each => [each.key, each])),
  neighboursOf: () => allCount,
  sold: new Map([['GLO', 12]]),
  settings: makeSettings(),
}

describe('toProductRow', () => {
  it('says what is linked, how often it is a target, and what it shares with the product on the bench', () => {
    const row = toProductRow({ product: gloves, variant: null }, shop, at, smoker)
    expect(productRowSchema.parse(row)).toEqual({
      sku: 'GLO',
      product: 'GLO',
      name: 'Gloves',
      brand: null,
      image: null,
      price: 2400,
      stock: 2,
      status: 'active',
      forSale: true,
      isBundle: false,
      links: { related: 1, accessory: 0 },
      variants: 2,
      timesTarget: 4,
      sold: 12,
      shared: ['Tools', 'can: 100 mm', 'beginner'],
    })
    expect(toProductRow({ product: smoker, variant: null }, shop, at, smoker).shared).toEqual([])
  })

  it('shows a variant with its own facts', () => {
    expect(toProductRow({ product: gloves, variant: gloves.variants[0]! }, shop, at)).toMatchObject({
      sku: 'GLO-M',
      product: 'GLO',
      name: 'Gloves, M',
      price: 5000,
      stock: 2,
      variants: 0,
      timesTarget: 2,
      shared: [],
    })
  })
})

describe('toBenchProduct', () => {
  const { lanes, categories, categoryKeys } = workbenchProductSchema.parse(toBenchProduct({ product: smoker, variant: null }, shop, at))

  it('tells of each link of the shop whether shoppers see it, what it carries, and whether it is returned', () => {
    expect(lanes.related).toEqual([
      {
        target: 'GLO',
        sku: 'GLO',
        name: 'Gloves',
        image: null,
        price: 2400,
        difference: -40,
        stock: 2,
        sold: 12,
        problem: null,
        from: '2026-06-01',
        until: null,
        note: 'mild',
        later: true,
        returned: true,
      },
      {
        target: 'GLO-M',
        sku: 'GLO',
        name: 'Gloves, M',
        image: null,
        price: 5000,
        difference: 25,
        stock: 2,
        sold: 12,
        problem: 'over',
        from: null,
        until: '2026-04-01',
        note: null,
        later: false,
        returned: true,
      },
    ])
    expect(lanes.accessory!.map(row => [row.target, row.problem, row.returned])).toEqual([
      ['GLO-M', 'dearerThanSource', null],
      ['GLO-L', 'outOfStock', null],
    ])
  })

  it('names categories in words and by key', () => {
    expect([categories, categoryKeys]).toEqual([['Tools'], ['tools']])
  })
})
