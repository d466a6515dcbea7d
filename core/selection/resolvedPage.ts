import type { CatalogueItem } from '../catalogue/catalogue'
import type { FillStep } from '../fillSteps/fillStep'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Guard, Section } from '../sections/section'
import type { Tile, Tiles } from './tiles'

/** Why a candidate takes no place. */
export type HeldBackReason = Guard | 'excluded' | 'priceBand' | 'lowMargin' | 'outsideDates' | 'duplicate' | 'noRoom'

/** Why a section is hidden. */
export type HiddenReason = 'off' | 'outsideDates' | 'switchedOffHere' | 'cartEmpty' | 'nothingFound' | 'belowMinimum'

/**
 * Why a step had no candidates to look for: it is off; the cart it is about is empty; the page is about no product, or about no category;
 * or it is no article; it finds products, and the section shows categories; its kind of link is retired; its category is gone; what it reads (orders, bundles) is not there.
 */
export type IdleReason = 'off' | 'cartEmpty' | 'noSubject' | 'noCategory' | 'noArticle' | 'noTiles' | 'retiredKind' | 'noSuchCategory' | 'noData'

/** A product, or a variant of one, that a fill step offers. */
export interface Candidate extends CatalogueItem {
  /** The fill step that offers it, counted from 0. */
  step: number
  /** SKU of the subject that it is offered for; null when the step offers the same for all. */
  source: string | null
  /** Its place in the lane or list it comes from, counted from 1. */
  place: number
  /** How many traits it shares with the subject, where that was counted. */
  strength: number | null
  /** Its link is not shown yet, or no longer. */
  outsideDates: boolean
  /** The subject leaves out a category that it is in. */
  leftOut: boolean
}

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

export interface ResolvedPage {
  /** SKUs of products, or the key of the category, that the page is about. */
  subjects: string[]
  plan: PagePlan
  sections: ShownSection[]
  hidden: HiddenSection[]
}

/** What became of every candidate of a step. */
export interface StepReport {
  step: FillStep
  idle: IdleReason | null
  taken: Candidate[]
  heldBack: { candidate: Candidate, reason: HeldBackReason }[]
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
