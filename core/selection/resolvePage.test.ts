import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CatalogueItem } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { targetsOf } from '../links/lane'
import { linkStep } from '../fillSteps/fillStep'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import { guardSchema } from '../sections/section'
import { anyPage, anyPlainShop, anyShopper, now, shopOf } from './anyShop.testing'
import { makeShop, makeShopper } from './makeShop.testing'
import { naiveResolve } from './naiveResolve.testing'
import type { ExplainedPage } from './resolvedPage'
import { explainPage, resolvePage } from './resolvePage'
import { UnknownSubjectError } from './shop'

/** A resolved page in the shape that the naive implementation answers in. */
function plainAnswer(page: ExplainedPage) {
  const target = ({ product, variant }: CatalogueItem) => (variant ?? product).sku
  return {
    about: page.subjects,
    plan: page.plan,
    shown: page.sections.map(each => ({
      key: each.section.key,
      zone: each.zone,
      targets: each.items.map(target),
      steps: each.items.map(item => item.step),
      tiles: each.tiles.map(tile => tile.key),
    })),
    hidden: page.hidden.map(({ section, reason }) => ({ key: section.key, reason })),
    offers: page.offers.map(({ offer, product, items, left, hidden, zone, sectionsAbove }) => ({
      offer: offer.key,
      product: product.sku,
      items: items.map(target),
      left: left.map(({ item, reason }) => `${target(item)} ${reason}`),
      hidden,
      zone,
      sectionsAbove,
    })),
  }
}

describe('resolvePage', () => {
  it('agrees with the naive implementation on any shop, page and cart', () => {
    const reasons = new Set<string | undefined>()
    fc.assert(
      fc.property(anyPlainShop, anyPage, anyShopper, (plain, page, shopper) => {
        const expected = naiveResolve(plain, page, shopper)
        const shop = shopOf(plain)
        if (!expected) {
          expect(() => resolvePage(shop, page, shopper)).toThrow(UnknownSubjectError)
          return
        }
        const { told, toldTiles, ...rest } = expected
        for (const each of rest.offers) for (const [, reason] of each.left.map(left => left.split(' '))) reasons.add(reason)
        for (const each of rest.offers) reasons.add(each.hidden ?? 'made')
        const explained = explainPage(shop, page, shopper)
        expect(plainAnswer(explained)).toEqual(rest)

        const deliveredSteps = Object.fromEntries(
          [...explained.steps].map(([key, steps]) => [
            key,
            steps.flatMap((report, number) => [
              ...report.taken.map(each => ({ target: (each.variant ?? each.product).sku, step: number, verdict: 'taken' })),
              ...report.heldBack.map(({ candidate, reason }) => ({
                target: (candidate.variant ?? candidate.product).sku,
                step: number,
                verdict: reason,
              })),
            ]),
          ]),
        )
        const sorted = (all: Record<string, object[]>) =>
          Object.fromEntries(
            Object.entries(all).map(([key, each]) => [key, each.map(one => JSON.stringify(one, ['target', 'step', 'verdict'])).sort()]),
          )
        expect(sorted(deliveredSteps)).toEqual(sorted(told))
        const deliveredTiles = Object.fromEntries(
          [...explained.steps].map(([key, steps]) => [
            key,
            steps.flatMap(({ tiles }) => [
              ...(tiles?.taken.map(({ key: category, step }) => ({ target: category, step, verdict: 'taken' })) ?? []),
              ...(tiles?.heldBack.map(({ key: category, step, reason }) => ({ target: category, step, verdict: reason })) ?? []),
            ]),
          ]),
        )
        expect(sorted(deliveredTiles)).toEqual(
          sorted(
            Object.fromEntries(
              Object.entries(toldTiles).map(([key, each]) => [key, each.map(({ key: target, ...tile }) => ({ target, ...tile }))]),
            ),
          ),
        )
      }),
      { numRuns: 2000 },
    )
    const ofOffers = [
      'inCart',
      'notForSale',
      'hasChoices',
      'outOfStock',
      'offeredAbove',
      'shownEarlier',
      'off',
      'notOnPlan',
      'nothingLeft',
      'partMissing',
    ]
    expect(reasons).toEqual(new Set([...ofOffers, 'made']))
  }, 120_000)

  it('shows the same with and without the explanation', () => {
    fc.assert(
      fc.property(anyPlainShop, anyPage, anyShopper, (plain, page, shopper) => {
        fc.pre(naiveResolve(plain, page, shopper) !== null)
        const { steps, ...explained } = explainPage(shopOf(plain), page, shopper)
        expect(steps.size).toBe(explained.sections.length + explained.hidden.length)
        expect(explained).toEqual(resolvePage(shopOf(plain), page, shopper))
      }),
    )
  })

  it('never shows what is in the cart, and shows it again once it is removed', () => {
    fc.assert(
      fc.property(anyPlainShop, anyPage, anyShopper, (plain, page, shopper) => {
        fc.pre(naiveResolve(plain, page, shopper) !== null)
        const guarded = { ...plain, sections: plain.sections.map(each => ({ ...each, guards: guardSchema.options })) }
        const shop = shopOf(guarded)
        const first = resolvePage(shop, page, shopper)
        const skusShown = (resolved: typeof first) =>
          resolved.sections.flatMap(each => each.items.map(item => (item.variant ?? item.product).sku))
        expect(skusShown(first).filter(sku => shopper.cart.includes(sku))).toEqual([])
        const target = skusShown(first)[0]
        if (!target || page.kind === 'cart') return
        expect(skusShown(resolvePage(shop, page, { ...shopper, cart: [target, ...shopper.cart] }))).not.toContain(target)
        expect(resolvePage(shop, page, shopper)).toEqual(first)
      }),
    )
  })
})

describe('the turns of several subjects', () => {
  it('bring every subject’s first candidate before any subject’s second, most recently added first', () => {
    const links = new LinkIndex()
    const link = (source: string, ...targets: string[]) =>
      links.setLane(
        source,
        'cross-sell',
        targets.map(target => ({ target })),
      )
    link('A', 'P', 'Q', 'R')
    link('B', 'S', 'P')
    const shop = makeShop(
      ['A', 'B', 'P', 'Q', 'R', 'S'].map(sku => makeProduct(sku)),
      {
        links,
        sections: new Map([['s', makeSection('s', { steps: [linkStep('cross-sell')], places: 3 })]]),
        plans: new PlanBook([makePlan('cart', ['s'])]),
      },
    )
    const page = explainPage(shop, { kind: 'cart' }, makeShopper({ cart: ['B', 'A'], at: now }))
    expect(page.sections[0]!.items.map(item => [item.product.sku, item.source, item.place])).toEqual([
      ['S', 'B', 1],
      ['P', 'A', 1],
      ['Q', 'A', 2],
    ])
    expect(page.steps.get('s')![0]!.heldBack.map(each => [each.candidate.product.sku, each.candidate.source, each.reason])).toEqual([
      ['P', 'B', 'duplicate'],
      ['R', 'A', 'noRoom'],
    ])
    expect(targetsOf(shop.links.lane('A', 'cross-sell'))).toEqual(['P', 'Q', 'R'])
  })
})
