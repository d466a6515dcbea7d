import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { makeKind } from '../links/makeKind.testing'
import { LinkIndex } from '../links/linkIndex'
import type { FillStep } from '../fillSteps/fillStep'
import { linkStep } from '../fillSteps/fillStep'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import type { PageKind } from '../pageTypes/registry'
import type { Section } from '../sections/section'
import { makeIndex, makeShop, makeShopper } from './makeShop.testing'
import { explainPage, resolvePage } from './resolvePage'
import type { Page } from '../pageTypes/registry'
import type { Shop } from './shop'
import type { Shopper } from '../candidates/shopper'
import { momentIn } from '../time/moment'

const common = { subjects: 'page', cap: null, off: false } as const
const hive = makeProduct('HIVE', {
  categories: ['hives'],
  brand: 'Alder',
  tags: ['oak'],
  price: 10_000,
  attributes: { standard: ['National'] },
})
const frames = ['F1', 'F2', 'F3', 'F4'].map((sku, i) =>
  makeProduct(sku, {
    categories: ['frames'],
    tags: i < 2 ? ['oak'] : [],
    price: 1000 + i,
    attributes: { fits: ['National'] },
    cost: i === 3 ? 990 : null,
  }),
)
const products = [
  hive,
  ...frames,
  makeProduct('SMO', { categories: ['tools'], variants: [makeVariant('SMO-S'), makeVariant('SMO-L', { stock: 0 })] }),
]
const categories = [
  { key: 'goods', name: {}, parent: null },
  { key: 'hives', name: {}, parent: 'goods' },
  { key: 'frames', name: {}, parent: 'goods' },
  { key: 'tools', name: {}, parent: null },
]

/** A shop with one section on every page, and what it makes of a page. */
function sectionOf(part: Partial<Section>, facts: Partial<Shop> = {}) {
  const kinds: PageKind[] = ['product', 'cart', 'added', 'category', 'article']
  const shop = makeShop(products, {
    categories,
    index: makeIndex(products, { sold: sku => ({ F2: 9, F4: 5, SMO: 7 })[sku] ?? 0 }),
    sections: new Map([['s', makeSection('s', part)]]),
    plans: new PlanBook(kinds.map(kind => makePlan(kind, ['s']))),
    ...facts,
  })
  return (page: Page = { kind: 'product', sku: 'HIVE' }, shopper: Partial<Shopper> = {}) => {
    const found = explainPage(shop, page, makeShopper(shopper))
    expect(resolvePage(shop, page, makeShopper(shopper)).sections).toEqual(found.sections)
    return {
      shown: found.sections.flatMap(each => each.items.map(item => (item.variant ?? item.product).sku)),
      hidden: found.hidden[0]?.reason,
      steps: found.steps.get('s')!,
    }
  }
}
const category = (key: string, part: Partial<Extract<FillStep, { from: 'category' }>> = {}): FillStep => ({
  from: 'category',
  category: key,
  below: false,
  order: 'cheapest',
  ...common,
  ...part,
})

describe('related categories', () => {
  const near = (of: 'beside' | 'below'): FillStep => ({ from: 'relatedCategories', of, order: 'cheapest', ...common })
  it('are those beside that of the page, or right below it', () => {
    expect(sectionOf({ steps: [near('beside')], places: 9 })({ kind: 'category', key: 'hives' }).shown).toEqual(['F1', 'F2', 'F3', 'F4'])
    // One of each, before any second.
    expect(sectionOf({ steps: [near('below')], places: 3 })({ kind: 'category', key: 'goods' }).shown).toEqual(['HIVE', 'F1', 'F2'])
    expect(sectionOf({ steps: [near('below')] })({ kind: 'category', key: 'tools' }).hidden).toBe('nothingFound')
  })
})

