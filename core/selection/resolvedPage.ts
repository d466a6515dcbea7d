import type { Candidate, IdleReason } from '../candidates/candidate'
import type { FillStep } from '../fillSteps/fillStep'
import type { OfferList } from '../offers/offerList'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Guard, Section } from '../sections/section'
import type { Tile, Tiles } from './tiles'

/** Why a candidate takes no place. */
export type HeldBackReason = Guard | 'excluded' | 'priceBand' | 'lowMargin' | 'outsideDates' | 'duplicate' | 'noRoom'

/** Why a section is hidden. */
export type HiddenReason = 'off' | 'outsideDates' | 'switchedOffHere' | 'cartEmpty' | 'nothingFound' | 'belowMinimum'

export interface ShownSection {
  section: Section
  zone: string
  items: Candidate[]
  /** Of a section of tiles: its categories. It has no products then. */
  tiles: Tile[]
}

export interface HiddenSection {
  section: Section
  zone: string
  reason: HiddenReason
}

/** A together offer, made or hidden, where it stands on a page. */
export interface OfferOnPage extends OfferList {
  /** The block of the plan that it stands in; null: the plan has no place for it. */
  block: string | null
  zone: string | null
  /** How many of the sections that the page shows stand above it. */
  sectionsAbove: number
}

export interface ResolvedPage {
  /** SKUs of products, or the key of the category, that the page is about. */
  subjects: string[]
  plan: PagePlan
  sections: ShownSection[]
  hidden: HiddenSection[]
  /** In page order, of one block by their ranks; last those that the plan has no place for. */
  offers: OfferOnPage[]
}

/** What became of every candidate of a step. */
export interface StepReport {
  step: FillStep
  idle: IdleReason | null
  taken: Candidate[]
  heldBack: { candidate: Candidate; reason: HeldBackReason }[]
  /** Of a rule: which of its alternatives each product that was taken passes, by where they stand in the rule. */
  alternatives: Map<Candidate, string[]>
  /** There were more candidates, which had no room either. */
  more: boolean
  /** Of a section of tiles: what became of the categories. */
  tiles: Tiles | null
}

/** A resolved page with the story of every section of its plan, shown or hidden, by section key. */
export interface ExplainedPage extends ResolvedPage {
  steps: ReadonlyMap<string, StepReport[]>
}
