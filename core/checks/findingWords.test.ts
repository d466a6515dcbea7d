import { describe, expect, it } from 'vitest'
import type { Bundle } from '../catalogue/bundle'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { makeKind } from '../links/makeKind.testing'
import { completed } from '../steps'
import type { Check } from './check'
import { isBundleCheck, productChecks } from './check'
import { FindingBook } from './findingBook'
import type { FindingShop } from './findingWords'
import { findingWords, sectionFindingWords } from './findingWords'
import { momentIn } from '../time/moment'

const products = [
  makeProduct('S', { price: 2000 }),
  makeProduct('CHEAP', { price: 1500 }),
  makeProduct('DEAR', { price: 2500 }),
  makeProduct('NONE', { stock: 0 }),
  makeProduct('OLD', { status: 'retired' }),
  makeProduct('DRAFT', { status: 'draft' }),
  makeProduct('UNPRICED', { price: null }),
  makeProduct('SOON', { released: '2026-06-01' }),
  makeProduct('V', { variants: [makeVariant('V-1', { status: 'draft' })] }),
]
const bundles: [string, Bundle][] = [
  ['EMPTY', { type: 'fixed', components: [], price: { by: 'sum' }, marginFloor: null }],
  [
    'WORN',
    {
      type: 'fixed',
      components: ['S', 'OLD', 'DRAFT', 'GONE', 'EMPTY'].map(sku => ({ key: sku.toLowerCase(), sku, quantity: 1 })),
      price: { by: 'sum' },
      marginFloor: null,
    },
  ],
  [
    'DEARER',
    {
      type: 'fixed',
      components: [
        { key: 's', sku: 'S', quantity: 1 },
        { key: 'none', sku: 'NONE', quantity: 1 },
      ],
      price: { by: 'own', price: 9900 },
      marginFloor: null,
    },
  ],
  [
    'HOLES',
    {
      type: 'choice',
      groups: [
        {
          key: 'it',
          name: { en: 'It' },
          quantity: 1,
          products: [],
          options: [{ name: 'size', values: ['S', 'M', 'L'] }],
          combinations: [{ values: ['S'], sku: 'S' }],
        },
      ],
      components: [],
      price: { by: 'percent', percent: 100 },
      marginFloor: null,
    },
  ],
  ['LOW', { type: 'fixed', components: [{ key: 'a', sku: 'COSTLY', quantity: 2 }], price: { by: 'sum' }, marginFloor: 20 }],
  [
    'TWIN',
    { type: 'fixed', components: [{ key: 'b', sku: 'COSTLY', quantity: 2 }], price: { by: 'amount', amount: 100 }, marginFloor: null },
  ],
]
const at = momentIn('UTC', Date.parse('2026-05-01'))
const links = new LinkIndex()
const lane = (kind: string, ...targets: string[]) =>
  links.setLane(
    'S',
    kind,
    targets.map(target => ({ target, ...(target === 'V' && { until: '2026-04-01' }) })),
  )
lane('upsell', 'CHEAP', 'NONE', 'OLD', 'DRAFT', 'UNPRICED', 'SOON', 'V-1', 'V')
lane('accessory', 'DEAR', 'CHEAP')
lane('refill', 'NONE')
const kinds = new Map(
  [
    makeKind('upsell', { expectation: 'dearer', ceiling: 4, plural: { en: 'Upsells' } }),
    makeKind('accessory', { expectation: 'cheaper', mutual: true }),
    makeKind('refill'),
  ].map(kind => [kind.key, kind]),
)
const shop: FindingShop = {
  catalogue: new Catalogue(
    [...products, makeProduct('COSTLY', { price: 1000, cost: 900 }), ...bundles.map(([sku, bundle]) => makeProduct(sku, { bundle }))],
    [],
    [],
  ),
  links,
  kinds,
  timeZone: 'UTC',
  money: amount => `€${amount / 100}`,
  plural: kind => kind.plural.en!,
}

