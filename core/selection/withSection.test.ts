import { expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import { makeShop, makeShopper } from './makeShop.testing'
import { resolvePage } from './resolvePage'
import { withSection } from './withSection'

const links = new LinkIndex()
links.setLane('A', 'accessory', [{ target: 'B' }, { target: 'C' }])
const shop = makeShop(
  ['A', 'B', 'C'].map(sku => makeProduct(sku)),
  {
    links,
    sections: new Map([
      ['first', makeSection('first', { places: 1 })],
      ['tried', makeSection('tried')],
    ]),
    plans: new PlanBook([makePlan('product', ['first'])]),
  },
)

it('puts a section that stands nowhere behind all others, so that what they show is held back from it', () => {
  const { sections } = resolvePage(withSection(shop, 'tried', 'product')!, { kind: 'product', sku: 'A' }, makeShopper())
  expect(sections.map(({ section, items }) => [section.key, items.map(item => item.product.sku)])).toEqual([
    ['first', ['B']],
    ['tried', ['C']],
  ])
  expect(shop.plans.of('product')[0]!.zones).toHaveLength(1)
})

it('leaves a page that has it as it is, and knows when there is none', () => {
  expect(withSection(shop, 'first', 'product')).toBe(shop)
  expect(withSection(shop, 'gone', 'product')).toBeNull()
})
