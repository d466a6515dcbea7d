import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { makeKind } from '../links/makeKind.testing'
import { linkProblem } from '../links/linkProblem'
import { LinkIndex } from '../links/linkIndex'
import { linkStep } from '../fillSteps/fillStep'
import { builtInSections } from '../sections/builtIn'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import { makeShop, makeShopper } from './makeShop.testing'
import { resolvePage } from './resolvePage'
import type { Page } from '../pageTypes/registry'
import { momentIn } from '../time/moment'

/*
 * What merchandisers hold to be right, by common practice in the trade; there is no source for it.
 */

const skus = ['A', 'B', 'C', 'D', 'E', 'F']
const kinds = ['upsell', 'accessory', 'related', 'cross-sell']
const products = skus.map((sku, i) => makeProduct(sku, { price: 1000 * (i + 1) }))
const anyLinks = fc.array(
  fc.record({ source: fc.constantFrom(...skus), kind: fc.constantFrom(...kinds), targets: fc.uniqueArray(fc.constantFrom(...skus)) }),
  { maxLength: 12 },
)
const anyPage: fc.Arbitrary<Page> = fc.oneof(
  fc.constant({ kind: 'cart' as const }),
  fc.record({ kind: fc.constantFrom('product' as const, 'added' as const), sku: fc.constantFrom(...skus) }),
)
function shopWith(links: { source: string; kind: string; targets: string[] }[]) {
  const index = new LinkIndex()
  for (const { source, kind, targets } of links)
    index.setLane(
      source,
      kind,
      targets.filter(each => each !== source).map(target => ({ target })),
    )
  return makeShop(products, { links: index })
}

describe('by common practice', () => {
  it('an upsell costs more than what it stands beside, and an accessory less', () => {
    const odd = (expectation: 'dearer' | 'cheaper', source: number, target: number) =>
      linkProblem(
        { target: skus[target]! },
        makeKind('k', { expectation }),
        products[source]!,
        { product: products[target]!, variant: null },
        momentIn('UTC', 0),
      )
    expect([odd('dearer', 1, 2), odd('dearer', 1, 0)]).toEqual([null, 'cheaperThanSource'])
    expect([odd('cheaper', 1, 0), odd('cheaper', 1, 2)]).toEqual([null, 'dearerThanSource'])
  })

  it('what is in the cart is not offered again, in any section that Manada starts with', () => {
    expect(builtInSections.filter(section => !section.guards.includes('inCart'))).toEqual([])
    fc.assert(
      fc.property(anyLinks, anyPage, fc.uniqueArray(fc.constantFrom(...skus)), (links, page, cart) => {
        const shown = resolvePage(shopWith(links), page, makeShopper({ cart })).sections.flatMap(each =>
          each.items.map(item => item.product.sku),
        )
        expect(shown.filter(sku => cart.includes(sku))).toEqual([])
      }),
    )
  })

  it('a section without products is not shown', () => {
    fc.assert(
      fc.property(anyLinks, anyPage, fc.uniqueArray(fc.constantFrom(...skus)), (links, page, cart) => {
        const { sections, hidden } = resolvePage(shopWith(links), page, makeShopper({ cart }))
        expect(sections.every(each => each.items.length > 0)).toBe(true)
        expect(hidden.every(each => !sections.some(shown => shown.section === each.section))).toBe(true)
      }),
    )
  })

  it('what was picked by hand stands before what a rule finds, and is never lost to it', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...skus.slice(1)), { minLength: 1 }), fc.integer({ min: 1, max: 6 }), (picked, places) => {
        const rule = {
          from: 'rule' as const,
          rule: { when: { all: [] }, pick: { all: [] } },
          order: 'best-selling' as const,
          subjects: 'page' as const,
          cap: null,
          off: false,
        }
        const section = makeSection('s', { steps: [linkStep('related'), rule], places })
        const shop = {
          ...shopWith([{ source: 'A', kind: 'related', targets: picked }]),
          sections: new Map([['s', section]]),
          plans: new PlanBook([makePlan('product', ['s'])]),
        }
        const shown = resolvePage(shop, { kind: 'product', sku: 'A' }, makeShopper()).sections[0]!.items.map(item => item.product.sku)
        expect(shown.slice(0, picked.length)).toEqual(picked.slice(0, places))
      }),
    )
  })
})
