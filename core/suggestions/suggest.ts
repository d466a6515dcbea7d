import type { Catalogue } from '../catalogue/catalogue'
import type { NeighbourSettings } from '../catalogue/neighbours'
import { categoriesLeftOut, withCountingTraits } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import { isForSale, stockOf } from '../catalogue/product'
import { sharedTraits } from '../catalogue/traits'
import type { Postings } from '../productSearch/postings'
import type { LinkKind } from '../links/kind'
import type { Lane } from '../links/lane'
import { lazilySorted } from '../sorted'
import { percentDifference } from '../money/money'
import { Fitting, isFit, misfit } from './fit'
import type { Moment } from '../time/moment'

/** Why a target is suggested. */
export type Reason =
  | { is: 'linksBack' }
  /** Linked, as this kind, from so many products of a category of the source. */
  | { is: 'linkedBeside'; count: number; category: string }
  /** A value of one attribute of the source is a value of another one of the target: frames that fit a hive's standard. */
  | { is: 'fits'; value: string }
  | { is: 'sameCategory'; category: string }
  | { is: 'sameBrand'; brand: string }
  | { is: 'sharedTags'; tags: string[] }
  | { is: 'sharedAttribute'; name: string; value: string }
  /** Whole percent dearer than the source, or, below zero, cheaper. */
  | { is: 'price'; difference: number }

export interface Suggestion {
  product: Product
  score: number
  reasons: Reason[]
}

export interface SuggestionShop {
  catalogue: Catalogue
  postings: Postings
  lane(source: string, kind: string): Lane
  dismissed(source: string, kind: string): Lane
  /** Which traits of a product count, and which categories are left out. */
  neighbours(source: string): NeighbourSettings
}

/** What counts how much, by what a kind is for. The numbers are Manada's own judgement. */
interface Weights {
  linksBack: number
  linkedBeside: number
  fits: number
  category: number
  brand: number
  tag: number
  attribute: number
}
const similar: Weights = { linksBack: 6, linkedBeside: 2, fits: 1, category: 3, brand: 0.6, tag: 1, attribute: 1 }
const stepUp: Weights = { linksBack: 0, linkedBeside: 2, fits: 0.5, category: 4, brand: 1.5, tag: 0.6, attribute: 1 }
const goesWith: Weights = { linksBack: 1, linkedBeside: 3, fits: 6, category: 0.3, brand: 0.2, tag: 0.6, attribute: 0.8 }

function weightsOf({ expectation, mutual }: LinkKind): Weights {
  if (expectation === 'dearer') return stepUp
  return mutual ? similar : goesWith
}

/** Traits that more products have than this say nothing about any of them. */
const maxWithTrait = 10_000

/**
 * Targets that could be linked to a product as a kind, the likeliest first. Suggested is what is for sale and in stock,
 * not linked already, not dismissed and not in a category that the source leaves out; for a kind that wants dearer or cheaper targets, only
 * such. A part of the work in each step.
 * @param linksBack SKUs of the products that link to the source as this kind
 */
export function* suggesting(
  source: Product,
  kind: LinkKind,
  shop: SuggestionShop,
  linksBack: readonly string[],
  at: Moment,
  limit: number,
): Generator<void, Suggestion[]> {
  const beside = yield* countLinkedBeside(source, kind, shop)
  // No pause from here on: the scores are shared.
  const weights = weightsOf(kind)
  const settings = shop.neighbours(source.sku)
  const counting = withCountingTraits(source, settings)
  const { products } = shop.catalogue
  const back = new Set(linksBack)
  // Scores first, as plain numbers for the whole catalogue; reasons are worked out only for the few that are told.
  const scores = scoresFor(shop.postings, products.length)
  addTraits(counting, shop.postings, weights, scores)
  const add = (sku: string, score: number) => {
    const position = shop.postings.positionOf(sku)
    if (position !== undefined) scores[position]! += score
  }
  for (const [sku, count] of beside) add(sku, weights.linkedBeside * Math.log2(1 + count))
  for (const sku of back) add(sku, weights.linksBack)
  const scored: number[] = []
  for (let position = 0; position < products.length; position++)
    if (scores[position] && (scores[position]! *= priceFactor(products[position]!, source, kind))) scored.push(position)

  const leftOut = new Set([
    source,
    ...[...shop.lane(source.sku, kind.key), ...shop.dismissed(source.sku, kind.key)].map(
      ({ target }) => shop.catalogue.item(target)?.product,
    ),
  ])
  // A few of thousands are wanted.
  const sorted = lazilySorted(scored, (a, b) => scores[b]! - scores[a]! || (products[a]!.sku < products[b]!.sku ? -1 : 1))
  const categoriesOut = categoriesLeftOut(settings, shop.catalogue)
  const fitting = new Fitting(shop.postings)
  const claims = fitting.claimsOf(source)
  const suggestions: Suggestion[] = []
  const besideOf = (sku: string) => (beside.has(sku) ? { count: beside.get(sku)!, category: source.categories[0]! } : undefined)
  for (const position of sorted) {
    if (suggestions.length === limit) break
    const product = products[position]!
    if (leftOut.has(product) || !isForSale(product, null, at) || !stockOf(product, null)) continue
    if (product.categories.some(key => categoriesOut.has(key))) continue
    // A step up is another of the same; what goes with a product must fit it.
    if (weights === stepUp && !beside.has(product.sku) && !product.categories.some(key => source.categories.includes(key))) continue
    if (weights === goesWith && misfit(claims, fitting.claimsOf(product))) continue
    suggestions.push({
      product,
      score: scores[position]!,
      reasons: reasonsOf(product, counting, besideOf(product.sku), back.has(product.sku)),
    })
  }
  return suggestions
}

