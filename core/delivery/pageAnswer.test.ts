import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { makeOffer } from '../offers/makeOffer.testing'
import { PricesBeside } from '../pricing/pricesBeside'
import { LinkIndex } from '../links/linkIndex'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import { explainPage, resolvePage } from '../selection/resolvePage'
import { makeShop, makeShopper } from '../selection/makeShop.testing'
import { PlanBook } from '../pagePlans/planBook'
import { displayFor, layoutFor } from '../sections/display'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { Section } from '../sections/section'
import { pageAnswerSchema, pageQuerySchema } from './contract/pages'
import { DeliveredTexts } from './deliveredTexts'
import { pageAnswer } from './pageAnswer'
import { pageText } from './pageText'

const odd = makeProduct('a/b ü#?', {
  name: { en: 'Odd', de: 'Seltsam' },
  price: 1250,
  was: 1500,
  image: '/odd.svg',
  variants: [makeVariant('a/b-M', { options: { size: 'M', colour: 'red' }, price: 1400, stock: 1 })],
})
const nameless = makeProduct('NAMELESS', { name: {}, stock: 3 })
const links = new LinkIndex()
links.setLane('SRC', 'related', [{ target: 'a/b ü#?' }, { target: 'NAMELESS' }])
links.setLane('SRC', 'accessory', [{ target: 'a/b-M' }])
const shop = makeShop([makeProduct('SRC'), odd, nameless], { links })
const settings = makeSettings({ languages: ['en', 'de'], productUrl: '/shop/{sku}?ref=manada' })
const page = { kind: 'product', sku: 'SRC' } as const
const shopper = makeShopper()
const looks = new LookBook(builtInLooks)
const told = ({ catalogue }: typeof shop) => ({ catalogue, looks, brandMarks: new Map([['Corrie', '/corrie.svg']]) })

describe('pageAnswer', () => {
  it('encodes SKUs in addresses, names variants by their options, and falls back from a language that is not there', () => {
    const answer = pageAnswerSchema.parse(
      JSON.parse(JSON.stringify(pageAnswer('product', resolvePage(shop, page, shopper), told(shop), settings, 'de-AT'))),
    )
    expect(answer.sections.map(each => [each.key, each.heading])).toEqual([
      ['accessories', 'Passt dazu'],
      ['related', 'Auch einen Blick wert'],
    ])
    expect(answer.sections[0]!.items).toEqual([
      {
        sku: 'a/b ü#?',
        variant: 'a/b-M',
        name: 'Seltsam, M, red',
        url: '/shop/a%2Fb%20%C3%BC%23%3F?ref=manada&variant=a%2Fb-M',
        image: '/odd.svg',
        price: 1400,
        was: null,
        currency: 'EUR',
        inStock: true,
        hasOptions: false,
        brand: null,
        few: true,
        step: 0,
        reason: 'linked',
        kind: 'accessory',
      },
    ])
    // Shown above already, so not once more; and without any name the SKU has to do.
    expect(answer.sections[1]!.items.map(item => [item.sku, item.name, item.variant])).toEqual([['NAMELESS', 'NAMELESS', null]])
    expect(answer).not.toHaveProperty('hidden')
  })

  it('tells the story only when it is asked for', () => {
    const answer = pageAnswerSchema.parse(
      JSON.parse(JSON.stringify(pageAnswer('product', explainPage(shop, page, shopper), told(shop), settings, 'en'))),
    )
    expect(answer.hidden!.filter(each => each.key !== 'bundles-with-it')).toEqual([
      {
        key: 'upsells',
        heading: 'Worth the step up',
        zone: 'besideDetails',
        reason: 'nothingFound',
        steps: [
          { from: 'links', kind: 'upsell', subjects: 'page', idle: null, taken: [], heldBack: [], more: false },
          { from: 'rule', subjects: 'page', idle: null, taken: [], heldBack: [], more: false },
        ],
      },
    ])
    expect(answer.sections[1]!.steps![0]).toMatchObject({
      taken: [{ sku: 'NAMELESS', source: 'SRC', place: 2 }],
      heldBack: [{ sku: 'a/b ü#?', place: 1, reason: 'shownEarlier' }],
    })
  })
})

