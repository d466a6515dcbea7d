import { shareOf } from '../money/percent'
import { marginOf } from '../catalogue/sortOrders'
import { priceOf } from '../catalogue/product'
import type { Bundle, BundlePrice, PickAnyBundle } from '../catalogue/bundle'
import type { Items, PartChoice } from './bundleParts'
import { isSoldSome, partsOf, pickable } from './bundleParts'

/** What a bundle costs in one choice of its parts. Amounts in minor units. */
export interface BundleCost {
  /** The price. */
  price: number
  /** The sum of the parts: what the price is compared with (common practice). */
  sum: number
  /** What the parts cost the shop; null: not known of all of them. */
  cost: number | null
}

/** What a bundle costs in its cheapest and in its dearest choice. */
export interface BundleRange {
  from: BundleCost
  to: BundleCost
  /** Of all choices the one that saves the least; it may save less than nothing. */
  leastSaving: BundleCost
  /** The lowest margin of any choice, in percent; null: not known. */
  leastMargin: number | null
}

/** The price of a bundle by the sum of its parts, in minor units. It is never below nothing. */
export function priceBy(price: BundlePrice, sum: number): number {
  switch (price.by) {
    case 'sum':
      return sum
    case 'percent':
      return sum - shareOf(sum, price.percent)
    case 'amount':
      return Math.max(0, sum - price.amount)
    case 'own':
      return price.price
  }
}

/** The reduction in percent for so many picked: that of the highest step reached; 0 below all steps. */
export function percentFor(bundle: Pick<PickAnyBundle, 'steps'>, count: number): number {
  let reached = { count: 0, percent: 0 }
  for (const step of bundle.steps) if (step.count <= count && step.count > reached.count) reached = step
  return reached.percent
}

/** The price of a bundle for what was chosen: by its own rule, or by how many were picked. */
export const priceFor = (bundle: Bundle, sum: number, count: number) =>
  bundle.type === 'pickAny' ? sum - shareOf(sum, percentFor(bundle, count)) : priceBy(bundle.price, sum)

/** The range of what a bundle costs over all choices that are for sale; null when none is. */
export function bundleRange(bundle: Bundle, items: Items): BundleRange | null {
  if (bundle.type === 'pickAny')
    return rangeOfPicks(
      bundle,
      pickable(bundle, items)
        .filter(isSoldSome)
        .map(choice => worthOf(choice, 1)),
    )
  const parts = partsOf(bundle, items).map(({ choices, quantity }) => worthsOf(choices, quantity))
  if (!parts.length || parts.some(worths => !worths.length)) return null
  const costOf = (chosen: readonly Worth[]): BundleCost => {
    const { amount, cost } = added(chosen)
    return { price: priceBy(bundle.price, amount), sum: amount, cost }
  }
  const all = inEveryWay(parts)
  const margins = all?.map(each => marginOf({ price: priceBy(bundle.price, each.amount), cost: each.cost })) ?? [null]
  const from = costOf(parts.map(worths => worths[0]!))
  // However the price is made, a greater sum never saves less.
  return { from, to: costOf(parts.map(worths => worths.at(-1)!)), leastSaving: from, leastMargin: minOf(margins) }
}

/** What a choice adds to a bundle, in minor units. */
interface Worth {
  amount: number
  cost: number | null
}

/** What choices that are for sale add, the cheapest first; of the same amount the one that costs the shop the most counts. */
function worthsOf(choices: readonly PartChoice[], quantity: number): Worth[] {
  const byAmount = new Map<number, Worth>()
  for (const each of choices.filter(isSoldSome).map(choice => worthOf(choice, quantity))) keepDearer(byAmount, each)
  return [...byAmount.values()].sort((a, b) => a.amount - b.amount)
}

const worthOf = ({ item: { product, variant } }: PartChoice, quantity: number): Worth => ({
  amount: priceOf(product, variant)! * quantity,
  cost: product.cost === null ? null : product.cost * quantity,
})