describe('a rule with alternatives', () => {
  it('says of each product which of them it passes', () => {
    const rule = { when: { all: [] }, pick: { any: [{ attribute: 'fits', sourceAttribute: 'standard' }, { sold: { from: 6 } }] } }
    const [report] = sectionOf({ steps: [{ from: 'rule', rule, order: 'best-selling', ...common }], places: 3 })().steps
    expect(report!.taken.map(each => [each.product.sku, report!.alternatives.get(each)])).toEqual([
      ['F2', ['pick.0', 'pick.1']],
      ['SMO', ['pick.1']],
      ['F4', ['pick.0']],
    ])
  })
})

describe('a step that has nothing to look for', () => {
  const linked = linkStep('accessory')
  it.each<[string, FillStep, Page, string]>([
    ['off', { ...linked, off: true }, { kind: 'product', sku: 'HIVE' }, 'off'],
    ['of an empty cart', { ...linked, subjects: 'cart' }, { kind: 'product', sku: 'HIVE' }, 'cartEmpty'],
    ['on an empty cart’s page', linked, { kind: 'cart' }, 'cartEmpty'],
    ['on a category’s page', linked, { kind: 'category', key: 'hives' }, 'noSubject'],
    ['of a brand on a category’s page', { from: 'newest', of: 'brand', ...common }, { kind: 'category', key: 'hives' }, 'noSubject'],
    [
      'of related categories on a product’s page',
      { from: 'relatedCategories', of: 'beside', order: 'name', ...common },
      { kind: 'product', sku: 'HIVE' },
      'noCategory',
    ],
    ['of a category that is gone', category('gone'), { kind: 'product', sku: 'HIVE' }, 'noSuchCategory'],
    [
      'of orders before there are any',
      { from: 'boughtTogether', order: 'strength', ...common },
      { kind: 'product', sku: 'HIVE' },
      'noData',
    ],
    ['of bundles before there are any', { from: 'bundles', order: 'name', ...common }, { kind: 'product', sku: 'HIVE' }, 'noData'],
  ])('%s says why', (_, step, page, idle) => {
    const { steps, hidden } = sectionOf({ steps: [step] })(page)
    expect(steps.map(each => each.idle)).toEqual([idle])
    expect(hidden).toBe(idle === 'cartEmpty' ? 'cartEmpty' : 'nothingFound')
  })

  it('says that its kind is retired', () => {
    const { steps } = sectionOf({ steps: [linked] }, { kinds: new Map([['accessory', makeKind('accessory', { retired: true })]]) })()
    expect(steps[0]!.idle).toBe('retiredKind')
  })

  it('is nothing to wait for when another step has something to look for', () => {
    expect(sectionOf({ steps: [linkStep('accessory', 'cart'), category('frames', { order: 'dearest' })], guards: [] })().shown).toEqual([
      'F4',
      'F3',
      'F2',
      'F1',
    ])
  })
})