describe('a product that an offer reduces beside what is in the cart', () => {
  it('is shown at what it costs there, with what it costs by itself', () => {
    const products = [
      makeProduct('SRC'),
      makeProduct('TO', { price: 1000, stock: 9 }),
      makeProduct('OTHER', { price: 700, was: 900, stock: 9 }),
    ]
    const lanes = new LinkIndex()
    lanes.setLane('SRC', 'accessory', [{ target: 'TO' }, { target: 'OTHER' }])
    const offers = [makeOffer('take', { offered: { by: 'chosen', skus: ['TO', 'OTHER'] }, limit: 9 })]
    const reducing = makeShop(products, {
      links: lanes,
      offers,
      sections: new Map([['s', makeSection('s')]]),
      plans: new PlanBook([makePlan('product', ['s'])]),
    })
    const shown = (cart: string[]) => {
      const prices = new PricesBeside(
        cart.map(sku => ({ sku, quantity: 1 })),
        reducing,
        shopper.at,
      )
      const resolved = resolvePage(reducing, page, { ...shopper, cart })
      const { sections } = pageAnswerSchema.parse(pageAnswer('product', resolved, told(reducing), settings, 'en', prices))
      return sections[0]!.items.map(item => [item.sku, item.price, item.was, item.offer])
    }
    expect(shown([])).toEqual([
      ['TO', 1000, null, undefined],
      ['OTHER', 700, 900, undefined],
    ])
    expect(shown(['SRC'])).toEqual([
      ['TO', 900, 1000, 'take'],
      ['OTHER', 630, 900, 'take'],
    ])
  })
})

describe('what a section looks like', () => {
  const laidOut = (part: Partial<Section>, subject = 'SRC') => {
    const [branded, plainOne] = [makeProduct('SRC', { brand: 'Corrie', categories: ['hives', 'tools'] }), makeProduct('PLAIN')]
    const lanes = new LinkIndex()
    for (const sku of ['SRC', 'PLAIN']) lanes.setLane(sku, 'accessory', [{ target: 'NAMELESS' }])
    const sections = new Map([
      ['s', makeSection('s', { layout: 'shelf', buttons: { add: { en: 'Take it', de: 'Mitnehmen' }, choose: {} }, ...part })],
    ])
    const laid = makeShop([branded, plainOne, nameless], {
      links: lanes,
      sections,
      plans: new PlanBook([makePlan('product', ['s'])]),
      categories: [{ key: 'hives', name: { en: 'Hives', de: 'Beuten' }, parent: null }],
    })
    return pageAnswer('product', resolvePage(laid, { kind: 'product', sku: subject }, shopper), told(laid), settings, 'de').sections[0]!
  }
  it('is told with the section, in the language asked for', () => {
    const { display, buttons } = laidOut({ layout: 'list' })
    expect(display).toMatchObject({
      places: 4,
      devices: { desktop: { columns: 4, rows: null } },
      card: ['price', 'was', 'stock', 'button'],
    })
    expect(display).not.toHaveProperty('seeAll')
    expect(buttons).toEqual({ add: 'Mitnehmen', choose: '' })
  })
  it('has the mark of the brand that the page is about beside its heading, where that is wanted', () => {
    const mark = (icon: 'brand' | 'leaf', subject?: string) =>
      laidOut({ display: { ...displayFor('grid'), heading: { size: 'small', align: 'start', icon } } }, subject).mark
    expect([mark('brand'), mark('leaf'), mark('brand', 'PLAIN')]).toEqual([{ brand: 'Corrie', image: '/corrie.svg' }, null, null])
  })
  it.each([
    ['shelf', 'spotlight'],
    ['grid', 'spotlight'],
    ['comparison', 'spotlight'],
    ['list', 'list'],
    ['checklist', 'checklist'],
  ] as const)('a single product of a %s stands in a %s', (of, shown) => {
    expect(laidOut({ layout: of }).layout).toBe(shown)
    expect(layoutFor(of, 2)).toBe(of)
  })
  it('leads to all of the brand or the main category of the page, where it has one', () => {
    const seeAll = (of: 'brand' | 'category' | 'no', subject?: string) =>
      laidOut({ display: { ...displayFor('grid'), seeAll: of } }, subject).seeAll
    expect(seeAll('brand')).toEqual({ of: 'brand', key: 'Corrie', name: 'Corrie' })
    expect(seeAll('category')).toEqual({ of: 'category', key: 'hives', name: 'Beuten' })
    expect([seeAll('no'), seeAll('brand', 'PLAIN'), seeAll('category', 'PLAIN')]).toEqual([null, null, null])
  })
})

describe('pageText', () => {
  it('is the JSON of pageAnswer, in every language and asked for again', () => {
    const texts = new DeliveredTexts(settings, shop.catalogue)
    for (const language of ['en', 'de', 'en', 'fr', 'pt-BR']) {
      for (const cart of [[], ['NAMELESS'], ['a/b-M', 'NAMELESS', 'SRC']]) {
        const resolved = resolvePage(shop, page, makeShopper({ cart }))
        expect(Buffer.from(pageText('product', resolved, told(shop), texts, language), 'latin1').toString()).toBe(
          JSON.stringify(pageAnswer('product', resolved, told(shop), settings, language)),
        )
      }
    }
  })
})

