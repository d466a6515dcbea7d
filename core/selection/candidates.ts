import { categoriesLeftOut, withCountingTraits } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import { priceOf, valuesOf } from '../catalogue/product'
import { attributeList } from '../finding/postings'
import { timeOf } from '../links/lane'
import { alternatives } from '../rules/alternatives'
import type { RuleFacts } from '../rules/matches'
import { sourceCheck, targetCheck } from '../rules/matches'
import type { FillStep, Nearness } from '../fillSteps/fillStep'
import { needsSubjects } from '../fillSteps/fillStep'
import type { FreeOrder, Order } from '../candidates/order'
import { inTurns, lazilySorted, merged } from '../sorted'
import type { Bitmap } from '../candidates/bitmap'
import type { Place } from '../candidates/narrow'
import { narrow, partIn } from '../candidates/narrow'
import { picksOf } from '../candidates/picks'
import type { NumberOrder } from '../catalogue/orders'
import { orderNumber } from '../catalogue/orders'
import type { Candidate, IdleReason } from './resolvedPage'
import type { ListName, SelectionIndex } from '../candidates/selectionIndex'
import type { Shop, Shopper } from './shop'
import { hashOf, lazilyMixed, mixed, seedOf } from '../candidates/shuffle'

/** What steps look for candidates with. */
export interface StepContext {
  shop: Shop
  shopper: Shopper
  /** SKUs of the products that the page is about. */
  subjects: readonly string[]
  /** The category that the page is about; null when it is about none. */
  category: string | null
  /** SKUs of what the article names that the page is about; null when it is about none. */
  named: readonly string[] | null
  /** SKUs of the products in the cart, most recently added first. */
  cart: readonly string[]
  isCartPage: boolean
  /** Of the section. */
  key: string
}

/** Why a step has no candidates to look for; null when it has. */
export function idleReason(step: FillStep, context: StepContext): IdleReason | null {
  const { shop, subjects, category, cart, isCartPage } = context
  if (step.off) return 'off'
  if (step.from === 'links' && shop.kinds.get(step.kind)?.retired) return 'retiredKind'
  if (step.from === 'category' && !shop.catalogue.category(step.category)) return 'noSuchCategory'
  if (step.from === 'boughtTogether' || (step.from === 'bundles' && !shop.catalogue.bundles.size)) return 'noData'
  if (step.from === 'named') return context.named === null ? 'noArticle' : null
  if (step.from === 'relatedCategories') return category === null ? 'noCategory' : null
  if (!needsSubjects(step)) return null
  if (step.subjects === 'cart' || isCartPage) return cart.length ? null : 'cartEmpty'
  if (subjects.length || (category !== null && isOfCategory(step))) return null
  return 'noSubject'
}

const isOfCategory = (step: FillStep) => (step.from === 'bestSellers' || step.from === 'newest') && step.of === 'category'

/**
 * The candidates of a step that is not idle, in order, found as they are asked for.
 * With several subjects: every subject's first before any subject's second.
 * @param number of the step, counted from 0
 */
export function candidatesOf(step: FillStep, number: number, context: StepContext): Iterable<Candidate> {
  if (!needsSubjects(step)) return ofAll(step, number, context)
  const subjects = step.subjects === 'cart' ? context.cart : context.subjects
  if (subjects.length === 1) return ofSubject(step, number, subjects[0]!, context)
  if (!subjects.length) return ofCategoryPage(step, number, context)
  return inTurns(subjects.map(sku => ofSubject(step, number, sku, context)))
}

/** What a step offers to everyone. */
function ofAll(step: FillStep, number: number, context: StepContext): Iterable<Candidate> {
  const { shop, shopper } = context
  switch (step.from) {
    case 'chosen': return itemsInOrder(step.targets, step.order, number, context)
    case 'named': return itemsInOrder(context.named!, step.order, number, context)
    case 'recentlyViewed': return itemsInOrder(shopper.seen, step.order, number, context)
    case 'category': {
      const keys = step.below ? shop.catalogue.categoriesFrom(step.category) : [step.category]
      return inLists(Array.from(keys, key => ['category', key]), step.order, number, null, context)
    }
    case 'relatedCategories': return ofRelatedCategories(step, number, context)
    case 'bestSellers': return inLists(['all'], 'best-selling', number, null, context)
    case 'newest': return inLists(['all'], 'newest', number, null, context)
    default: return []
  }
}

