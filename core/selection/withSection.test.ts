import { expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { PagePlan } from '../pagePlans/pagePlan'
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

it('puts it at the foot of the page, whatever zones the plan of the page says', () => {
  const zonesWith = (zones: PagePlan['zones']) =>
    withSection({ ...shop, plans: new PlanBook([makePlan('product', [], { zones })]) }, 'tried', 'product')!.plans.of('product')[0]!.zones
  const above = { key: 'aboveBuy', blocks: ['first'] }
  expect(zonesWith([above])).toEqual([above, { key: 'foot', blocks: ['tried'] }])
  expect(zonesWith([above, { key: 'foot', blocks: ['second'] }])).toEqual([above, { key: 'foot', blocks: ['second', 'tried'] }])
})

it('leaves a page that has it as it is, and knows when there is none', () => {
  expect(withSection(shop, 'first', 'product')).toBe(shop)
  expect(withSection(shop, 'gone', 'product')).toBeNull()
})
