import type { Product } from '../catalogue/product'
import type { LanePage } from '../links/pageLanes'
import type { Lane } from '../links/lane'
import type { Which } from './which'
import type { SoldFact } from '../fillSteps/fillStepType'

/**
 * The copy of the shop that the counting thread has. Its links, products and sales are packed; states of records are copied as they are.
 */
export interface CountedShop {
  setLane(source: string, kind: string, lane: Lane): void
  /** Returns whether it could: products that come or go need a new copy. */
  replaceProduct(sku: string, after: Product | null): boolean
  setUnitsSold(sku: string, units: number): void
  setArticle(key: string, names: readonly string[]): void
  /** The plans that it has a copy of are others than before. */
  plansChanged(): void
}

/** How well one section is filled on all pages of a kind, as it is live or a draft: what of it a change makes stale. */
export interface StaleFill {
  version: 'live' | 'draft'
  /** Whether what the section shows can hang on this. */
  heeds(fact: SoldFact): boolean
  /** The pages that are about a product. */
  page(sku: string): void
  /** The page of an article or category. */
  pageAbout(kind: LanePage, key: string): void
  /** The pages that can show the product, and its own. */
  pagesWith(sku: string): void
  everything(): void
}

/** What the checks found: what of it a change makes stale. */
export interface StaleFindings {
  /** Whether what any section shows can hang on this. */
  heeds(fact: SoldFact): boolean
  /** On the source and all targets of a lane. */
  lane(change: Which & { before: Lane; after: Lane }): void
  product(sku: string): void
  productsLinkingTo(sku: string): void
  bundles(): void
  allProducts(): void
  /** On matching rules, and with them on sections that show the same. */
  rules(): void
  /** On sections that show the same. */
  sameShown(): void
}

/** What the counting thread does with a change. */
export interface CountingRules<Change> {
  /** It has a copy of the record's state, which takes the change over. */
  isCopied: boolean
  /** Takes over what the thread has in another form. Returns whether it could; otherwise it needs a new copy of the shop. */
  apply?(change: Change, shop: CountedShop): boolean
  fill?(change: Change, stale: StaleFill): void
  findings?(change: Change, stale: StaleFindings): void
}