/** Keys of the categories that are related to one. */
export const relatedKeys = (of: Nearness, key: string, shop: Pick<Shop, 'catalogue' | 'relatedCategories'>): readonly string[] =>
  of === 'chosen' ? shop.relatedCategories(key).filter(each => shop.catalogue.category(each)) : shop.catalogue.categoriesNear(key, of)

/** What related categories offer, by turns; what stands in a category with the page's own is none of it. */
function ofRelatedCategories({ of, order }: Extract<FillStep, { from: 'relatedCategories' }>, number: number, context: StepContext): Iterable<Candidate> {
  const { catalogue } = context.shop
  const own = of === 'below' ? nothing : catalogue.categoriesFrom(context.category!)
  const offers = relatedKeys(of, context.category!, context.shop).map(key => inLists(listsBelow(key, context), order, number, null, context))
  return withoutOwn(inTurns(offers), own)
}

const listsBelow = (key: string, { shop }: StepContext) => Array.from(shop.catalogue.categoriesFrom(key), (each): ListName => ['category', each])

/** The products of a category and of those below it, the best-selling first. */
export function* bestSellersIn(key: string, context: StepContext): Generator<Product> {
  for (const position of positionsIn(listsBelow(key, context), 'best-selling', context)) yield context.shop.index.productAt(position)
}

const nothing: ReadonlySet<string> = new Set()

function* withoutOwn(candidates: Iterable<Candidate>, own: ReadonlySet<string>): Generator<Candidate> {
  for (const candidate of candidates) if (!candidate.product.categories.some(key => own.has(key))) yield candidate
}

/** What a step offers on the page of a category. */
function ofCategoryPage(step: FillStep, number: number, context: StepContext): Iterable<Candidate> {
  return inLists(listsBelow(context.category!, context), step.from === 'newest' ? 'newest' : 'best-selling', number, null, context)
}

/** What a step offers for one product. */
function ofSubject(step: FillStep, number: number, sku: string, context: StepContext): Iterable<Candidate> {
  const { shop } = context
  if (step.from === 'links') return linked(step.kind, step.order, number, sku, context)
  const source = sourceOf(sku, shop)
  switch (step.from) {
    case 'traits': return withTraits(step, number, source, context)
    case 'rule': return picked(step, number, source, context)
    case 'bestSellers': case 'newest': {
      const { brand, categories } = source.counting
      const lists: ListName[] = step.of === 'category' ? Array.from(new Set(categories), key => ['category', key]) : brand === null ? [] : [['brand', brand]]
      return inLists(lists, step.from === 'newest' ? 'newest' : 'best-selling', number, source, context)
    }
    case 'bundles': {
      const positions = shop.catalogue.bundlesWith(source.product).map(bundle => shop.index.postings.positionOf(bundle)!)
      return offered(inOrder(positions, step.order, context), number, source, context)
    }
    default: return []
  }
}

/** A product that candidates are looked for, as far as it counts. */
interface Source {
  product: Product
  /** With only those of its traits that count. */
  counting: Product
  /** Keys of the categories that it leaves out; null: none. */
  leftOut: ReadonlySet<string> | null
}

function sourceOf(sku: string, shop: Shop): Source {
  const product = shop.catalogue.product(sku)!
  const neighbours = shop.neighboursOf(sku)
  return { product, counting: withCountingTraits(product, neighbours), leftOut: neighbours.leaveOut.length ? categoriesLeftOut(neighbours, shop.catalogue) : null }
}

/** Which alternatives of a rule a product that it picked passes. */
export function alternativesOf({ rule }: Extract<FillStep, { from: 'rule' }>, { product, source }: Candidate, context: StepContext): string[] {
  const { counting } = sourceOf(source!, context.shop)
  return alternatives(rule.pick, part => targetCheck(part, counting, factsOf(context))(product))
}

