import { expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { forAnyOf, makeOffer } from '../offers/makeOffer.testing'
import { offerBlock, otherOffers } from '../pagePlans/block'
import { PlanBook } from '../pagePlans/planBook'
import { makePlan } from '../sections/makeSection.testing'
import { makeShop, makeShopper } from './makeShop.testing'
import { resolvePage } from './resolvePage'
import { withOffer, withOfferPlaced } from './withOffer'

const offered = { by: 'chosen' as const, skus: ['B'] }
const shopWith = (...blocks: string[]) =>
  makeShop([makeProduct('A'), makeProduct('B')], {
    offers: [
      makeOffer('other', { offered }),
      makeOffer('tried', { trigger: forAnyOf({ products: ['B'] }), from: '2026-05-01', until: '2026-05-02', offered }),
    ],
    plans: new PlanBook([makePlan('product', blocks)]),
  })
const made = (shop: ReturnType<typeof shopWith>) =>
  resolvePage(shop, { kind: 'product', sku: 'A' }, makeShopper()).offers.map(({ offer, hidden }) => [offer.key, hidden])

it('makes an offer on a product that it is not for, on a day that it does not hold, where the plan has a place for it', () => {
  const shop = shopWith(offerBlock('tried'), otherOffers)
  expect(made(shop)).toEqual([['other', null]])
  expect(made(withOffer(shop, 'tried')!)).toEqual([
    ['tried', null],
    ['other', 'nothingLeft'],
  ])
  // Nothing of the shop itself is another.
  expect(made(shop)).toEqual([['other', null]])
})

it('puts it at the foot of pages that have no place for it, and leaves it among the others where these have one', () => {
  const placed = (...blocks: string[]) => withOfferPlaced(withOffer(shopWith(...blocks), 'tried')!, 'tried', 'product')
  expect(made(placed())).toContainEqual(['tried', null])
  expect(placed().plans.of('product')[0]!.zones).toContainEqual({ key: 'foot', blocks: ['offer:tried'] })
  expect(placed(otherOffers).plans).toEqual(shopWith(otherOffers).plans)
})

it('knows of no other offers', () => {
  expect(withOffer(shopWith(), 'gone')).toBeNull()
})
