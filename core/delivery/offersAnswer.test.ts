import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { makeOffer } from '../offers/makeOffer.testing'
import { offerLists } from '../offers/offerLists'
import { pageAnswerSchema } from './contract/pages'
import { offersAnswer } from './offersAnswer'
import { momentIn } from '../time/moment'

const catalogue = new Catalogue(
  [
    makeProduct('EX'),
    makeProduct('STR', { name: { en: 'Strainer', de: 'Sieb' }, price: 2450 }),
    makeProduct('NONE', { name: { en: 'Leg set' }, stock: 0 }),
    makeProduct('GLO', { name: { en: 'Gloves' }, variants: [makeVariant('GLO-M', { options: { size: 'M' } })] }),
  ],
  [],
  [],
)
const along = makeOffer('along', {
  heading: { en: 'Take it along', de: 'Gleich mit' },
  offered: { by: 'chosen', skus: ['STR', 'NONE', 'GLO-M'] },
})
const whole = makeOffer('whole', { rank: 1, offered: { by: 'chosen', skus: ['NONE', 'EX'] }, reduction: { by: 'amount', amount: 200 } })
const told = (explain: boolean, language = 'en') => {
  const lists = offerLists(
    [catalogue.product('EX')!],
    [],
    { catalogue, links: { lane: () => [] }, offers: [along, whole] },
    momentIn('UTC', 0),
  )
  return offersAnswer(
    lists,
    {
      settings: { name: '', currency: 'EUR', language: 'en', languages: ['en'], productUrl: '/p/{sku}', timeZone: 'UTC', few: 5 },
      language,
      at: momentIn('UTC', 0),
      items: catalogue,
    },
    explain,
  )
}

describe('offers as a shop gets them', () => {
  it('have what can be ticked, in the language asked for, and what it costs less', () => {
    const { offers, ...rest } = pageAnswerSchema.pick({ offers: true, hiddenOffers: true }).parse(told(false, 'de'))
    expect(rest).toEqual({})
    expect(offers).toMatchObject([{ key: 'along', heading: 'Gleich mit', subject: 'EX', reduction: { percent: 10, amount: null } }])
    expect(offers![0]!.items.map(item => [item.variant ?? item.sku, item.name, item.price])).toEqual([
      ['STR', 'Sieb', 2450],
      ['GLO-M', 'Gloves, M', 1000],
    ])
    expect(offers![0]!.left).toBeUndefined()
  })

  it('say what is missing, and which are not made, when asked to explain', () => {
    const { offers, hiddenOffers } = pageAnswerSchema.pick({ offers: true, hiddenOffers: true }).parse(told(true))
    expect(offers![0]!.left).toEqual([{ sku: 'NONE', name: 'Leg set', reason: 'outOfStock' }])
    expect(hiddenOffers).toEqual([
      {
        key: 'whole',
        heading: 'whole',
        subject: 'EX',
        reason: 'nothingLeft',
        left: [{ sku: 'NONE', name: 'Leg set', reason: 'outOfStock' }],
      },
    ])
  })
})