/** What is told of all that a check finds. */
function told(check: Check): string[] {
  const book = new FindingBook(
    shop,
    () => false,
    sku => shop.catalogue.products.findIndex(each => each.sku === sku),
  )
  completed(book.checking(at) as Generator<never, void>)
  return [...book.findings(check as never, 0, at)].map(
    finding => `${finding.source} ${finding.kind} ${finding.target}: ${findingWords(finding, shop)}`,
  )
}

describe('a finding on a product', () => {
  it.each<[Check, string[]]>([
    [
      'targetNotForSale',
      ['S upsell DRAFT: a draft', 'S upsell UNPRICED: no price', 'S upsell SOON: from 1 Jun 2026', 'S upsell V-1: a draft'],
    ],
    ['targetOutOfStock', ['S upsell NONE: 0 left', 'S refill NONE: 0 left']],
    ['targetRetired', ['S upsell OLD: retired']],
    ['linkOver', ['S upsell V: until 1 Apr 2026']],
    ['laneOutOfStock', ['S refill : 1 link, none in stock']],
    ['overCeiling', ['S upsell : 8 links, 4 are the ceiling']],
    ['cheaperThanSource', ['S upsell CHEAP: €15, 25 % cheaper']],
    ['dearerThanSource', ['S accessory DEAR: €25, 25 % dearer']],
    ['severalLanes', ['S accessory CHEAP: also in upsells', 'S refill NONE: also in upsells']],
    ['returnMissing', ['S accessory DEAR: no link back', 'S accessory CHEAP: no link back']],
    ['notLinkedTo', ['S', 'COSTLY', 'EMPTY', 'WORN', 'DEARER', 'HOLES', 'LOW', 'TWIN'].map(sku => `${sku}  : in no lane`)],
    ['bundleEmpty', ['EMPTY  : no parts, or too few']],
    ['bundleInside', ['WORN  EMPTY: a bundle itself']],
    ['bundlePartGone', ['WORN  GONE: GONE is gone', 'WORN  OLD: retired']],
    ['bundlePartNotForSale', ['WORN  DRAFT: a draft']],
    ['bundleUnmapped', ['HOLES  it: 2 of 3 combinations of “it”']],
    ['bundleOutOfStock', ['DEARER  NONE: 0 left']],
    ['bundleDearer', ['DEARER  : €99, the parts €30']],
    ['bundleNoSaving', ['LOW  : €20, as much as the parts']],
    ['bundleLowMargin', ['HOLES  : given away', 'LOW  : 10 % at the least']],
    ['bundleTwin', ['LOW  TWIN: the same parts', 'TWIN  LOW: the same parts']],
  ])('%s says what is amiss', (check, words) => {
    expect(told(check)).toEqual(words)
  })

  it('that was put aside is still told of when what it was about is gone, or no bundle any more', () => {
    for (const check of productChecks) {
      for (const target of ['', 'S', 'GONE']) {
        expect(findingWords({ check, source: 'GONE', kind: 'upsell', target }, shop)).toBe('no longer in the shop')
        expect(typeof findingWords({ check, source: 'DEARER', kind: 'gone', target }, shop)).toBe('string')
        if (isBundleCheck(check)) expect(findingWords({ check, source: 'S', kind: '', target }, shop)).toBe('no longer a bundle')
      }
    }
  })
})

describe('a finding on a section', () => {
  it('says of how much it is', () => {
    const words = (check: Check, kind: string, part: number, whole: number) =>
      sectionFindingWords({ check, source: 's', kind, target: '', part, whole })
    expect(words('sectionBlank', 'product', 1200, 15_000)).toBe('blank on 1,200 of 15,000 product pages')
    expect(words('sectionThin', 'cart', 1, 1)).toBe('places left on 1 of 1 cart with one product')
    expect(words('sameShown', 'added', 3, 4)).toBe('the same on 3 of 4 “added to cart” panels')
    expect(words('ruleNever', '1', 0, 9)).toBe('step 2: no product looks like its first half')
    expect(words('ruleNearlyAll', '0', 93, 100)).toBe('step 1: 93 % of all products pass')
  })
})
