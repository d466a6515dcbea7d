import { expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { emptyScope } from '../pagePlans/pagePlan'
import { makeOffer } from './makeOffer.testing'
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
  [{ offered: { by: 'links', kind: 'accessory', count: 2 } }, null],
  [{ ...chosen('GLO'), trigger: emptyScope }, 'It is for no product: say with which products it is offered.'],
  [{ ...chosen('GLO'), trigger: { ...emptyScope, tags: ['spring'] } }, null],
])('an offer of %j: %s', (part, obstacle) => {
  expect(offerObstacle(makeOffer('o', part), sku => catalogue.item(sku))).toBe(obstacle)
})
