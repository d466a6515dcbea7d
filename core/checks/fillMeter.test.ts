import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Product } from '../catalogue/product'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import type { Offer } from '../offers/offer'
import { makeOffer } from '../offers/makeOffer.testing'
import { offerBlock, otherOffers } from '../pagePlans/block'
import type { FillStep } from '../fillSteps/fillStep'
import { linkStep } from '../fillSteps/fillStep'
import { heeds } from '../sections/heeds'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { PageKind } from '../pageTypes/registry'
import { PlanBook } from '../pagePlans/planBook'
import { anyPlainShop, now, productOf, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { makeShop, makeShopper } from '../selection/makeShop.testing'
import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import { FillMeter } from './fillMeter'

function counted(shop: Shop, section = 's1', page: PageKind = 'product'): FillMeter {
  const meter = new FillMeter(shop, section, page)
  const counting = meter.counting(now)
  while (!counting.next().done);
  return meter
}
/** How many products the section shows on each active product's page, by walking through the pages. */
function walked(shop: Shop, section = 's1'): Map<string, number> {
  return new Map(
    skus
      .filter(sku => shop.catalogue.product(sku)!.status === 'active')
      .map(sku => [
        sku,
        resolvePage(shop, { kind: 'product', sku }, makeShopper({ at: now })).sections.find(each => each.section.key === section)?.items
          .length ?? 0,
      ]),
  )
}
const keysOfSections = ['s1', 's2', 's3', 's4']
const planned = (shop: Shop, steps = [linkStep('accessory')]): Shop => ({
  ...shop,
  sections: new Map([['s1', makeSection('s1', { steps, places: 2 })]]),
  plans: new PlanBook([makePlan('product', ['s1'])]),
})

describe('a fill meter', () => {
  it('counts the pages of active products, and names them by what they show', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const shop = planned(shopOf(plain))
        const meter = counted(shop)
        const shown = [...walked(shop).values()]
        expect(meter.fill).toEqual({
          places: 2,
          pages: [0, 1, 2].map(count => shown.filter(each => each === count).length),
          steps: [shown.reduce((sum, each) => sum + each, 0)],
          unpicked: 0,
        })
        const thin = [...meter.subjectsWith(1, 1)]
        expect(thin).toEqual([...walked(shop)].filter(([, count]) => count === 1).map(([sku]) => sku))
      }),
      { numRuns: 200 },
    )
  })

  it('tells on how many pages nothing was picked, and all is found by steps', () => {
    const found: FillStep = { from: 'newest', of: 'all', subjects: 'page', cap: null, off: false }
    let unpicked = 0
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const shop = planned(shopOf(plain), [linkStep('accessory'), found])
        const byHand = new Set([...shop.catalogue.products].filter(each => walked(planned(shop)).get(each.sku)).map(each => each.sku))
        const all = [...walked(shop)].filter(([sku, count]) => count && !byHand.has(sku)).length
        expect(counted(shop).fill.unpicked).toBe(all)
        expect(counted(planned(shop, [found])).fill.unpicked).toBe(0)
        unpicked += all
      }),
      { numRuns: 100 },
    )
    expect(unpicked).toBeGreaterThan(50)
  })

  it('counts single pages anew after an edit of their lanes', () => {
    fc.assert(
      fc.property(
        anyPlainShop,
        fc.constantFrom(...skus),
        fc.uniqueArray(fc.constantFrom(...skus), { maxLength: 3 }),
        (plain, source, targets) => {
          const shop = planned(shopOf(plain))
          const meter = counted(shop)
          ;(shop.links as LinkIndex).setLane(
            source,
            'accessory',
            targets.map(target => ({ target })),
          )
          meter.recount([shop.index.postings.positionOf(source)!], now)
          expect(meter.fill).toEqual(counted(shop).fill)
        },
      ),
      { numRuns: 200 },
    )
  })

  it('counts the one page of an article anew, after what it names has changed', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.uniqueArray(fc.constantFrom(...skus), { maxLength: 3 }), (plain, names) => {
        const shop = {
          ...shopOf(plain),
          sections: new Map([['s1', makeSection('s1', { steps: [linkStep('accessory')], places: 4 })]]),
          plans: new PlanBook([makePlan('article', ['s1'])]),
        }
        const meter = counted(shop, 's1', 'article')
        shop.catalogue.setArticle({ ...shop.catalogue.article('spring')!, products: names })
        meter.recount(meter.pages.withSubject('spring'), now)
        expect(meter.fill).toEqual(counted(shop, 's1', 'article').fill)
        expect(meter.fill.pages.reduce((sum, each) => sum + each)).toBe(1)
      }),
      { numRuns: 100 },
    )
  })

  it('counts the same after sales that it says it need not heed', () => {
    const sold = fc.record(Object.fromEntries(skus.map(sku => [sku, fc.nat(9)])))
    let inOrderOfSales = 0
    fc.assert(
      fc.property(
        anyPlainShop,
        sold,
        fc.constantFrom(...keysOfSections),
        fc.constantFrom<PageKind>('product', 'category', 'article', 'home'),
        (plain, sold, section, page) => {
          const meter = counted(shopOf(plain), section, page)
          if (meter.heeds('sold')) return
          expect(counted(shopOf({ ...plain, sold }), section, page).fill).toEqual(meter.fill)
          if (
            heeds(
              plain.sections.find(each => each.key === section)!,
              'sold',
            )
          )
            inOrderOfSales++
        },
      ),
      { numRuns: 2000 },
    )
    expect(inOrderOfSales).toBeGreaterThan(50)
  })

  it('counts the same after a product changed that it says it does not hang on, but for the pages that link to it', () => {
    let others = 0
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom(...keysOfSections), fc.constantFrom(...skus).chain(productOf), (plain, key, changed) => {
        const before = plain.products.find(each => each.sku === changed.sku)!
        const sections = plain.sections.map((each, i) => ({ ...each, steps: [linkStep(i % 2 ? 'upsell' : 'accessory')] }))
        const countedWith = (product: Product) =>
          counted(shopOf({ ...plain, sections, products: plain.products.map(each => (each === before ? product : each)) }), key)
        const meter = countedWith(before)
        const own = new Set([before, changed].flatMap(({ sku, variants }) => [sku, ...variants.map(each => each.sku)]))
        if (meter.hangsOnOthers(own)) return
        const touched = new Set(plain.lanes.filter(({ lane }) => lane.some(link => own.has(link.target))).map(each => each.source))
        const untouched = skus.filter(sku => sku !== changed.sku && !touched.has(sku))
        const after = countedWith(changed)
        for (let count = 0; count <= meter.fill.places; count++) {
          const showing = (each: FillMeter) => [...each.subjectsWith(count, count)].filter(sku => untouched.includes(sku))
          expect(showing(after)).toEqual(showing(meter))
        }
        if (plain.offers.length) others += untouched.length
      }),
      { numRuns: 1000 },
    )
    expect(others).toBeGreaterThan(50)
  })

  it('counts anew when what was sold changes what an offer above finds', () => {
    const rule = { when: { all: [] }, pick: { has: { of: 'tag' as const, name: 'gift' } } }
    const shopWith = (part: Partial<Offer>, ...blocks: string[]) =>
      makeShop([makeProduct('A'), makeProduct('B', { tags: ['gift'] })], {
        offers: [makeOffer('tick', part)],
        sections: new Map([['s1', makeSection('s1', { guards: ['shownEarlier'] })]]),
        plans: new PlanBook([makePlan('product', blocks)]),
      })
    const heedsSales = (part: Partial<Offer>, ...blocks: string[]) =>
      new FillMeter(shopWith(part, ...blocks), 's1', 'product').heeds('sold')
    const byRule = (order: 'best-selling' | 'cheapest'): Offer['offered'] => ({ by: 'rule', rule, order, count: 1 })
    expect([
      heedsSales({ offered: byRule('best-selling') }, otherOffers, 's1'),
      heedsSales({ fallbacks: [byRule('best-selling')] }, otherOffers, 's1'),
      heedsSales({ offered: byRule('best-selling') }, 's1', otherOffers),
      heedsSales({ offered: byRule('cheapest') }, otherOffers, 's1'),
    ]).toEqual([true, true, false, false])
  })

  it('takes over the counts of another that counts the same', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const shop = planned(shopOf(plain))
        const twin = new FillMeter(shop, 's1', 'product')
        twin.copyFrom(counted(shop))
        expect(twin.fill).toEqual(counted(shop).fill)
      }),
      { numRuns: 20 },
    )
  })

  it('knows whether a changed product matters beyond the pages that link to it', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const bestSellers = { from: 'bestSellers' as const, of: 'all' as const, subjects: 'page' as const, cap: null, off: false }
        const hangsOnOthers = (steps: Parameters<typeof planned>[1]) =>
          new FillMeter(planned(shopOf(plain), steps), 's1', 'product').hangsOnOthers(new Set())
        expect([
          hangsOnOthers([linkStep('upsell')]),
          hangsOnOthers([linkStep('upsell'), bestSellers]),
          hangsOnOthers([linkStep('upsell'), { ...bestSellers, off: true }]),
        ]).toEqual([false, true, false])
      }),
      { numRuns: 3 },
    )
  })

  it('counts the pages anew on which a changed product was offered above', () => {
    const offer = makeOffer('tick', { offered: { by: 'chosen', skus: ['B'] } })
    const links = new LinkIndex()
    links.setLane('A', 'accessory', [{ target: 'B' }])
    const shopWith = (stock: number, ...blocks: string[]) =>
      makeShop([makeProduct('A'), makeProduct('B', { stock })], {
        links,
        offers: [offer],
        sections: new Map([['s1', makeSection('s1', { guards: ['shownEarlier'] })]]),
        plans: new PlanBook([makePlan('product', blocks)]),
      })
    const fullOn = (shop: Shop) => [...counted(shop).subjectsWith(1, 4)]
    expect(fullOn(shopWith(5, 's1', otherOffers))).toEqual(['A'])
    expect(fullOn(shopWith(5, otherOffers, 's1'))).toEqual([])
    expect(fullOn(shopWith(0, otherOffers, 's1'))).toEqual(['A'])
    // One with a block of its own below is not among the others above.
    expect(fullOn(shopWith(5, otherOffers, 's1', offerBlock('tick')))).toEqual(['A'])
    const heeds = (sku: string, ...blocks: string[]) => new FillMeter(shopWith(5, ...blocks), 's1', 'product').hangsOnOthers(new Set([sku]))
    expect([heeds('B', otherOffers, 's1'), heeds('A', otherOffers, 's1'), heeds('B', 's1', otherOffers)]).toEqual([true, false, false])
    expect([heeds('B', offerBlock('tick'), 's1'), heeds('B', otherOffers, 's1', offerBlock('tick'))]).toEqual([true, false])
  })

  it('says that there is no such section', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => new FillMeter(shopOf(plain), 'gone', 'product').counting(now).next().value === false),
      { numRuns: 3 },
    )
  })
})
