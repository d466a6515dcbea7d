import { isEqual } from 'es-toolkit'
import type { Category } from '../catalogue/catalogue'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { LinkKind } from '../links/kind'
import type { Lane } from '../links/lane'
import type { Look } from '../looks/look'
import { sameLane } from '../links/lane'
import type { Offer } from '../offers/offer'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Schedule } from '../releases/release'
import type { Section } from '../sections/section'
import type { Versions } from '../sections/versions'

/** Why a finding of the checks was put aside, before and after a command; null: it is not. */
export interface PutAsideChange {
  of: 'putAside'
  /** SKU or key of what the finding is about. */
  source: string
  /** What tells the finding from others of the same source. */
  kind: string
  before: string | null
  after: string | null
}

/** One lane before and after a command: of links, of the targets that were dismissed from the suggestions, or of an article or category. */
export interface LaneChange {
  of: 'links' | 'dismissed' | 'pageLinks'
  /** What the lane stands on; see links/pageLanes.ts. */
  source: string
  kind: string
  before: Lane
  after: Lane
}

/** One kind of link before and after a command; null: there is none. */
export interface KindChange {
  of: 'kind'
  source: ''
  kind: string
  before: LinkKind | null
  after: LinkKind | null
}

/** The keys of all kinds in their order. */
export interface KindOrderChange {
  of: 'kindOrder'
  source: ''
  kind: ''
  before: readonly string[]
  after: readonly string[]
}

/** What counts for the neighbours of a product. */
export interface NeighboursChange {
  of: 'neighbours'
  /** SKU of the product. */
  source: string
  kind: ''
  before: NeighbourSettings
  after: NeighbourSettings
}

/** Whether a section is switched off on the page of a product. */
export interface SwitchChange {
  of: 'switchedOff'
  /** SKU of the product. */
  source: string
  /** Key of the section. */
  kind: string
  before: boolean
  after: boolean
}

/** One product with its variants; null: there is none. */
export interface ProductChange {
  of: 'product'
  source: string
  kind: ''
  before: Product | null
  after: Product | null
}

/** Units sold of a product, variant or bundle by its own SKU. It follows from the orders, which are kept; no command brings it. */
export interface SoldChange { of: 'sold', source: string, kind: '', before: number, after: number }

/** One section, page plan or look, live and as a draft; null: there is none. */
export interface SectionChange { of: 'section', source: '', kind: string, before: Versions<Section> | null, after: Versions<Section> | null }
export interface PlanChange { of: 'plan', source: '', kind: string, before: Versions<PagePlan> | null, after: Versions<PagePlan> | null }
export interface LookChange { of: 'look', source: '', kind: string, before: Versions<Look> | null, after: Versions<Look> | null }

/** Address of the picture that a brand is known by; null: it has none. */
export interface BrandMarkChange { of: 'brandMark', source: '', kind: string, before: string | null, after: string | null }

/** One together offer, by its key; null: there is none. */
export interface OfferChange { of: 'offer', source: '', kind: string, before: Offer | null, after: Offer | null }

/** What is to go live at a set time, by its key; null: nothing. */
export interface ScheduleChange { of: 'schedule', source: '', kind: string, before: Schedule | null, after: Schedule | null }

/** One category, by its key; null: there is none. */
export interface CategoryChange {
  of: 'category'
  source: ''
  kind: string
  before: Category | null
  after: Category | null
}

/**
 * One thing before and after a command. `of`, `source` and `kind` say which thing it is; what was there before is kept,
 * so that it can be put back, and so that nothing is put back over something newer.
 */
export type Change = LaneChange | KindChange | KindOrderChange | NeighboursChange | SwitchChange | ProductChange | CategoryChange | SectionChange | PlanChange | LookChange | ScheduleChange | BrandMarkChange | OfferChange | PutAsideChange | SoldChange

/** Which thing a change is about. */
export interface Changed {
  of: Change['of']
  source: string
  kind: string
}

/** Whether a change leaves everything as it was. */
export function isEmpty(change: Change): boolean {
  return isAs(change, change.after)
}

/** Whether a thing that a change is about is, before it, as it is now. */
export function isAs(change: Change, now: Change['before']): boolean {
  if (isOfLane(change)) return sameLane(change.before, now as Lane)
  return isEqual(change.before, now)
}

export const isOfLane = (change: Change): change is LaneChange => change.of === 'links' || change.of === 'dismissed' || change.of === 'pageLinks'

/** What takes changes back: the last one first, for a later one may stand on an earlier. */
export function backwards(changes: readonly Change[]): Change[] {
  return changes.toReversed().map(change => ({ ...change, before: change.after, after: change.before }) as Change)
}
