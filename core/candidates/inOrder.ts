import type { NumberSortOrder } from '../catalogue/sortOrders'
import { sortNumber } from '../catalogue/sortOrders'
import { priceOf } from '../catalogue/product'
import { lazilySorted, merged } from '../sorted'
import type { Candidate } from './candidate'
import type { FreeStepOrder, StepOrder } from './stepOrder'
import type { ListName } from './selectionIndex'
import { hashOf, lazilyMixed, mixed, seedOf } from './shuffle'
import type { Source } from './source'
import type { StepContext } from './stepContext'

/*
 * Candidates in the order of their step, each found when it is asked for: a section of four places looks at a dozen products, not at ten
 * thousand.
 */

/** Products or variants that are named, in this order or another. What the shop doesn't have is passed over. */
export function* itemsInOrder(skus: readonly string[], order: StepOrder, step: number, context: StepContext): Generator<Candidate> {
  const found: Candidate[] = []
  for (const [i, sku] of skus.entries()) {
    const item = context.shop.catalogue.item(sku)
    if (item)
      found.push({
        product: item.product,
        variant: item.variant,
        step,
        source: null,
        place: i + 1,
        strength: null,
        outsideDates: false,
        leftOut: false,
      })
  }
  yield* sortedItems(found, order, context)
}

/** A few items that may be variants, in order. */
export function sortedItems(items: Candidate[], order: StepOrder, context: StepContext): Candidate[] {
  if (order === 'hand' || items.length < 2) return items
  const skuOf = ({ product, variant }: Candidate) => (variant ?? product).sku
  const numbered = items.map(item => ({ item, number: numberFor(item, order, context) }))
  return numbered.sort((a, b) => a.number - b.number || (skuOf(a.item) < skuOf(b.item) ? -1 : 1)).map(({ item }) => item)
}

/** The number that puts an item in its place, the least first. */
function numberFor({ product, variant }: Candidate, order: StepOrder, context: StepContext): number {
  const { index } = context.shop
  if (isShuffle(order)) return mixed(hashOf((variant ?? product).sku), seedFor(order, context))
  if (order === 'name') return index.numbers('name')[index.postings.positionOf(product.sku)!]!
  return sortNumber(
    order as NumberSortOrder,
    variant ? { ...product, price: priceOf(product, variant) } : product,
    index.facts.sold(product.sku),
  )
}

/** Products that stand in any of the lists. */
export function inLists(
  lists: readonly ListName[],
  order: FreeStepOrder,
  step: number,
  source: Source | null,
  context: StepContext,
): Iterable<Candidate> {
  return offered(positionsIn(lists, order, context), step, source, context)
}

/** Positions of the products that stand in any of the lists. */
export function positionsIn(
  lists: readonly ListName[],
  order: FreeStepOrder,
  context: StepContext,
  passes?: (position: number) => boolean,
): Iterable<number> {
  const { index } = context.shop
  if (!isShuffle(order) && lists.length <= maxMerged)
    return merged(
      lists.map(name => index.list(name, order)),
      index.comparing(order),
      passes,
    )
  const positions = new Set(lists.flatMap(name => index.positions(name)))
  return inOrder([...positions], order, context, passes)
}

/** Merging looks at the first of every list each time: with more lists than this, sorting what they have together is less work. */
const maxMerged = 16

/** Candidates for positions in order; never the source itself. */
export function* offered(positions: Iterable<number>, step: number, source: Source | null, { shop }: StepContext): Generator<Candidate> {
  let place = 0
  for (const position of positions) {
    const product = shop.index.productAt(position)
    if (product === source?.product) continue
    place++
    yield {
      product,
      variant: null,
      step,
      source: source && source.product.sku,
      place,
      strength: null,
      outsideDates: false,
      leftOut: source?.leftOut ? product.categories.some(key => source.leftOut!.has(key)) : false,
    }
  }
}

/** Positions, put in any order as they are asked for. */
export function inOrder(
  positions: number[],
  order: FreeStepOrder,
  context: StepContext,
  passes?: (position: number) => boolean,
): Iterable<number> {
  const { index } = context.shop
  if (!isShuffle(order)) return lazilySorted(positions, index.comparing(order), passes)
  return lazilyMixed(
    passes ? positions.filter(passes) : positions,
    position => index.hashAt(position),
    seedFor(order, context),
    index.bySku,
  )
}

export const isShuffle = (order: StepOrder) => order === 'shuffle' || order === 'shuffle-every-view'

function seedFor(order: StepOrder, { shopper, key }: StepContext): number {
  return order === 'shuffle' ? seedOf(shopper.visitor, shopper.at.ms, key) : hashOf(`${shopper.view}\n${key}`)
}

/** The lists of a category and of those below it. */
export const listsBelow = (key: string, { shop }: StepContext): ListName[] =>
  Array.from(shop.catalogue.categoriesFrom(key), each => ['category', each])
