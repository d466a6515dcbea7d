import type { CatalogueItem } from '../catalogue/catalogue'

/**
 * Why a step had no candidates to look for: it is off; the cart it is about is empty; the page is about no product, or about no category;
 * or it is no article; it finds products, and the section shows categories; its kind of link is retired; its category is gone; what it
 * reads (orders, bundles) is not there.
 */
export type IdleReason =
  'off' | 'cartEmpty' | 'noSubject' | 'noCategory' | 'noArticle' | 'noTiles' | 'retiredKind' | 'noSuchCategory' | 'noData'

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