const scratch = new WeakMap<Postings, Float64Array>()

/** A score of 0 for every product. The same numbers serve each time: 100,000 new ones for every question would be much to sweep up. */
function scoresFor(postings: Postings, count: number): Float64Array {
  let scores = scratch.get(postings)
  // More products may have come since.
  if (scores?.length !== count) scratch.set(postings, (scores = new Float64Array(count)))
  return scores.fill(0)
}

/** Neighbours whose links are counted before a pause. */
const neighboursInStep = 500

/** How often the source's neighbours in its main category are linked to a product, as this kind. */
function* countLinkedBeside(source: Product, kind: LinkKind, shop: SuggestionShop): Generator<void, Map<string, number>> {
  const counts = new Map<string, number>()
  const [category] = source.categories
  // The list may change in a pause.
  for (const [i, position] of (category === undefined ? [] : [...shop.postings.of('category', category)]).entries()) {
    if (i % neighboursInStep === neighboursInStep - 1) yield
    const neighbour = shop.catalogue.products[position]!
    if (neighbour === source) continue
    for (const { target } of shop.lane(neighbour.sku, kind.key)) {
      const sku = shop.catalogue.item(target)?.product.sku
      if (sku !== undefined) counts.set(sku, (counts.get(sku) ?? 0) + 1)
    }
  }
  return counts
}

/**
 * Adds the weight of every trait in common. A rare trait counts more than a common one: inverse document frequency (Spärck Jones, 1972).
 */
function addTraits(source: Product, postings: Postings, weights: Weights, scores: Float64Array): void {
  const each = (trait: 'category' | 'brand' | 'tag' | 'attribute', value: string, weight: number) => {
    const positions = postings.of(trait, value)
    if (positions.length > maxWithTrait) return
    const score = weight * rarity(positions.length, scores.length)
    for (const position of positions) scores[position]! += score
  }
  for (const category of source.categories) each('category', category, weights.category)
  if (source.brand !== null) each('brand', source.brand, weights.brand)
  for (const tag of source.tags) each('tag', tag, weights.tag)
  for (const [name, values] of Object.entries(source.attributes)) {
    for (const value of values) {
      each('attribute', `${name}=${value}`, weights.attribute)
      for (const other of postings.attributeValues.keys()) if (isOtherFit(name, other)) each('attribute', `${other}=${value}`, weights.fits)
    }
  }
}

const isOtherFit = (name: string, other: string) => other !== name && (isFit(other) || isFit(name))

/** 0 for what is not as dear or as cheap as the kind wants; a small step counts more than a large one. */
function priceFactor(product: Product, source: Product, { expectation, mutual }: LinkKind): number {
  const difference = percentDifference(product.price, source.price)
  if (difference === null) return expectation === 'none' ? 1 : 0
  if ((expectation === 'dearer' && difference <= 0) || (expectation === 'cheaper' && difference >= 0)) return 0
  // A step of half the price again is still a small one; four times as much is hardly an alternative.
  return expectation === 'dearer' || mutual ? 1 / (1 + Math.max(0, Math.abs(difference) - 50) / 100) : 1
}

function reasonsOf(
  product: Product,
  source: Product,
  beside: { count: number; category: string } | undefined,
  linksBack: boolean,
): Reason[] {
  const reasons: Reason[] = []
  if (linksBack) reasons.push({ is: 'linksBack' })
  if (beside) reasons.push({ is: 'linkedBeside', ...beside })
  const tags: string[] = []
  for (const { of, name, value } of sharedTraits(source, product)) {
    if (of === 'category') reasons.push({ is: 'sameCategory', category: name })
    else if (of === 'brand') reasons.push({ is: 'sameBrand', brand: name })
    else if (of === 'attribute') reasons.push({ is: 'sharedAttribute', name, value: value! })
    else tags.push(name)
  }
  const fits = Object.entries(source.attributes).flatMap(([name, values]) =>
    values.filter(value => Object.entries(product.attributes).some(([other, theirs]) => isOtherFit(name, other) && theirs.includes(value))),
  )
  for (const value of new Set(fits)) reasons.push({ is: 'fits', value })
  if (tags.length) reasons.push({ is: 'sharedTags', tags })
  const difference = percentDifference(product.price, source.price)
  if (difference) reasons.push({ is: 'price', difference })
  return reasons
}

/** 1 for a trait of a single product, towards 0 for one that all have. */
const rarity = (having: number, all: number) => Math.log(1 + all / having) / Math.log(1 + all)

/**
 * A reason in plain words.
 * @param categoryName the name of a category by its key
 */
export function reasonWords(reason: Reason, categoryName: (key: string) => string): string {
  switch (reason.is) {
    case 'linksBack':
      return 'links back to this one'
    case 'linkedBeside':
      return `linked from ${reason.count} ${reason.count === 1 ? 'other product' : 'other products'} in ${categoryName(reason.category)}`
    case 'fits':
      return `fits: ${reason.value}`
    case 'sameCategory':
      return `also in ${categoryName(reason.category)}`
    case 'sameBrand':
      return 'same brand'
    case 'sharedTags':
      return reason.tags.length === 1 ? `shares the tag ${reason.tags[0]!}` : `shares ${reason.tags.length} tags: ${reason.tags.join(', ')}`
    case 'sharedAttribute':
      return `same ${reason.name}: ${reason.value}`
    case 'price':
      return `${Math.abs(reason.difference)} % ${reason.difference > 0 ? 'dearer' : 'cheaper'}`
  }
}