function keepDearer(byAmount: Map<number, Worth>, worth: Worth): void {
  const known = byAmount.get(worth.amount)
  byAmount.set(worth.amount, known ? { amount: worth.amount, cost: dearer(known.cost, worth.cost) } : worth)
}

const dearer = (a: number | null, b: number | null) => (a === null || b === null ? null : Math.max(a, b))

const added = (worths: readonly Worth[]): Worth =>
  worths.reduce(
    (sum, each) => ({ amount: sum.amount + each.amount, cost: sum.cost === null || each.cost === null ? null : sum.cost + each.cost }),
    { amount: 0, cost: 0 as number | null },
  )

/** With more sums than this a lowest margin is not worked out. */
const maxSums = 20_000

/** Every sum that the parts can have, with the most that it can cost the shop; null: too many. */
function inEveryWay(parts: readonly (readonly Worth[])[]): Worth[] | null {
  let sums = new Map<number, Worth>([[0, { amount: 0, cost: 0 }]])
  for (const worths of parts) {
    const next = new Map<number, Worth>()
    for (const sum of sums.values()) {
      for (const each of worths) keepDearer(next, added([sum, each]))
    }
    if (next.size > maxSums) return null
    sums = next
  }
  return [...sums.values()]
}

const minOf = (margins: readonly (number | null)[]) => (margins.includes(null) ? null : Math.min(...(margins as number[])))

/** The ranges of all numbers that can be picked, together. */
function rangeOfPicks(bundle: PickAnyBundle, worths: readonly Worth[]): BundleRange | null {
  const most = bundle.repeats ? bundle.most : Math.min(bundle.most, worths.length)
  if (!worths.length || most < bundle.least) return null
  const pick = (from: readonly Worth[], count: number) =>
    bundle.repeats ? Array.from({ length: count }, () => from[0]!) : from.slice(0, count)
  const costOf = (picked: readonly Worth[]): BundleCost => {
    const { amount, cost } = added(picked)
    return { price: priceFor(bundle, amount, picked.length), sum: amount, cost }
  }
  // Of the price before it is rounded: which pick is the worst must not hang on half a cent.
  const marginAt = (picked: readonly Worth[]) => {
    const { amount, cost } = added(picked)
    return marginOf({ price: (amount * (100 - percentFor(bundle, picked.length))) / 100, cost })
  }
  const ascending = worths.toSorted((a, b) => a.amount - b.amount)
  const descending = ascending.toReversed()
  const counts = Array.from({ length: most - bundle.least + 1 }, (_, i) => bundle.least + i)
  const cheapest = counts.map(count => costOf(pick(ascending, count)))
  const dearest = counts.map(count => costOf(pick(descending, count)))
  // What is priced at nothing has no margin, as in other bundles.
  const isUnknown = worths.some(each => each.cost === null) || cheapest.some(each => each.sum === 0)
  const margins = isUnknown ? [null] : counts.map(count => marginAt(pick(leastWorth(worths, bundle.repeats ? 1 : count), count)))
  return {
    from: cheapest.reduce((a, b) => (b.price < a.price ? b : a)),
    to: dearest.reduce((a, b) => (b.price > a.price ? b : a)),
    leastSaving: cheapest.reduce((a, b) => (b.sum - b.price < a.sum - a.price ? b : a)),
    leastMargin: minOf(margins),
  }
}

/**
 * The so many choices that together cost the shop the most for what they bring in, first in the list.
 * W. Dinkelbach, "On Nonlinear Fractional Programming", Management Science 13 (7), 1967: for a ratio that is guessed, the best choice is
 * a sorted list; its own ratio is the next guess, until nothing gets better.
 */
function leastWorth(worths: readonly Worth[], count: number): Worth[] {
  let ratio = 0
  for (;;) {
    const picked = worths.toSorted((a, b) => b.cost! - ratio * b.amount - (a.cost! - ratio * a.amount)).slice(0, count)
    const { amount, cost } = added(picked)
    if (!amount || cost! / amount <= ratio) return picked
    ratio = cost! / amount
  }
}