describe('steps', () => {
  const two = [category('frames'), category('tools')]
  it('follow one another until the places are full, or take turns', () => {
    expect(sectionOf({ steps: two, places: 4 })().shown).toEqual(['F1', 'F2', 'F3', 'F4'])
    expect(sectionOf({ steps: two, places: 4, takeTurns: true })().shown).toEqual(['F1', 'SMO', 'F2', 'F3'])
  })

  it('fill no more places than their cap, and what is past it had no room', () => {
    const { shown, steps } = sectionOf({ steps: [category('frames', { cap: 1 }), category('tools')], places: 4 })()
    expect(shown).toEqual(['F1', 'SMO'])
    expect(steps[0]!.heldBack.map(each => [each.candidate.product.sku, each.reason])).toEqual([
      ['F2', 'noRoom'],
      ['F3', 'noRoom'],
      ['F4', 'noRoom'],
    ])
  })

  it('of a category reach below it only when they are told to', () => {
    expect(sectionOf({ steps: [category('goods')] })().hidden).toBe('nothingFound')
    expect(sectionOf({ steps: [category('goods', { below: true })] })().shown).toEqual(['F1', 'F2', 'F3', 'F4'])
  })

  it('of best sellers follow the units sold: of all, of what the subject is, of the category that the page is', () => {
    const step = (of: 'all' | 'category' | 'brand'): FillStep => ({ from: 'bestSellers', of, ...common })
    expect(sectionOf({ steps: [step('all')], places: 3 })().shown).toEqual(['F2', 'SMO', 'F4'])
    expect(sectionOf({ steps: [step('category')] })({ kind: 'product', sku: 'F1' }).shown).toEqual(['F2', 'F4', 'F3'])
    expect(sectionOf({ steps: [step('category')] })({ kind: 'category', key: 'goods' }).shown).toEqual(['F2', 'F4', 'F1', 'F3'])
    expect(sectionOf({ steps: [step('brand')] })().hidden).toBe('nothingFound')
  })

  it('of what was viewed show it most recent first, and variants as they were viewed', () => {
    const { shown, steps } = sectionOf({ steps: [{ from: 'recentlyViewed', order: 'hand', ...common }] })(undefined, {
      seen: ['F3', 'SMO-L', 'GONE', 'SMO-S', 'HIVE', 'F1'],
    })
    expect(shown).toEqual(['F3', 'SMO-S', 'F1'])
    expect(steps[0]!.heldBack.map(each => [each.candidate.variant?.sku ?? each.candidate.product.sku, each.reason])).toEqual([
      ['SMO-L', 'outOfStock'],
      ['HIVE', 'self'],
    ])
  })

  it('of a rule pick what fits the subject, the common case of compatible parts', () => {
    const step: FillStep = {
      from: 'rule',
      order: 'best-selling',
      rule: { when: { has: { of: 'attribute', name: 'standard' } }, pick: { attribute: 'fits', sourceAttribute: 'standard' } },
      ...common,
    }
    expect(sectionOf({ steps: [step] })().shown).toEqual(['F2', 'F4', 'F1', 'F3'])
    expect(sectionOf({ steps: [step] })({ kind: 'product', sku: 'F1' }).hidden).toBe('nothingFound')
  })

  it('of shared traits leave out what does not count for the product, and say how much is shared', () => {
    const step: FillStep = { from: 'traits', traits: ['tag', 'category'], attribute: null, least: 1, order: 'strength', ...common }
    expect(
      sectionOf({ steps: [step] })({ kind: 'product', sku: 'F1' }).steps[0]!.taken.map(each => [each.product.sku, each.strength]),
    ).toEqual([
      ['F2', 2],
      ['F3', 1],
      ['F4', 1],
      ['HIVE', 1],
    ])
    const ignoring = { neighboursOf: () => ({ ignored: [{ of: 'category' as const, name: 'frames' }], leaveOut: [] }) }
    expect(sectionOf({ steps: [step] }, ignoring)({ kind: 'product', sku: 'F1' }).shown).toEqual(['F2', 'HIVE'])
    const leaving = { neighboursOf: () => ({ ignored: [], leaveOut: ['frames'] }) }
    expect(sectionOf({ steps: [step] }, leaving)().steps[0]!.heldBack.map(each => [each.candidate.product.sku, each.reason])).toEqual([
      ['F1', 'excluded'],
      ['F2', 'excluded'],
    ])
  })
})

describe('guards', () => {
  const reasons = (part: Partial<Section>) =>
    Object.fromEntries(
      sectionOf({ steps: [category('frames')], ...part })().steps[0]!.heldBack.map(each => [each.candidate.product.sku, each.reason]),
    )
  it('hold back by price, margin and what is left out', () => {
    // Percents of the hive’s 100.00: the frames are at 10.00 to 10.03.
    expect(reasons({ priceBand: { to: 10.01 } })).toEqual({ F3: 'priceBand', F4: 'priceBand' })
    // Only F4’s cost is known: its margin is 1.3 %.
    expect(reasons({ lowestMargin: 2 })).toEqual({ F4: 'lowMargin' })
    expect(reasons({ leaveOut: { categories: [], tags: ['oak'], brands: [], products: ['F4'] } })).toEqual({
      F1: 'excluded',
      F2: 'excluded',
      F4: 'excluded',
    })
    expect(reasons({ leaveOut: { categories: ['goods'], tags: [], brands: [], products: [] } })).toEqual({
      F1: 'excluded',
      F2: 'excluded',
      F3: 'excluded',
      F4: 'excluded',
    })
  })

  it('let the impossible be: a band from 50 % to 20 % holds all back, and the page stands', () => {
    expect(sectionOf({ steps: [category('frames')], priceBand: { from: 50, to: 20 } })().hidden).toBe('nothingFound')
  })
})

