import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { emptyScope } from '../pagePlans/pagePlan'
import { makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'
import { inOfferOrder } from './offered'
import { offerLists } from './offerLists'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const catalogue = new Catalogue(
  [
    makeProduct('EX'),
    makeProduct('SMO'),
    makeProduct('STR'),
    makeProduct('KNIFE'),
    makeProduct('NONE', { stock: 0 }),
    makeProduct('OLD', { status: 'retired' }),
    makeProduct('GLO', { variants: [makeVariant('GLO-M'), makeVariant('GLO-L')] }),
  ],
  [],
  [],
)
const take = (key: string, skus: string[], part: Partial<Offer> = {}) => makeOffer(key, { offered: { by: 'chosen', skus }, ...part })
function told(offers: Offer[], products: string[], cart: string[] = []) {
  const lists = offerLists(
    products.map(sku => catalogue.product(sku)!),
    cart,
    { catalogue, links: { lane: () => [] }, offers: inOfferOrder(offers) },
    at,
  )
  const nameOf = ({ product, variant }: { product: { sku: string }; variant: { sku: string } | null }) => (variant ?? product).sku
  return lists.map(
    ({ offer, product, items, left, hidden }) =>
      `${offer.key} for ${product.sku}: ` +
      `${items.map(nameOf).join()}${left.map(each => ` -${nameOf(each.item)} ${each.reason}`).join('')}${hidden ? ` (${hidden})` : ''}`,
  )
}

describe('offerLists', () => {
  it('offer what can be had and is not in the cart', () => {
    expect(told([take('o', ['STR', 'NONE', 'OLD', 'KNIFE', 'GLO-M'])], ['EX'], ['KNIFE', 'GLO-L'])).toEqual([
      'o for EX: STR,GLO-M -NONE outOfStock -OLD notForSale -KNIFE inCart',
    ])
    expect(told([take('o', ['GLO'])], ['EX'], ['GLO-L'])).toEqual(['o for EX:  -GLO inCart (nothingLeft)'])
  })

  it('shrink or disappear by their own rule', () => {
    expect(told([take('o', ['STR', 'NONE'], { partly: 'hide' })], ['EX'])).toEqual(['o for EX: STR -NONE outOfStock (partMissing)'])
    expect(told([take('o', ['STR', 'KNIFE'], { partly: 'hide' })], ['EX'])).toEqual(['o for EX: STR,KNIFE'])
    expect(told([take('o', [])], ['EX'])).toEqual(['o for EX:  (nothingLeft)'])
  })

  it('come by rank, each for the first product that it has something for, and name nothing twice', () => {
    const offers = [take('second', ['STR', 'KNIFE'], { rank: 2 }), take('first', ['EX', 'STR'], { rank: 1 })]
    expect(told(offers, ['EX', 'SMO'], ['EX', 'SMO'])).toEqual(['first for EX: STR', 'second for EX: KNIFE -STR offeredAbove'])
    expect(told([take('o', ['SMO'], { trigger: { ...emptyScope, products: ['EX', 'SMO'] } })], ['SMO', 'EX'])).toEqual(['o for EX: SMO'])
  })
})
