import fc from 'fast-check'
import { hasBlock } from '../pagePlans/pagePlan'
import { PlanBook } from '../pagePlans/planBook'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { linkStep } from '../fillSteps/fillStep'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { makeShop } from '../selection/makeShop.testing'
import { completed } from '../steps'
import { fillFindings, ruleFindings, sameFindings, sectionsOnPages } from './sectionFindings'

const skus = ['A', 'B', 'C', 'D']
const best = (of: 'all' | 'brand') => ({ from: 'bestSellers' as const, of, subjects: 'page' as const, cap: null, off: false })

function shopWith(sections: ReturnType<typeof makeSection>[], off: string[] = []) {
  const links = new LinkIndex()
  links.setLane('A', 'accessory', [{ target: 'B' }])
  const products = skus.map((sku, i) => makeProduct(sku, { brand: i < 2 ? 'Alder' : 'Birch' }))
  return makeShop(products, {
    links,
    sections: new Map(sections.map(each => [each.key, each])),
    plans: new PlanBook(
      (['product', 'added', 'cart'] as const).map(page =>
        makePlan(page, page === 'product' ? sections.map(each => each.key) : [], { off }),
      ),
    ),
  })
}
const found = (shop: ReturnType<typeof shopWith>) =>
  [...completed(ruleFindings(shop, now)), ...completed(sameFindings(shop, now))].map(
    ({ check, source, kind, target, part, whole }) => `${check} ${source} ${kind} ${target} ${part}/${whole}`,
  )

describe('findings on sections', () => {
  it('names sections of a page that would show the same on most pages', () => {
    const sections = [
      makeSection('one', { steps: [best('all')], places: 4 }),
      makeSection('two', { steps: [best('all')], places: 4 }),
      makeSection('three', { steps: [linkStep('accessory')] }),
    ]
    expect(found(shopWith(sections))).toEqual(['sameShown two product one 4/4'])
    expect(found(shopWith(sections, ['two']))).toEqual([])
    expect(found(shopWith([{ ...sections[0]!, off: true }, sections[1]!]))).toEqual([])
  })

  it('names rules that never match, and those that hardly choose', () => {
    const rule = (pick: object, off = false) => ({
      from: 'rule' as const,
      rule: { when: { all: [] }, pick } as never,
      order: 'best-selling' as const,
      subjects: 'page' as const,
      cap: null,
      off,
    })
    const never = rule({ has: { of: 'brand', name: 'Cedar' } })
    const always = rule({ price: { from: 1 } })
    const half = rule({ brand: 'same' })
    expect(found(shopWith([makeSection('one', { steps: [half, never, always] })]))).toEqual([
      'ruleNever one 1  4/4',
      'ruleNearlyAll one 2  100/100',
    ])
    expect(found(shopWith([makeSection('one', { steps: [half, { ...never, off: true }] })]))).toEqual([])
  })

  it('tell of the pages that stay blank or thin, only where there are any', () => {
    expect(fillFindings('one', 'cart', { places: 2, pages: [3, 4, 5], steps: [14], unpicked: 0 })).toEqual([
      { check: 'sectionBlank', source: 'one', kind: 'cart', target: '', part: 3, whole: 12 },
      { check: 'sectionThin', source: 'one', kind: 'cart', target: '', part: 4, whole: 12 },
    ])
    expect(fillFindings('one', 'cart', { places: 2, pages: [0, 0, 5], steps: [10], unpicked: 0 })).toEqual([])
  })

  it('are of sections that shoppers may meet alone', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const shop = shopOf(plain)
        for (const { section, page } of sectionsOnPages(shop))
          expect(!section.off && shop.plans.of(page).some(plan => hasBlock(plan, section.key) && !plan.off.includes(section.key))).toBe(
            true,
          )
        expect(
          [...completed(ruleFindings(shop, now)), ...completed(sameFindings(shop, now))].every(each =>
            sectionsOnPages(shop).some(({ section }) => section.key === each.source),
          ),
        ).toBe(true)
      }),
      { numRuns: 60 },
    )
  })
})