describe('a section', () => {
  it.each<[string, Partial<Section>, string]>([
    ['off', { off: true }, 'off'],
    ['before its time', { from: '2026-05-02' }, 'outsideDates'],
    ['after its time', { until: '2026-04-30' }, 'outsideDates'],
    ['with too little to show', { minimum: 5 }, 'belowMinimum'],
    ['whose steps are all off', { steps: [category('frames', { off: true })] }, 'nothingFound'],
  ])('%s is hidden, and says why', (_, part, reason) => {
    expect(
      sectionOf({ steps: [category('frames')], ...part })(undefined, { at: momentIn('UTC', Date.parse('2026-05-01T12:00:00Z')) }).hidden,
    ).toBe(reason)
  })

  it('lasts until the end of its day where the shop is', () => {
    const hidden = (timeZone: string, at: string) =>
      sectionOf({ steps: [category('frames')], from: '2026-12-24T12:00:00Z', until: '2026-12-24' })(undefined, {
        at: momentIn(timeZone, Date.parse(at)),
      }).hidden
    expect([hidden('UTC', '2026-12-24T11:59:59Z'), hidden('UTC', '2026-12-24T12:00:00Z'), hidden('UTC', '2026-12-25T00:00:00Z')]).toEqual([
      'outsideDates',
      undefined,
      'outsideDates',
    ])
    expect([hidden('America/New_York', '2026-12-25T04:59:59Z'), hidden('America/New_York', '2026-12-25T05:00:00Z')]).toEqual([
      undefined,
      'outsideDates',
    ])
  })

  it('is switched off on the page of one product, in a plan, and nowhere else', () => {
    const facts = { switchedOff: (sku: string) => new Set(sku === 'HIVE' ? ['s'] : []) }
    const show = sectionOf({ steps: [category('tools')] }, facts)
    expect([
      show().hidden,
      show({ kind: 'added', sku: 'HIVE' }).hidden,
      show({ kind: 'product', sku: 'F1' }).shown,
      show({ kind: 'cart' }, { cart: ['HIVE'] }).shown,
    ]).toEqual(['switchedOffHere', 'switchedOffHere', ['SMO'], ['SMO']])
    expect(sectionOf({ steps: [category('tools')] }, { plans: new PlanBook([makePlan('product', ['s'], { off: ['s'] })]) })().hidden).toBe(
      'off',
    )
  })
})

describe('the story of a page', () => {
  it('ends after many candidates without room, and says that there are more', () => {
    const links = new LinkIndex()
    const many = Array.from({ length: 300 }, (_, i) => makeProduct(`M${String(i).padStart(3, '0')}`))
    links.setLane(
      'HIVE',
      'accessory',
      many.map(({ sku }) => ({ target: sku })),
    )
    const shop = makeShop([hive, ...many], {
      links,
      sections: new Map([['s', makeSection('s')]]),
      plans: new PlanBook([makePlan('product', ['s'])]),
    })
    const [report] = explainPage(shop, { kind: 'product', sku: 'HIVE' }, makeShopper()).steps.get('s')!
    expect([report!.taken.length, report!.heldBack.length, report!.more]).toEqual([4, 200, true])
  })
})

describe('an empty catalogue', () => {
  it('has a cart page with nothing on it, and no other', () => {
    const shop = makeShop([])
    expect(resolvePage(shop, { kind: 'cart' }, makeShopper({ cart: ['GONE'] })).sections).toEqual([])
    expect(() => resolvePage(shop, { kind: 'product', sku: 'GONE' }, makeShopper())).toThrow('There is no product with the SKU GONE.')
  })
})
