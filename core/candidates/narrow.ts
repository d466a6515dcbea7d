import type { Product } from '../catalogue/product'
import { valuesOf } from '../catalogue/product'
import { attributeList } from '../productSearch/postings'
import type { Range } from '../rules/range'
import type { RuleFacts } from '../rules/matches'
import type { Condition, TargetTest } from '../rules/rule'
import { firstIndex } from '../sorted'
import type { SortOrder } from '../catalogue/sortOrders'
import { unknownNumber } from '../catalogue/sortOrders'
import type { ListName, SelectionIndex } from './selectionIndex'

/** A part of the list of all products in an order, by indices in it; `to` is the first after it. */
export interface Part {
  order: SortOrder
  from: number
  to: number
}

/** Where all targets of a rule must be: in some of the lists by trait, or in a part of the list in some order. */
export type Scope = { size: number } & ({ lists: ListName[] } | Part)

/**
 * The smallest scope that the indices know for what a condition picks; null when it may pick from anywhere.
 * What is there still has to be tested.
 * @param source with only those of its traits that count
 */
export function narrow(condition: Condition<TargetTest>, source: Product, index: SelectionIndex, facts: RuleFacts): Scope | null {
  const listed = (lists: ListName[]): Scope => ({ lists, size: lists.reduce((sum, list) => sum + index.count(list), 0) })
  if ('all' in condition) {
    const scopes = condition.all.map(part => narrow(part, source, index, facts)).filter(scope => scope !== null)
    return scopes.length ? scopes.reduce((a, b) => (b.size < a.size ? b : a)) : null
  }
  if ('any' in condition) {
    const lists: ListName[] = []
    for (const part of condition.any) {
      const scope = narrow(part, source, index, facts)
      if (!scope || !('lists' in scope)) return null
      lists.push(...scope.lists)
    }
    return listed(lists)
  }
  if ('none' in condition) return null
  if ('has' in condition) {
    const { of, name, value } = condition.has
    if (of === 'category') return listed(Array.from(facts.categoriesFrom(name), key => ['category', key]))
    if (of !== 'attribute') return listed([[of, name]])
    const values = value === undefined ? (index.postings.attributeValues.get(name) ?? []) : [value]
    return listed(Array.from(values, each => ['attribute', attributeList(name, each)]))
  }
  if ('brand' in condition) return condition.brand === 'different' ? null : listed(source.brand === null ? [] : [['brand', source.brand]])
  if ('category' in condition)
    return condition.category === 'different' ? null : listed(Array.from(new Set(source.categories), key => ['category', key]))
  if ('attribute' in condition) {
    return listed(
      Array.from(new Set(valuesOf(source, condition.sourceAttribute)), value => ['attribute', attributeList(condition.attribute, value)]),
    )
  }
  if ('sharedTags' in condition) return listed(Array.from(new Set(source.tags), tag => ['tag', tag]))
  const part = partOf(condition, source, index, facts)
  return part && { ...part, size: part.to - part.from }
}

/** The products that a test of a number picks: a part of the list of all in an order; null when no order has them together. */
export function partOf(test: TargetTest, source: Product, index: SelectionIndex, facts: RuleFacts): Part | null {
  if ('price' in test) return within(index, 'cheapest', test.price)
  if ('pricePercent' in test) {
    const of = source.price
    if (of === null) return nothing
    const { from, to } = test.pricePercent
    return between(
      index,
      'cheapest',
      price => from === undefined || price * 100 >= from * of,
      price => to !== undefined && price * 100 > to * of,
    )
  }
  // In these orders the numbers are the negative of what is asked about.
  if ('sold' in test) return within(index, 'best-selling', { from: negative(test.sold.to), to: negative(test.sold.from) })
  if ('newer' in test) {
    if (source.released === null) return nothing
    const than = -Date.parse(source.released)
    return between(
      index,
      'newest',
      () => true,
      number => number >= than,
    )
  }
  if ('releasedWithin' in test)
    return within(index, 'newest', { from: -facts.at.ms, to: -(facts.at.ms - test.releasedWithin * 86_400_000) })
  return null
}

const nothing: Part = { order: 'cheapest', from: 0, to: 0 }
const negative = (value: number | undefined) => (value === undefined ? undefined : -value)

const within = (index: SelectionIndex, order: SortOrder, { from, to }: Range) =>
  between(
    index,
    order,
    number => from === undefined || number >= from,
    number => to !== undefined && number > to,
  )

/**
 * Products whose number is known and in a range.
 * @param hasBegun whether a number is not before the range
 * @param isOver whether it is after the range
 */
function between(
  index: SelectionIndex,
  order: SortOrder,
  hasBegun: (number: number) => boolean,
  isOver: (number: number) => boolean,
): Part {
  const list = index.list('all', order)
  const numbers = index.numbers(order)
  const from = firstIndex(list, position => hasBegun(numbers[position]!))
  const to = firstIndex(list, position => numbers[position] === unknownNumber || isOver(numbers[position]!))
  return { order, from, to: Math.max(from, to) }
}

const turnedRound: Partial<Record<SortOrder, SortOrder>> = { cheapest: 'dearest', dearest: 'cheapest', newest: 'oldest', oldest: 'newest' }

/** The same products as a part of another order: of one that goes the other way; null when they are not together there. */
export function partIn(order: SortOrder, part: Part, index: SelectionIndex): Part | null {
  if (part.order === order) return part
  if (turnedRound[part.order] !== order) return null
  const numbers = index.numbers(order)
  const known = firstIndex(index.list('all', order), position => numbers[position] === unknownNumber)
  return { order, from: known - part.to, to: known - part.from }
}
