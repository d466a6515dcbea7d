import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import { makeOffer } from '../offers/makeOffer.testing'
import { offerBlock } from '../pagePlans/block'
import { PlanBook } from '../pagePlans/planBook'
import { makePlan } from '../sections/makeSection.testing'
import { makeShop, makeShopper } from '../selection/makeShop.testing'
import { resolvePage } from '../selection/resolvePage'
import { PricesBeside } from '../pricing/pricesBeside'
import { momentIn } from '../time/moment'
import { pageAnswerSchema } from './contract/pages'
import { offersAnswer } from './offersAnswer'

const along = makeOffer('along', {
  heading: { en: 'Take it along', de: 'Gleich mit' },
  offered: { by: 'chosen', skus: ['STR', 'NONE', 'GLO-M'] },
})
const whole = makeOffer('whole', { rank: 1, offered: { by: 'chosen', skus: ['NONE', 'EX'] }, reduction: { by: 'amount', amount: 200 } })
const unplaced = makeOffer('unplaced', { rank: 2 })
const shop = makeShop(
  [
    makeProduct('EX'),
    makeProduct('STR', { name: { en: 'Strainer', de: 'Sieb' }, price: 2450 }),
    makeProduct('NONE', { name: { en: 'Leg set' }, stock: 0 }),
    makeProduct('GLO', { name: { en: 'Gloves' }, variants: [makeVariant('GLO-M', { options: { size: 'M' } })] }),
  ],
  {
    offers: [along, whole, unplaced],
    plans: new PlanBook([makePlan('product', [], { zones: [{ key: 'foot', blocks: [offerBlock('along'), offerBlock('whole')] }] })]),
  },
)
const told = (explain: boolean, language = 'en') =>
  offersAnswer(
    resolvePage(shop, { kind: 'product', sku: 'EX' }, makeShopper()).offers,
    new LookBook(builtInLooks),
    {
      settings: makeSettings({ productUrl: '/p/{sku}' }),
      language,
      at: momentIn('UTC', 0),
      items: shop.catalogue,
    },
    new PricesBeside([], shop, momentIn('UTC', 0)),
    explain,
  )

describe('offers as a shop gets them', () => {
  it('have where they stand, what can be ticked, in the language asked for, and what it costs less', () => {
    const { offers, ...rest } = pageAnswerSchema.pick({ offers: true, hiddenOffers: true }).parse(told(false, 'de'))
    expect(rest).toEqual({})
    const head = { key: 'along', heading: 'Gleich mit', subject: 'EX', zone: 'foot', sectionsAbove: 0 }
    expect(offers).toMatchObject([{ ...head, reduction: { percent: 10, amount: null } }])
    expect(offers![0]!.items.map(item => [item.variant ?? item.sku, item.name, item.price, item.together])).toEqual([
      ['STR', 'Sieb', 2450, 2205],
      ['GLO-M', 'Gloves, M', 1000, 900],
    ])
    expect(offers![0]!.left).toBeUndefined()
  })

  it('say what is missing, and which are not made, when asked to explain', () => {
    const { offers, hiddenOffers } = pageAnswerSchema.pick({ offers: true, hiddenOffers: true }).parse(told(true))
    const left = [{ sku: 'NONE', name: 'Leg set', reason: 'outOfStock' }]
    expect(offers![0]!.left).toEqual(left)
    expect(hiddenOffers).toEqual([
      { key: 'whole', heading: 'whole', subject: 'EX', zone: 'foot', reason: 'nothingLeft', left },
      { key: 'unplaced', heading: 'unplaced', subject: 'EX', zone: null, reason: 'notOnPlan', left: [] },
    ])
  })
})
