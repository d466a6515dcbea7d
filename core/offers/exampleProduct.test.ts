import { expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { makeShop } from '../selection/makeShop.testing'
import { momentIn } from '../time/moment'
import { exampleProduct } from './exampleProduct'
import { forAnyOf, makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'

const links = new LinkIndex()
links.setLane('SMO', 'accessory', [{ target: 'SOLD' }])
links.setLane('EX', 'accessory', [{ target: 'STR' }])
const products = [
  makeProduct('OLD', { status: 'retired', tags: ['harvest'] }),
  makeProduct('SMO', { tags: ['harvest'] }),
  makeProduct('EX', { tags: ['harvest'] }),
  makeProduct('STR'),
  makeProduct('SOLD', { stock: 0 }),
]
const shop = makeShop(products, { links })
const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const example = (part: Partial<Offer>) => exampleProduct(makeOffer('o', part), products, shop, at)?.sku ?? null

it('an offer is shown with a product that it is for and has something for, also before its time', () => {
  const harvest = { trigger: forAnyOf({ tags: ['harvest'] }), offered: { by: 'links' as const, kind: 'accessory', count: 2 } }
  expect(example(harvest)).toBe('EX')
  expect(example({ ...harvest, from: '2026-06-01' })).toBe('EX')
  expect(example({ ...harvest, trigger: forAnyOf({ products: ['SMO'] }) })).toBe('SMO')
  expect(example({ ...harvest, trigger: forAnyOf({ tags: ['gift'] }) })).toBeNull()
})
