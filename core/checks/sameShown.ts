import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import type { CountedPage } from './fill'
import { spread } from './spread'

/** Two sections of a page plan and how often they would show the same. */
export interface SameShown {
  first: string
  second: string
  /** On how many of the pages looked at they would show the same products. */
  pages: number
  looked: number
}

const mostPages = 2000
const pagesInStep = 20
/** So much of the shorter of two sections stands in the other too: they show the same. */
const sameShare = 0.75

/**
 * Looks for sections of a plan that would show the same products on most pages of active products, each left to itself:
 * what the first shows is not held back from the second here, though a shopper then gets only what the first leaves over.
 * @param at milliseconds since 1970-01-01 UTC
 */
export function* sameShown(shop: Shop, page: CountedPage, at: number): Generator<void, SameShown[]> {
  const alone: Shop = {
    catalogue: shop.catalogue, index: shop.index, links: shop.links, kinds: shop.kinds, sections: shop.sections,
    plans: new Map([[page, { ...shop.plans.get(page)!, repeats: true }]]),
    neighboursOf: sku => shop.neighboursOf(sku), switchedOff: sku => shop.switchedOff(sku),
  }
  const pairs = new Map<string, SameShown>()
  const looked = spread(shop.catalogue.products.filter(product => product.status === 'active'), mostPages)
  for (const [i, { sku }] of looked.entries()) {
    const { sections } = resolvePage(alone, page === 'cart' ? { kind: 'cart' } : { kind: page, sku }, { cart: page === 'cart' ? [sku] : [], seen: [], visitor: '', view: '', at })
    const shown = sections.map(({ section, items }) => ({ key: section.key, products: new Set(items.map(item => item.product)) }))
    for (const [at, second] of shown.entries()) {
      for (const first of shown.slice(0, at)) {
        const both = [...first.products].filter(product => second.products.has(product)).length
        if (both < sameShare * Math.min(first.products.size, second.products.size)) continue
        const key = `${first.key} ${second.key}`
        const pair = pairs.get(key) ?? { first: first.key, second: second.key, pages: 0, looked: looked.length }
        pair.pages++
        pairs.set(key, pair)
      }
    }
    if (i % pagesInStep === 0) yield
  }
  return [...pairs.values()].filter(pair => pair.pages * 2 > looked.length)
}
