import type { Product } from '../catalogue/product'
import { valuesOf } from '../catalogue/product'
import { attributeList } from '../finding/postings'
import type { Range } from '../rules/range'
import type { RuleFacts } from '../rules/matches'
import type { Condition, TargetTest } from '../rules/rule'
import { firstIndex } from '../sorted'
import type { ListOrder } from '../catalogue/orders'
import type { ListName, SelectionIndex } from './selectionIndex'

/** Where all targets of a rule must be: in some of the lists by trait, or in a part of the list in some order. */
export type Place = { size: number } & ({ lists: ListName[] } | { order: ListOrder, from: number, to: number })

/**
 * The smallest place that the indices know for what a condition picks; null when it may pick from anywhere.
 * What is there still has to be tested.
 * @param source with only those of its traits that count
 */
export function narrow(condition: Condition<TargetTest>, source: Product, index: SelectionIndex, facts: RuleFacts): Place | null {
  const listed = (lists: ListName[]): Place => ({ lists, size: lists.reduce((sum, list) => sum + index.count(list), 0) })
  if ('all' in condition) {
    const places = condition.all.map(part => narrow(part, source, index, facts)).filter(place => place !== null)
    return places.length ? places.reduce((a, b) => b.size < a.size ? b : a) : null
  }
  if ('any' in condition) {
    const lists: ListName[] = []
    for (const part of condition.any) {
      const place = narrow(part, source, index, facts)
      if (!place || !('lists' in place)) return null
      lists.push(...place.lists)
    }
    return listed(lists)
  }
  if ('none' in condition) return null
  if ('has' in condition) {
    const { of, name, value } = condition.has
    if (of === 'category') return listed(Array.from(facts.categoriesFrom(name), key => ['category', key]))
    if (of !== 'attribute') return listed([[of, name]])
    const values = value === undefined ? index.postings.attributeValues.get(name) ?? [] : [value]
    return listed(Array.from(values, each => ['attribute', attributeList(name, each)]))
  }
  if ('brand' in condition) return condition.brand === 'different' ? null : listed(source.brand === null ? [] : [['brand', source.brand]])
  if ('category' in condition) return condition.category === 'different' ? null : listed(Array.from(new Set(source.categories), key => ['category', key]))
  if ('attribute' in condition) {
    return listed(Array.from(new Set(valuesOf(source, condition.sourceAttribute)), value => ['attribute', attributeList(condition.attribute, value)]))
  }
  if ('sharedTags' in condition) return listed(Array.from(new Set(source.tags), tag => ['tag', tag]))
  return narrowByNumber(condition, source, index, facts)
}

/** A part of the list in order of price, units sold or release. */
function narrowByNumber(test: TargetTest, source: Product, index: SelectionIndex, facts: RuleFacts): Place | null {
  if ('price' in test) return within(index, 'cheapest', test.price)
  if ('pricePercent' in test) {
    const { from, to } = test.pricePercent
    const part = (percent: number | undefined, rounded: (value: number) => number) => percent === undefined ? undefined : rounded(percent * source.price! / 100)
    return source.price === null ? nowhere : within(index, 'cheapest', rangeOf(part(from, Math.floor), part(to, Math.ceil)))
  }
  // In these orders the numbers are the negative of what is asked about.
  if ('sold' in test) return within(index, 'best-selling', rangeOf(negative(test.sold.to), negative(test.sold.from)))
  if ('newer' in test) return source.released === null ? nowhere : within(index, 'newest', { to: -Date.parse(source.released) })
  if ('releasedWithin' in test) return within(index, 'newest', { from: -facts.at, to: -(facts.at - test.releasedWithin * 86_400_000) })
  return null
}

const nowhere: Place = { lists: [], size: 0 }
const negative = (value: number | undefined) => value === undefined ? undefined : -value
const rangeOf = (from: number | undefined, to: number | undefined): Range => ({ ...from !== undefined && { from }, ...to !== undefined && { to } })

function within(index: SelectionIndex, order: ListOrder, { from, to }: Range): Place {
  const list = index.list('all', order)
  const numbers = index.numbers(order)
  const first = from === undefined ? 0 : firstIndex(list, position => numbers[position]! >= from)
  const end = to === undefined ? list.length : firstIndex(list, position => numbers[position]! > to)
  return { order, from: first, to: Math.max(first, end), size: Math.max(0, end - first) }
}
