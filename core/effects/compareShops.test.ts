import fc from 'fast-check'
import { isEqual, mapValues } from 'es-toolkit'
import { describe, expect, it } from 'vitest'
import { linkStep } from '../fillSteps/fillStep'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { makeOffer } from '../offers/makeOffer.testing'
import type { Offer } from '../offers/offer'
import { offerBlock, otherOffers } from '../pagePlans/block'
import { PlanBook } from '../pagePlans/planBook'
import type { PageKind } from '../pageTypes/registry'
import { pageKinds, pageTypes } from '../pageTypes/registry'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { makeShop } from '../selection/makeShop.testing'
import type { PlainShop } from '../selection/naiveResolve.testing'
import { naiveResolve } from '../selection/naiveResolve.testing'
import type { Shop } from '../selection/shop'
import { visitTo } from '../selection/visit'
import { steppedThrough } from '../steps'
import { compareShops, kindsThatDiffer, pagesToCompare } from './compareShops'

const withOffers = (shop: Shop, ...offers: Offer[]): Shop => ({ ...shop, offers })
const none: ReadonlySet<string> = new Set()
const effectsOf = (before: Shop, after: Shop, named = none) => steppedThrough(compareShops(before, after, named, now), () => undefined)

/** What a page is about, one after the other, said as plainly as possible. */
function subjectsOf(shop: PlainShop, kind: PageKind): string[] {
  const { asksFor } = pageTypes[kind]
  if (asksFor === 'product') return shop.products.filter(each => each.status === 'active').map(each => each.sku)
  if (asksFor === 'category') return shop.categories.map(each => each.key)
  return asksFor === 'article' ? shop.articles.map(each => each.key) : ['']
}

/** What each section of its plan shows on a page, with how many places it has. */
function naivePage(shop: PlainShop, kind: PageKind, subject: string) {
  const { plan, shown, offers } = naiveResolve(shop, ...visitTo(kind, subject, now))!
  const known = plan.zones.flatMap(zone => zone.blocks).flatMap(key => shop.sections.find(each => each.key === key) ?? [])
  return {
    plan: plan.key,
    offers: offers.filter(each => !each.hidden).map(({ offer, items }) => ({ key: offer, shown: items })),
    sections: known.map(({ key, places }) => {
      const found = shown.find(each => each.key === key)
      return { key, places, shown: found ? [...found.targets, ...found.tiles] : [] }
    }),
  }
}