const factsOf = ({ shop: { index, catalogue }, shopper }: StepContext): RuleFacts =>
  ({ sold: sku => index.facts.sold(sku), categoriesFrom: key => catalogue.categoriesFrom(key), at: shopper.at })

/** Links to products that the shop no longer has are passed over. */
function* linked(kind: string, order: Order, step: number, source: string, context: StepContext): Generator<Candidate> {
  const { shop, shopper } = context
  const lane = shop.links.lane(source, kind)
  const found: Candidate[] = []
  for (let i = 0; i < lane.length; i++) {
    const link = lane[i]!
    const item = shop.catalogue.item(link.target)
    if (!item) continue
    const candidate = {
      product: item.product, variant: item.variant, step, source, place: i + 1, strength: null, outsideDates: timeOf(link, shopper.at) !== 'now', leftOut: false,
    }
    if (order === 'hand') yield candidate
    else found.push(candidate)
  }
  yield* sortedItems(found, order, context)
}

/** Products or variants that are named, in this order or another. */
function* itemsInOrder(skus: readonly string[], order: Order, step: number, context: StepContext): Generator<Candidate> {
  const found: Candidate[] = []
  for (const [i, sku] of skus.entries()) {
    const item = context.shop.catalogue.item(sku)
    if (item) found.push({ product: item.product, variant: item.variant, step, source: null, place: i + 1, strength: null, outsideDates: false, leftOut: false })
  }
  yield* sortedItems(found, order, context)
}

/** A few items that may be variants, in order. */
function sortedItems(items: Candidate[], order: Order, context: StepContext): Candidate[] {
  if (order === 'hand' || items.length < 2) return items
  const { index } = context.shop
  const skuOf = ({ product, variant }: Candidate) => (variant ?? product).sku
  const numbered = items.map((item) => {
    const { product, variant } = item
    const position = index.postings.positionOf(product.sku)!
    const number = isShuffle(order)
      ? mixed(hashOf(skuOf(item)), seedFor(order, context))
      : order === 'name'
        ? index.numbers('name')[position]!
        : orderNumber(order as NumberOrder, variant ? { ...product, price: priceOf(product, variant) } : product, index.facts.sold(product.sku))
    return { item, number }
  })
  return numbered.sort((a, b) => a.number - b.number || (skuOf(a.item) < skuOf(b.item) ? -1 : 1)).map(({ item }) => item)
}

/** Products that stand in any of the lists. */
function inLists(lists: readonly ListName[], order: FreeOrder, step: number, source: Source | null, context: StepContext): Iterable<Candidate> {
  return offered(positionsIn(lists, order, context), step, source, context)
}

function positionsIn(lists: readonly ListName[], order: FreeOrder, context: StepContext, passes?: (position: number) => boolean): Iterable<number> {
  const { index } = context.shop
  if (!isShuffle(order) && lists.length <= mostMerged) return merged(lists.map(name => index.list(name, order)), index.comparing(order), passes)
  const positions = new Set(lists.flatMap(name => index.positions(name)))
  return inOrder([...positions], order, context, passes)
}

/** Merging looks at the first of every list each time: with more lists than this, sorting what they have together is less work. */
const mostMerged = 16

/** Candidates for positions in order; never the source itself. */
function* offered(positions: Iterable<number>, step: number, source: Source | null, { shop }: StepContext): Generator<Candidate> {
  let place = 0
  for (const position of positions) {
    const product = shop.index.productAt(position)
    if (product === source?.product) continue
    place++
    yield {
      product, variant: null, step, source: source && source.product.sku, place, strength: null, outsideDates: false,
      leftOut: source?.leftOut ? product.categories.some(key => source.leftOut!.has(key)) : false,
    }
  }
}

