import { expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { emptyScope } from '../pagePlans/pagePlan'
import { PlanBook } from '../pagePlans/planBook'
import { makePlan } from '../sections/makeSection.testing'
import { makeShop, makeShopper } from './makeShop.testing'
import { resolvePage } from './resolvePage'
import { withPlan } from './withPlan'

const jars = makePlan('product', [], { key: 'jars', rank: 2, scope: { ...emptyScope, products: ['JAR'] } })
const hive = makePlan('product', [], { key: 'hive', rank: 1, scope: { ...emptyScope, products: ['HIVE'] } })
const plans = new PlanBook([makePlan('product', [], { key: 'all' }), makePlan('cart', [], { key: 'cart' }), hive, jars])
const shop = makeShop([makeProduct('JAR'), makeProduct('HIVE'), makeProduct('LID')], { plans })
const planOf = (key: string, sku: string) => resolvePage(withPlan(shop, key)!, { kind: 'product', sku }, makeShopper()).plan.key

it('gives a plan to every page of its kind, also to those that another is for', () => {
  for (const sku of ['JAR', 'HIVE', 'LID']) {
    expect(planOf('jars', sku)).toBe('jars')
    // Of the default plan there are no others to choose from afterwards.
    expect(planOf('all', sku)).toBe('all')
    expect(planOf('cart', sku)).toBe(resolvePage(shop, { kind: 'product', sku }, makeShopper()).plan.key)
  }
  expect(withPlan(shop, 'gone')).toBeNull()
})