describe('what publishing does to pages', () => {
  it('is the difference of the resolved pages before and after', () => {
    let changed = 0
    let changedOffers = 0
    let unmadeOffers = 0
    fc.assert(
      fc.property(anyPlainShop, anyPlainShop, fc.boolean(), fc.boolean(), (plain, other, arePlansOthers, areOffersOthers) => {
        const later: PlainShop = {
          ...plain,
          sections: other.sections,
          plans: arePlansOthers ? other.plans : plain.plans,
          offers: areOffersOthers ? other.offers : plain.offers,
        }
        const [before, after] = [plain, later].map(shopOf)
        const found = effectsOf(before!, after!, new Set(['o1', 'o2', 'o3'].map(offerBlock)))
        const pages = pageKinds.flatMap(kind =>
          subjectsOf(plain, kind).map(subject => ({
            kind,
            subject,
            was: naivePage(plain, kind, subject),
            is: naivePage(later, kind, subject),
          })),
        )
        const shownBy = (page: { sections: { key: string; shown: string[] }[] }, key: string) =>
          page.sections.find(each => each.key === key)?.shown ?? []
        for (const kind of pageKinds) {
          const ofKind = pages.filter(each => each.kind === kind)
          for (const key of ['s1', 's2', 's3', 's4']) {
            const effect = found.sections.find(each => each.page === kind && each.section === key)
            const counts = ofKind.map(({ was, is }) => [shownBy(was, key), shownBy(is, key)] as const)
            const subjectsWith = (test: (was: string[], is: string[]) => boolean) =>
              ofKind.filter((_, i) => test(...(counts[i] as [string[], string[]]))).map(each => each.subject)
            const fillOf = (side: 'was' | 'is') => {
              const has = ofKind.flatMap(page => page[side].sections.find(each => each.key === key) ?? [])
              const full = has.filter(each => each.shown.length >= each.places).length
              const blank = has.filter(each => !each.shown.length).length
              return { full, thin: has.length - full - blank, blank }
            }
            const expected = {
              before: fillOf('was'),
              after: fillOf('is'),
              gone: subjectsWith((was, is) => was.length > 0 && !is.length),
              fewer: subjectsWith((was, is) => is.length > 0 && is.length < was.length),
              more: subjectsWith((was, is) => is.length > was.length),
              others: subjectsWith((was, is) => is.length === was.length && !isEqual(was, is)),
            }
            const { before, after, gone, fewer, more, others } = expected
            if (isEqual(before, after) && ![...gone, ...fewer, ...more, ...others].length) expect(effect).toBeUndefined()
            else {
              changed++
              expect(effect).toMatchObject({ before, after })
              for (const part of ['gone', 'fewer', 'more', 'others'] as const)
                expect(effect![part]).toEqual({ count: expected[part].length, some: expected[part] })
            }
          }
        }
        for (const kind of pageKinds) {
          const ofKind = pages.filter(each => each.kind === kind)
          for (const key of ['o1', 'o2', 'o3']) {
            const effect = found.offers.find(each => each.page === kind && each.offer === key)
            const offered = (page: { offers: { key: string; shown: string[] }[] }) => page.offers.find(each => each.key === key)?.shown
            const subjectsWith = (test: (was?: string[], is?: string[]) => unknown) =>
              ofKind.filter(({ was, is }) => test(offered(was), offered(is))).map(each => each.subject)
            const expected = {
              gone: subjectsWith((was, is) => was && !is),
              come: subjectsWith((was, is) => !was && is),
              others: subjectsWith((was, is) => was && is && !isEqual(was, is)),
            }
            if (![...expected.gone, ...expected.come, ...expected.others].length) expect(effect).toBeUndefined()
            else {
              changedOffers++
              expect(effect).toMatchObject({
                before: subjectsWith(was => was).length,
                after: subjectsWith((_, is) => is).length,
                ...mapValues(expected, some => ({ count: some.length, some })),
              })
            }
          }
        }
        const isMade = (offer: string) => pages.some(({ is }) => is.offers.some(each => each.key === offer))
        const wentOut = later.offers.filter(each => !plain.offers.some(was => isEqual(was, each))).map(each => each.key)
        const unmade = wentOut.filter(offer => !isMade(offer) && !found.nowhere.includes(offerBlock(offer)))
        expect(found.unmade.toSorted()).toEqual(unmade.toSorted())
        unmadeOffers += unmade.length
        const moved = pages.filter(({ was, is }) => was.plan !== is.plan)
        expect(found.moves.reduce((sum, each) => sum + each.pages.count, 0)).toBe(moved.length)
        for (const { page, from, to, pages: some } of found.moves)
          expect(some.some).toEqual(
            moved.filter(({ kind, was, is }) => kind === page && was.plan === from && is.plan === to).map(each => each.subject),
          )
        const all = (page: (typeof pages)[0]['was']) => [
          ...page.sections,
          ...page.offers.map(each => ({ ...each, key: `offer:${each.key}` })),
        ]
        const hasLess = (page: (typeof pages)[0]['was'], than: (typeof pages)[0]['was']) =>
          all(than).some(({ key, shown }) => (all(page).find(each => each.key === key)?.shown.length ?? 0) < shown.length)
        const loses = ({ was, is }: (typeof pages)[0]) => hasLess(is, was)
        const gains = ({ was, is }: (typeof pages)[0]) => hasLess(was, is)
        expect(found.less).toBe(pages.filter(loses).length)
        expect(found.more).toBe(pages.filter(each => !loses(each) && gains(each)).length)
      }),
      { numRuns: 60 },
    )
    expect(changed).toBeGreaterThan(200)
    expect(changedOffers).toBeGreaterThan(20)
    expect(unmadeOffers).toBeGreaterThan(2)
  }, 120_000)

  it('compares the pages of those kinds alone that can be others', () => {
    const sections = new Map([['s1', makeSection('s1')]])
    const plans = (...keys: string[]) => new PlanBook(pageKinds.map(kind => makePlan(kind, kind === 'added' ? keys : [])))
    const shop = (...keys: string[]) => withOffers(makeShop([makeProduct('A'), makeProduct('B')], { sections, plans: plans(...keys) }))
    expect(kindsThatDiffer(shop(), shop())).toEqual([])
    expect(kindsThatDiffer(shop(), shop('s1'))).toEqual(['added'])
    expect(pagesToCompare(shop(), shop('s1'))).toBe(2)
    // Offers change the pages alone that have a place for them.
    expect(kindsThatDiffer(shop(otherOffers), withOffers(shop(otherOffers), makeOffer('tick')))).toEqual(['added'])
    expect(kindsThatDiffer(shop('s1'), withOffers(shop('s1'), makeOffer('tick')))).toEqual([])
  })

  it('says which section above shows what another has lost', () => {
    const links = new LinkIndex()
    links.setLane('A', 'related', [{ target: 'B' }, { target: 'C' }])
    const products = ['A', 'B', 'C'].map(sku => makeProduct(sku))
    const low = makeSection('low', { steps: [linkStep('related')], places: 2 })
    const high = makeSection('high', { steps: [linkStep('related')], places: 1 })
    const shop = (...keys: string[]) =>
      withOffers(
        makeShop(products, {
          links,
          sections: new Map([low, high].map(each => [each.key, each])),
          plans: new PlanBook(pageKinds.map(kind => makePlan(kind, kind === 'product' ? keys : []))),
        }),
      )
    const { sections, less, more } = effectsOf(shop('low'), shop('high', 'low'))
    expect(sections.map(({ section, lostTo, fewer, more: gained }) => [section, lostTo, fewer.some, gained.some])).toEqual([
      ['low', [{ block: 'high', pages: 1 }], ['A'], []],
      ['high', [], [], ['A']],
    ])
    expect([less, more]).toEqual([1, 0])
    // Taken off the page, it has lost to nobody.
    expect(effectsOf(shop('high', 'low'), shop('high')).sections.map(each => [each.section, each.gone.some, each.lostTo])).toEqual([
      ['low', ['A'], []],
    ])
    // Nothing becomes of it, but somebody asks.
    expect(effectsOf(shop('high', 'low'), shop('high', 'low'), new Set(['high']))).toMatchObject({ pages: 0, sections: [], nowhere: [] })
    expect(effectsOf(shop('low'), shop('low'), new Set(['high', 'never made'])).nowhere).toEqual(['high'])
    expect(effectsOf(shop('high'), shop('high', 'low'), new Set(['high'])).sections.map(each => each.section)).toEqual(['low', 'high'])
  })

  it('says which offer above shows what a section has lost, and which stands on no page', () => {
    const links = new LinkIndex()
    links.setLane('A', 'related', [{ target: 'B' }])
    const shop = (...blocks: string[]) =>
      makeShop(
        ['A', 'B'].map(sku => makeProduct(sku, { stock: 5 })),
        {
          links,
          offers: [makeOffer('tick', { offered: { by: 'chosen', skus: ['B'] } })],
          sections: new Map([['low', makeSection('low', { steps: [linkStep('related')] })]]),
          plans: new PlanBook(pageKinds.map(kind => makePlan(kind, kind === 'product' ? blocks : []))),
        },
      )
    const own = offerBlock('tick')
    for (const block of [own, otherOffers])
      expect(effectsOf(shop('low'), shop(block, 'low'), new Set([own]))).toMatchObject({
        sections: [{ section: 'low', gone: { some: ['A'] }, lostTo: [{ block: own, pages: 1 }] }],
        offers: [{ offer: 'tick', come: { some: ['A'] } }],
        nowhere: [],
      })
    expect(effectsOf(shop('low'), shop('low'), new Set([own])).nowhere).toEqual([own])
  })

  it('tells on how many pages an offer is made, and where it goes', () => {
    const products = ['A', 'B', 'C'].map(sku => makeProduct(sku, { stock: 5 }))
    const plans = new PlanBook(pageKinds.map(kind => makePlan(kind, kind === 'added' ? [] : [otherOffers])))
    const shop = (...offers: Offer[]) => makeShop(products, { plans, offers })
    const forAll = makeOffer('tick', { offered: { by: 'chosen', skus: ['B'] } })
    const { offers, less, more } = effectsOf(shop(forAll), shop({ ...forAll, offered: { by: 'chosen', skus: ['C'] } }))
    // B has it neither before nor C after: nobody is offered what they look at.
    expect(offers.map(({ page, before, after, gone, come, others }) => [page, before, after, gone.some, come.some, others.some])).toEqual([
      ['product', 2, 2, ['C'], ['B'], ['A']],
      ['cart', 2, 2, ['C'], ['B'], ['A']],
    ])
    expect([less, more]).toEqual([2, 2])
    expect(effectsOf(shop(), shop(forAll)).offers).toMatchObject([
      { page: 'product', before: 0, after: 2 },
      { page: 'cart', before: 0, after: 2 },
    ])
  })
})
