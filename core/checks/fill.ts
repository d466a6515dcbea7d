import type { PageKind } from '../pageTypes/registry'
import type { PagePlan } from '../pagePlans/pagePlan'
import { hasSection, sectionsOf } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import type { Candidate } from '../candidates/candidate'
import { resolvePage } from '../selection/resolvePage'
import type { Shop } from '../selection/shop'
import { shopWith } from '../selection/shopWith'
import { visitTo } from '../selection/visit'
import { withSection } from '../selection/withSection'
import type { Moment } from '../time/moment'

/** How well a section is filled over all the pages that it serves. */
export interface Fill {
  places: number
  /** How many pages show so many products, from 0 to all places. */
  pages: number[]
  /** How many products each fill step shows, on all pages together. */
  steps: number[]
}

/** Pages with all places filled, with some, and with none. */
export function fillSummary({ places, pages }: Pick<Fill, 'places' | 'pages'>): { full: number, thin: number, blank: number } {
  const all = pages.reduce((sum, each) => sum + each, 0)
  return { full: pages[places]!, thin: all - pages[places]! - pages[0]!, blank: pages[0]! }
}

/** Kinds of pages whose sections can be counted product by product. */
export const countedPages = ['product', 'added', 'cart'] as const satisfies readonly PageKind[]
export type CountedPage = (typeof countedPages)[number]
export const isCounted = (page: PageKind): page is CountedPage => (countedPages as readonly PageKind[]).includes(page)

/**
 * Tells what a section shows on the pages of products that have it; a section on no plan of these pages is tried on all of them.
 * A cart page is one with this product alone in the cart.
 * @param page the kind of page
 * @returns what it shows for a SKU, null on a page whose plan doesn't have it; null when there is no such section
 */
export function shownFor(shop: Shop, key: string, page: CountedPage): ((sku: string, at: Moment) => readonly Candidate[] | null) | null {
  const section = shop.sections.get(key)
  if (!section) return null
  const isPlanned = shop.plans.of(page).some(plan => hasSection(plan, key))
  const wider = isPlanned ? shop : withSection(shop, key, page)!
  const counted = shopWith(wider, { plans: wider.plans.mapped(page, plan => hasSection(plan, key) ? asFarAsNeeded(plan, section) : { ...plan, zones: [] }) })
  return (sku, at) => {
    const { plan, sections } = resolvePage(counted, ...visitTo(page, sku, at))
    return hasSection(plan, key) ? sections.find(each => each.section.key === key)?.items ?? [] : null
  }
}

/** The plan without what can't change what the section shows: what comes after it, and what comes before unless it must not show the same. */
function asFarAsNeeded(plan: PagePlan, section: Section): PagePlan {
  const heedsEarlier = !plan.repeats && section.guards.includes('shownEarlier')
  const keys = sectionsOf(plan)
  const kept = new Set(heedsEarlier ? keys.slice(0, keys.indexOf(section.key) + 1) : [section.key])
  return { ...plan, zones: plan.zones.map(zone => ({ ...zone, sections: zone.sections.filter(each => kept.has(each)) })) }
}
