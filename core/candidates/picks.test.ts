import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { targetCheck } from '../rules/matches'
import { skus } from '../fillSteps/naiveStep.testing'
import { anyRule } from '../rules/anyRule.testing'
import { anyShopper, now, productOf } from '../selection/anyShop.testing'
import { candidatesOf } from '../fillSteps/fillStep'
import { makeIndex, makeShop } from '../selection/makeShop.testing'
import { picksOf } from './picks'
import { freeStepOrdersSchema } from './stepOrder'

const categories = [
  { key: 'hives', parent: null },
  { key: 'frames', parent: 'hives' },
  { key: 'deep-frames', parent: 'frames' },
  { key: 'tools', parent: null },
].map(each => ({ name: {}, ...each }))
const sold = (sku: string) => sku.charCodeAt(sku.length - 1) % 7
const factsOf = (catalogue: Catalogue) => ({ sold, categoriesFrom: (key: string) => catalogue.categoriesFrom(key), at: now })

/** Many products of few sorts. */
const manyOf = (sorts: readonly Product[], count: number) =>
  Array.from({ length: count }, (_, i) => ({ ...sorts[i % sorts.length]!, sku: `P${i}`, variants: [] }))
const anySorts = fc.tuple(...skus.map(productOf))

describe('what a rule picks', () => {
  it('is what its conditions hold for one product at a time, also after products have changed', () => {
    fc.assert(
      fc.property(
        anySorts,
        fc.array(anyRule, { minLength: 1, maxLength: 3 }),
        fc.array(fc.tuple(fc.nat(299), productOf('Z')), { maxLength: 4 }),
        fc.nat(299),
        (sorts, rules, changes, of) => {
          const products: Product[] = manyOf(sorts, 300)
          const index = makeIndex(products, { sold })
          const facts = factsOf(new Catalogue(products, categories, []))
          const areAsChecked = () => {
            const source = products[of]!
            for (const { pick } of rules) {
              const check = targetCheck(pick, source, facts)
              expect(picksOf(pick, source, index, facts).positions()).toEqual(products.flatMap((each, i) => (check(each) ? [i] : [])))
            }
          }
          areAsChecked()
          for (const [position, product] of changes) {
            const after = { ...product, sku: products[position]!.sku }
            index.postings.put({ position, product: after }, products[position]!)
            index.put([{ position, product: after }])
            products[position] = after
            areAsChecked()
          }
        },
      ),
      { numRuns: 150 },
    )
  }, 120_000)

  it('is found in the order asked for, whether few or many products are looked at', () => {
    fc.assert(
      fc.property(
        anySorts,
        anyRule,
        fc.constantFrom(...freeStepOrdersSchema.options),
        anyShopper,
        fc.nat(499),
        (sorts, { pick }, order, shopper, of) => {
          const products = manyOf(sorts, 500)
          const shop = makeShop(products, { categories, index: makeIndex(products, { sold }) })
          const found = (rule: typeof pick) => {
            const step = {
              from: 'rule' as const,
              rule: { when: { all: [] }, pick: rule },
              order,
              subjects: 'page' as const,
              cap: null,
              off: false,
            }
            return Array.from(
              candidatesOf(step, 0, {
                shop,
                shopper,
                subjects: [`P${of}`],
                category: null,
                named: null,
                cart: [],
                isCartPage: false,
                key: '',
              }),
              each => each.product.sku,
            )
          }
          const check = targetCheck(pick, products[of]!, { ...factsOf(shop.catalogue), at: shopper.at })
          // All products in the order, found without a condition to narrow them down.
          const all = found({ all: [] })
          expect(all).toHaveLength(products.length - 1)
          expect(found(pick)).toEqual(all.filter(sku => check(shop.catalogue.product(sku)!)))
        },
      ),
      { numRuns: 150 },
    )
  }, 120_000)
})
