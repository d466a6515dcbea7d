import { expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { forAnyOf, makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'
import { offerObstacle } from './offerObstacle'

const catalogue = new Catalogue([makeProduct('GLO'), makeProduct('OLD', { status: 'retired' })], [], [])
const chosen = (...skus: string[]) => ({ offered: { by: 'chosen' as const, skus } })

it.each<[Partial<Offer>, string | null]>([
  [chosen('GLO'), null],
  // What can be sold is offered without the rest.
  [chosen('OLD', 'GLO', 'GONE'), null],
  [chosen(), 'It offers nothing: choose products first.'],
  [chosen('OLD', 'GONE'), 'All that it offers is retired: choose other products.'],
  [{ ...chosen(), fallbacks: [{ by: 'chosen', skus: ['GLO'] }] }, null],
  [{ ...chosen('OLD'), fallbacks: [{ by: 'links', kind: 'accessory', count: 2 }] }, null],
  [{ offered: { by: 'links', kind: 'accessory', count: 2 } }, null],
  [{ ...chosen('GLO'), trigger: forAnyOf({}) }, 'It is for no product: say with which products it is offered.'],
  [{ ...chosen('GLO'), trigger: forAnyOf({ tags: ['spring'] }) }, null],
])('an offer of %j: %s', (part, obstacle) => {
  expect(offerObstacle(makeOffer('o', part), sku => catalogue.item(sku))).toBe(obstacle)
})