/** Products that share traits with the source, by how many. */
function* withTraits(step: Extract<FillStep, { from: 'traits' }>, number: number, source: Source, context: StepContext): Generator<Candidate> {
  const { index } = context.shop
  const { categories, brand, tags } = source.counting
  const lists: ListName[] = [
    ...step.traits.includes('category') ? Array.from(new Set(categories), key => ['category', key] as const) : [],
    ...step.traits.includes('brand') && brand !== null ? [['brand', brand] as const] : [],
    ...step.traits.includes('tag') ? Array.from(new Set(tags), tag => ['tag', tag] as const) : [],
    ...step.attribute === null ? [] : Array.from(new Set(valuesOf(source.counting, step.attribute)), value => ['attribute', attributeList(step.attribute!, value)] as const),
  ]
  const shared = countShared(lists, step.least, index)
  if (step.order === 'strength') {
    let place = 0
    for (let strength = shared.length; strength--;) {
      for (const candidate of offered(lazilySorted(shared[strength]!, index.bySku), number, source, context)) yield { ...candidate, strength, place: ++place }
    }
    return
  }
  const strengths = new Map(shared.flatMap((positions, strength) => positions.map(position => [index.productAt(position), strength])))
  for (const candidate of offered(inOrder(shared.flat(), step.order, context), number, source, context)) {
    yield { ...candidate, strength: strengths.get(candidate.product)! }
  }
}

/**
 * Products that stand in at least so many of the lists.
 * @returns positions by in how many of the lists they stand
 */
function countShared(lists: readonly ListName[], least: number, index: SelectionIndex): number[][] {
  const counts = index.scratch()
  const enough: number[] = []
  for (const list of lists) for (const position of index.positions(list)) {
    const count = ++counts[position]!
    if (count === least) enough.push(position)
  }
  const shared: number[][] = Array.from({ length: lists.length + 1 }, () => [])
  for (const position of enough) shared[counts[position]!]!.push(position)
  return shared
}

/** What a matching rule picks for the source. */
function picked(step: Extract<FillStep, { from: 'rule' }>, number: number, source: Source, context: StepContext): Iterable<Candidate> {
  const { index } = context.shop
  const facts = factsOf(context)
  if (!sourceCheck(step.rule.when, facts)(source.product)) return []
  const fits = targetCheck(step.rule.pick, source.counting, facts)
  const place = narrow(step.rule.pick, source.counting, index, facts)
  const positions = place && place.size <= index.size * smallShare
    ? positionsInPlace(place, step.order, context, position => fits(index.productAt(position)))
    : positionsOf(picksOf(step.rule.pick, source.counting, index, facts), place, step.order, context)
  return offered(positions, number, source, context)
}

/** In a place of at most this share of all products, each is looked at; else what the rule picks is worked out for all at once. */
const smallShare = 1 / 16

function positionsInPlace(place: Place, order: FreeOrder, context: StepContext, passes: (position: number) => boolean): Iterable<number> {
  if ('lists' in place) return positionsIn(place.lists, order, context, passes)
  return inOrder(context.shop.index.list('all', place.order).slice(place.from, place.to), order, context, passes)
}

/**
 * Positions in order.
 * @param place where all of them are, if it is known
 */
function positionsOf(bitmap: Bitmap, place: Place | null, order: FreeOrder, context: StepContext): Iterable<number> {
  const { index } = context.shop
  const areFew = bitmap.count ** 2 < expectedLooks * index.size
  if (isShuffle(order) || areFew) return inOrder(bitmap.positions(), order, context)
  // Of many, the first soon come by in the list of all that is in order already, or in the part of it where they are.
  const all = index.list('all', order)
  const part = place && 'order' in place ? partIn(order, place, index) : null
  return merged([part ? all.slice(part.from, part.to) : all], index.comparing(order), position => bitmap.has(position))
}

/** About as many candidates are looked at before a section is full. */
const expectedLooks = 8

const isShuffle = (order: Order) => order === 'shuffle' || order === 'shuffle-every-view'

function seedFor(order: Order, { shopper, key }: StepContext): number {
  return order === 'shuffle' ? seedOf(shopper.visitor, shopper.at.ms, key) : hashOf(`${shopper.view}\n${key}`)
}

/** Positions, put in any order as they are asked for. */
function inOrder(positions: number[], order: FreeOrder, context: StepContext, passes?: (position: number) => boolean): Iterable<number> {
  const { index } = context.shop
  if (!isShuffle(order)) return lazilySorted(positions, index.comparing(order), passes)
  return lazilyMixed(passes ? positions.filter(passes) : positions, position => index.hashAt(position), seedFor(order, context), index.bySku)
}
