/*
 * Lists in order, and ways to get things in order that do no more work than is asked for.
 */

/** The index of the first item that passes, in a list where all that pass come last; its length when none does. Binary search. */
export function firstIndex<T>(items: ArrayLike<T>, passes: (item: T) => boolean): number {
  let low = 0
  let high = items.length
  while (low < high) {
    const middle = (low + high) >>> 1
    if (passes(items[middle]!)) high = middle
    else low = middle + 1
  }
  return low
}

export type Compare = (a: number, b: number) => number
type Passes = (item: number) => boolean
const all: Passes = () => true

/**
 * Numbers in order, smallest first, each found when it is asked for: whoever wants four of thousands does not sort thousands.
 * A binary heap (J. W. J. Williams, "Algorithm 232: Heapsort", 1964; built bottom up after R. W. Floyd, 1964).
 * @param items is taken apart
 * @param passes only these are given; better asked here than of what is given, for giving costs more than asking
 */
export function* lazilySorted(items: number[], compare: Compare, passes: Passes = all): Generator<number> {
  for (let i = items.length >>> 1; i--;) sink(items, i, items.length, compare)
  for (let left = items.length; left;) {
    if (passes(items[0]!)) yield items[0]!
    items[0] = items[--left]!
    sink(items, 0, left, compare)
  }
}

function sink(heap: number[], from: number, length: number, compare: Compare): void {
  const item = heap[from]!
  let at = from
  for (let child = 2 * at + 1; child < length; child = 2 * at + 1) {
    if (child + 1 < length && compare(heap[child + 1]!, heap[child]!) < 0) child++
    if (compare(item, heap[child]!) <= 0) break
    heap[at] = heap[child]!
    at = child
  }
  heap[at] = item
}

/** The items from one place of a list to before another that pass, in its order. */
export function* between<T>(items: readonly T[], from: number, to: number, passes: (item: T) => boolean): Generator<T> {
  for (let i = from; i < to; i++) if (passes(items[i]!)) yield items[i]!
}

/**
 * All numbers of several lists that are in order, each number once. None is below zero.
 * @param passes only these are given
 */
export function* merged(lists: readonly (readonly number[])[], compare: Compare, passes: Passes = all): Generator<number> {
  const [only] = lists
  if (only && lists.length === 1) {
    for (const item of only) if (passes(item)) yield item
    return
  }
  // Written without iterators: this loop runs for thousands of candidates of a page.
  const next = lists.map(() => 0)
  for (;;) {
    let least = -1
    for (let i = 0; i < lists.length; i++) {
      const item = lists[i]![next[i]!]
      if (item !== undefined && (least < 0 || compare(item, least) < 0)) least = item
    }
    if (least < 0) return
    for (let i = 0; i < lists.length; i++) if (lists[i]![next[i]!] === least) next[i]!++
    if (passes(least)) yield least
  }
}

/** Up to so many are put in or taken out one by one; for more it is less work to move what stands between them. */
const fewAtOnce = 4

/**
 * Takes numbers out of a list that is in order.
 * @param leaving numbers of the list, each once
 */
export function takeOut(list: number[], leaving: readonly number[], compare: Compare): void {
  const placeOf = (item: number) =>
    list.indexOf(
      item,
      firstIndex(list, each => compare(each, item) >= 0),
    )
  if (leaving.length <= fewAtOnce) {
    for (const item of leaving) list.splice(placeOf(item), 1)
    return
  }
  const places = leaving.map(placeOf).sort((a, b) => a - b)
  let to = places[0]!
  for (const [i, place] of places.entries()) for (let at = place + 1; at < (places[i + 1] ?? list.length); at++) list[to++] = list[at]!
  list.length = to
}

/** Puts numbers into a list that is in order, where they belong. */
export function putIn(list: number[], coming: readonly number[], compare: Compare): void {
  const placeOf = (item: number) => firstIndex(list, each => compare(each, item) >= 0)
  if (coming.length <= fewAtOnce) {
    for (const item of coming) list.splice(placeOf(item), 0, item)
    return
  }
  const sorted = coming.toSorted(compare)
  const places = sorted.map(placeOf)
  let end = list.length
  list.push(...sorted)
  // From behind, so that nothing is written over before it is moved.
  for (let i = sorted.length - 1; i >= 0; i--) {
    for (let at = end - 1; at >= places[i]!; at--) list[at + i + 1] = list[at]!
    list[places[i]! + i] = sorted[i]!
    end = places[i]!
  }
}

/** The first of each, then the second of each, and so on. */
export function* roundRobin<T>(lists: readonly Iterable<T>[]): Generator<T> {
  let left = lists.map(list => list[Symbol.iterator]())
  while (left.length) {
    const still: Iterator<T>[] = []
    for (const list of left) {
      const { done, value } = list.next() as IteratorResult<T, undefined>
      if (done) continue
      still.push(list)
      yield value
    }
    left = still
  }
}
