import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hasBlock } from '../pagePlans/pagePlan'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { makeShopper } from '../selection/makeShop.testing'
import { resolvePage } from '../selection/resolvePage'
import { countedPages, subjectsOf } from './countedPages'
import { fillSummary, hangsInPartOnShopper, hangsOnShopper, shownFor } from './fill'
import type { FillStep } from '../fillSteps/fillStep'
import { linkStep } from '../fillSteps/fillStep'
import type { Page, PageKind } from '../pageTypes/registry'
import { pageKinds, pageTypeOf } from '../pageTypes/registry'
import { categoryKeys } from '../rules/anyRule.testing'
import { makeSection } from '../sections/makeSection.testing'

/** Each kind of page about one thing, written out; and what all of them are about. */
const visits: Record<PageKind, { subjects: readonly string[]; page: (subject: string) => Page; cart?: true }> = {
  product: { subjects: skus, page: sku => ({ kind: 'product', sku }) },
  added: { subjects: skus, page: sku => ({ kind: 'added', sku }) },
  cart: { subjects: skus, page: () => ({ kind: 'cart' }), cart: true },
  search: { subjects: skus, page: sku => ({ kind: 'search', words: '', found: [sku] }) },
  ordered: { subjects: skus, page: sku => ({ kind: 'ordered', lines: [sku] }) },
  category: { subjects: categoryKeys, page: key => ({ kind: 'category', key }) },
  article: { subjects: ['spring'], page: key => ({ kind: 'article', key }) },
  home: { subjects: [''], page: () => ({ kind: 'home' }) },
}

describe('the fill of a section', () => {
  it('is what the whole page shows of it, on every kind of page', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom('s1', 's2', 's3', 's4'), fc.constantFrom(...pageKinds), (plain, key, kind) => {
        const shop = shopOf(plain)
        const shownOn = shownFor(shop, key, kind)!
        if (!shop.plans.of(kind).some(plan => hasBlock(plan, key))) return
        const { subjects, page, cart } = visits[kind]
        for (const subject of subjects) {
          const { plan, sections } = resolvePage(shop, page(subject), makeShopper({ at: now, cart: cart ? [subject] : [] }))
          const shown = sections.find(each => each.section.key === key)
          // Only the pages whose plan has it count.
          expect(shownOn(subject, now)).toEqual(hasBlock(plan, key) ? [...(shown?.items ?? []), ...(shown?.tiles ?? [])] : null)
        }
      }),
      { numRuns: 800 },
    )
  })

  it('hangs on the shopper alone where no shopper sees anything of it with an empty cart and nothing looked at', () => {
    fc.assert(
      fc.property(anyPlainShop, fc.constantFrom('s1', 's2', 's3', 's4'), fc.constantFrom(...pageKinds), (plain, key, kind) => {
        const shop = shopOf(plain)
        const section = shop.sections.get(key)!
        if (!hangsOnShopper(section, kind)) return
        expect(hangsInPartOnShopper(section, kind)).toBe(true)
        for (const subject of visits[kind].subjects) expect(shownFor(shop, key, kind)!(subject, now) ?? []).toEqual([])
      }),
      { numRuns: 800 },
    )
    const seen: FillStep = { from: 'recentlyViewed', order: 'hand', subjects: 'page', cap: null, off: false }
    const cart: FillStep = { ...linkStep('accessory'), subjects: 'cart' }
    const hangs = (steps: FillStep[]) => pageKinds.filter(kind => hangsOnShopper(makeSection('s', { steps }), kind))
    expect(hangs([seen])).toEqual(pageKinds)
    expect(hangs([cart, seen])).toEqual(pageKinds.filter(kind => kind !== 'cart' && kind !== 'ordered'))
    expect(hangs([linkStep('upsell'), seen])).toEqual([])
    expect(hangs([{ ...linkStep('upsell'), off: true }, seen])).toEqual(pageKinds)
  })

  it('is counted for all that has a page: active products, categories and articles', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => {
        const shop = shopOf(plain)
        const active = plain.products.filter(each => each.status === 'active').map(each => each.sku)
        for (const kind of pageKinds) {
          const pages = countedPages(shop, kind)
          const subjects = [...subjectsOf(pages)]
          expect(subjects.sort()).toEqual([...(visits[kind].subjects === skus ? active : visits[kind].subjects)].sort())
          for (const sku of skus) {
            const about = new Set(pages.about(sku))
            for (let number = 0; number < pages.size; number++) {
              const subject = pages.subjectAt(number)
              if (subject !== null)
                expect(about.has(number)).toBe(
                  pageTypeOf({ kind }).subjects(visits[kind].page(subject), shop.catalogue, [subject])!.products.includes(sku),
                )
            }
          }
        }
      }),
      { numRuns: 60 },
    )
  })

  it('is not counted for a section that there is none of', () => {
    fc.assert(
      fc.property(anyPlainShop, plain => shownFor(shopOf(plain), 'gone', 'product') === null),
      { numRuns: 3 },
    )
  })

  it('is told as full, thin and blank', () => {
    expect(fillSummary({ places: 3, pages: [4, 6, 8, 12] })).toEqual({ full: 12, thin: 14, blank: 4 })
    expect(fillSummary({ places: 1, pages: [2, 5] })).toEqual({ full: 5, thin: 0, blank: 2 })
  })
})
