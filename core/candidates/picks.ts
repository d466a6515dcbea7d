import type { Product } from '../catalogue/product'
import { valuesOf } from '../catalogue/product'
import { attributeList } from '../productSearch/postings'
import type { RuleFacts } from '../rules/matches'
import { targetCheck } from '../rules/matches'
import type { Condition, TargetTest } from '../rules/rule'
import { isGroup, partsOf } from '../rules/ruleWords'
import { Bitmap } from './bitmap'
import { partOf } from './narrow'
import type { ListName, SelectionIndex } from './selectionIndex'

/**
 * All that a condition picks for a source, worked out for the whole catalogue at once, without looking at its products.
 * @param source with only those of its traits that count
 */
export function picksOf(condition: Condition<TargetTest>, source: Product, index: SelectionIndex, facts: RuleFacts): Bitmap {
  if (isAlwaysTheSame(condition)) return index.kept(condition, targetCheck(condition, source, facts))
  if (isGroup(condition)) {
    const [first, ...others] = partsOf(condition).map(part => picksOf(part, source, index, facts))
    const picks = first!.copy()
    for (const each of others)
      if ('all' in condition) picks.keep(each)
      else picks.addFrom(each)
    return 'none' in condition ? Bitmap.full(index.size).remove(picks) : picks
  }
  if ('brand' in condition) {
    if (source.brand === null) return new Bitmap(index.size)
    const same = index.bitmap(['brand', source.brand])
    return condition.brand === 'same'
      ? same
      : index
          .kept(branded, ({ brand }) => brand !== null)
          .copy()
          .remove(same)
  }
  if ('category' in condition) {
    const same = inAtLeast(
      1,
      source.categories.map(key => ['category', key]),
      index,
    )
    return condition.category === 'same' ? same : Bitmap.full(index.size).remove(same)
  }
  if ('attribute' in condition) {
    return inAtLeast(
      1,
      valuesOf(source, condition.sourceAttribute).map(value => ['attribute', attributeList(condition.attribute, value)]),
      index,
    )
  }
  if ('sharedTags' in condition)
    return inAtLeast(
      condition.sharedTags,
      Array.from(new Set(source.tags), tag => ['tag', tag]),
      index,
    )
  const part = partOf(condition, source, index, facts)!
  return index.partBitmap(part.order, part.from, part.to)
}

/** Names the products that have any brand. */
const branded = {}

/** Whether a condition picks the same products for every source at any time. */
function isAlwaysTheSame(condition: Condition<TargetTest>): boolean {
  if (isGroup(condition)) return partsOf(condition).every(isAlwaysTheSame)
  return 'has' in condition || 'price' in condition || 'stock' in condition || 'sold' in condition
}

/** What stands in at least so many of the lists. */
function inAtLeast(least: number, lists: readonly ListName[], index: SelectionIndex): Bitmap {
  if (lists.length < least) return new Bitmap(index.size)
  // At place i, what stands in more than i of the lists that were gone through.
  const inMoreThan = Array.from({ length: least }, () => new Bitmap(index.size))
  for (const list of lists) {
    if (index.isLong(list)) {
      const its = index.bitmap(list)
      for (let i = least - 1; i; i--) inMoreThan[i]!.addFromBoth(inMoreThan[i - 1]!, its)
      inMoreThan[0]!.addFrom(its)
    } else {
      for (const position of index.positions(list)) {
        for (let i = least - 1; i; i--) if (inMoreThan[i - 1]!.has(position)) inMoreThan[i]!.set(position, true)
        inMoreThan[0]!.set(position, true)
      }
    }
  }
  return inMoreThan[least - 1]!
}