describe('a section of tiles', () => {
  const categories = ['hives', 'frames', 'tools', 'jars'].map(key => ({ key, name: { en: `The ${key}` }, parent: null }))
  const steps: Section['steps'] = [
    { from: 'relatedCategories', of: 'chosen', order: 'best-selling', subjects: 'page', cap: null, off: false },
    { from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false },
    { from: 'relatedCategories', of: 'beside', order: 'best-selling', subjects: 'page', cap: null, off: false },
  ]
  const tiled = makeShop(
    [makeProduct('T', { categories: ['tools'], image: '/t.svg' }), makeProduct('F', { categories: ['frames'], image: null })],
    {
      categories,
      relatedCategories: key => (key === 'hives' ? ['tools', 'gone'] : []),
      sections: new Map([['tiles', makeSection('tiles', { layout: 'tiles', steps })]]),
      plans: new PlanBook([makePlan('category', ['tiles'])]),
    },
  )
  const about = { kind: 'category', key: 'hives' } as const

  it('delivers categories with the picture of their best seller, chosen ones first, each once, and tells why others are missing', () => {
    const [tiles] = pageAnswerSchema.parse(
      JSON.parse(JSON.stringify(pageAnswer('category', explainPage(tiled, about, shopper), told(tiled), settings, 'en'))),
    ).sections
    expect(tiles).toMatchObject({
      layout: 'tiles',
      items: [],
      categories: [
        { key: 'tools', name: 'The tools', image: '/t.svg' },
        { key: 'frames', name: 'The frames', image: null },
      ],
    })
    expect(tiles!.steps!.map(step => [step.idle, step.categories])).toEqual([
      [null, [{ key: 'tools', name: 'The tools', reason: null }]],
      ['noTiles', []],
      [
        null,
        [
          { key: 'frames', name: 'The frames', reason: null },
          { key: 'tools', name: 'The tools', reason: 'duplicate' },
          { key: 'jars', name: 'The jars', reason: 'emptyCategory' },
        ],
      ],
    ])
    const resolved = resolvePage(tiled, about, shopper)
    expect(pageText('category', resolved, told(tiled), new DeliveredTexts(settings, tiled.catalogue), 'en')).toBe(
      JSON.stringify(pageAnswer('category', resolved, told(tiled), settings, 'en')),
    )
  })
})

describe('the heading of a section of tiles', () => {
  it('is another for a single category than for several', () => {
    const headed = (places: number) => {
      const steps: Section['steps'] = [
        { from: 'relatedCategories', of: 'beside', order: 'best-selling', subjects: 'page', cap: null, off: false },
      ]
      const section = makeSection('tiles', {
        layout: 'tiles',
        steps,
        places,
        heading: { en: 'Look around' },
        otherHeadings: { one: { en: 'Look here' }, without: {} },
      })
      const around = makeShop([makeProduct('T', { categories: ['tools'] }), makeProduct('J', { categories: ['jars'] })], {
        categories: ['hives', 'tools', 'jars'].map(key => ({ key, name: { en: key }, parent: null })),
        sections: new Map([['tiles', section]]),
        plans: new PlanBook([makePlan('category', ['tiles'])]),
      })
      return pageAnswer('category', resolvePage(around, { kind: 'category', key: 'hives' }, shopper), told(around), settings, 'en')
        .sections[0]!.heading
    }
    expect([headed(4), headed(1)]).toEqual(['Look around', 'Look here'])
  })
})

describe('pageQuery', () => {
  it('reads cart lines, most recent first, and leaves quantities out as one', () => {
    expect(pageQuerySchema.parse({ cart: 'VEIL-S:2,SMK-10,', seen: 'A,B', explain: '1' })).toMatchObject({
      cart: [
        { sku: 'VEIL-S', quantity: 2 },
        { sku: 'SMK-10', quantity: 1 },
      ],
      seen: ['A', 'B'],
      explain: true,
      draft: false,
    })
  })
  it.each([{ cart: 'A:0' }, { cart: 'A:1:2' }, { cart: 'A:-1' }, { seen: ' A' }, { at: 'yesterday' }, { explain: 'yes' }, { lang: '_' }])(
    'refuses %j',
    query => {
      expect(pageQuerySchema.safeParse(query).success).toBe(false)
    },
  )
})
