import type { FillStep } from '../fillSteps/fillStep'
import { needsSubjects, stepTypeOf } from '../fillSteps/fillStep'
import type { PageKind } from '../pageTypes/registry'
import { pageTypes } from '../pageTypes/registry'
import type { Offer } from '../offers/offer'
import { offerBlock, offerOf, otherOffers } from '../pagePlans/block'
import type { PagePlan } from '../pagePlans/pagePlan'
import { blocksOf, hasBlock } from '../pagePlans/pagePlan'
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
  /** On how many pages all that it shows was found by steps, with nothing that somebody picked; 0: it has no steps for picks. */
  unpicked: number
}

/** Pages with all places filled, with some, and with none. */
export function fillSummary({ places, pages }: Pick<Fill, 'places' | 'pages'>): { full: number; thin: number; blank: number } {
  const all = pages.reduce((sum, each) => sum + each, 0)
  return { full: pages[places]!, thin: all - pages[places]! - pages[0]!, blank: pages[0]! }
}

/** A product or category that a section shows, by the number of the step that brought it. */
export type Shown = Pick<Candidate, 'step'>

/**
 * Whether all that a section shows on a kind of page hangs on who looks: on their cart, or on what they looked at before.
 * On the pages that are counted, those of somebody who has just come, there is nothing of it to see.
 */
export function hangsOnShopper({ steps }: Pick<Section, 'steps'>, page: PageKind): boolean {
  const active = steps.filter(step => !step.off)
  return active.length > 0 && active.every(step => isOfShopper(step, page))
}

/** Whether something of what a section shows hangs on who looks. */
export const hangsInPartOnShopper = ({ steps }: Pick<Section, 'steps'>, page: PageKind) =>
  steps.some(step => !step.off && isOfShopper(step, page))

function isOfShopper(step: FillStep, page: PageKind): boolean {
  const { isOfCart, countsAsInCart } = pageTypes[page]
  return stepTypeOf(step).isOfShopper === true || (step.subjects === 'cart' && needsSubjects(step) && !isOfCart && !countsAsInCart)
}

/**
 * Tells what a section shows on the pages of a kind that have it; a section on no plan of these pages is tried on all of them.
 * A page of several products is one with this product alone.
 * @param page the kind of page
 * @returns what it shows on the page about a SKU or key, null on a page whose plan doesn't have it; null when there is no such section
 */
export function shownFor(shop: Shop, key: string, page: PageKind): ((subject: string, at: Moment) => readonly Shown[] | null) | null {
  const section = shop.sections.get(key)
  if (!section) return null
  const planned = onSomePlan(shop, key, page)
  const counted = shopWith(planned, {
    plans: planned.plans.mapped(page, plan => (hasBlock(plan, key) ? asFarAsNeeded(plan, section) : { ...plan, zones: [] })),
  })
  return (subject, at) => {
    const { plan, sections } = resolvePage(counted, ...visitTo(page, subject, at))
    if (!hasBlock(plan, key)) return null
    const shown = sections.find(each => each.section.key === key)
    return shown ? [...shown.items, ...shown.tiles] : []
  }
}

/**
 * The sections that bear on how many products a section shows on the pages of a kind, without itself: those before it, if it must not
 * show the same.
 */
export function sectionsBearingOn(section: Section, shop: Shop, page: PageKind): Section[] {
  const { plans, sections } = onSomePlan(shop, section.key, page)
  const keys = new Set(plans.of(page).flatMap(plan => (hasBlock(plan, section.key) ? keysNeeded(plan, section) : [])))
  keys.delete(section.key)
  return [...keys].flatMap(key => sections.get(key) ?? [])
}

/** The shop, with the section on all pages of a kind if it is on none. */
const onSomePlan = (shop: Shop, key: string, page: PageKind): Shop =>
  shop.plans.of(page).some(plan => hasBlock(plan, key)) ? shop : withSection(shop, key, page)!

/**
 * The together offers that bear on how many products a section shows on the pages of a kind: those that stand before it, if it must not
 * show the same.
 */
export function offersBearingOn(section: Section, shop: Shop, page: PageKind): Offer[] {
  if (!pageTypes[page].hasOffers) return []
  const plans = onSomePlan(shop, section.key, page)
    .plans.of(page)
    .filter(plan => hasBlock(plan, section.key))
  return shop.offers.filter(({ key }) =>
    plans.some(plan => {
      const own = offerBlock(key)
      return keysNeeded(plan, section).includes(hasBlock(plan, own) ? own : otherOffers)
    }),
  )
}

/** Without what can't change what the section shows: what comes after it, and what comes before unless it must not show the same. */
function keysNeeded(plan: PagePlan, { key, guards }: Section): readonly string[] {
  const keys = blocksOf(plan)
  return !plan.repeats && guards.includes('shownEarlier') ? keys.slice(0, keys.indexOf(key) + 1) : [key]
}

function asFarAsNeeded(plan: PagePlan, section: Section): PagePlan {
  // Also what comes after it says which offers have a block of their own.
  const kept = new Set([...keysNeeded(plan, section), ...blocksOf(plan).filter(block => offerOf(block) !== null)])
  return { ...plan, zones: plan.zones.map(zone => ({ ...zone, blocks: zone.blocks.filter(each => kept.has(each)) })) }
}
