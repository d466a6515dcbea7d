import { stockOf } from '../catalogue/product'
import type { Bundle, PickAnyBundle } from '../catalogue/bundle'
import type { BundlePart, Items, PartChoice } from './bundleParts'
import { isSoldSome, partsOf, pickable } from './bundleParts'

/**
 * How often a bundle can be sold in one and the same choice of its parts: in the scarcest, and in the one that there is most of.
 * Infinity: nothing of it is tracked.
 */
export interface BundleStock {
  min: number
  max: number
}

const none: BundleStock = { min: 0, max: 0 }

/** Units on hand of what a choice is, Infinity where they are not tracked. */
export const unitsOf = ({ item }: PartChoice) => stockOf(item.product, item.variant)

/**
 * How often something can be sold that takes so many of each SKU: the least of ⌊stock ÷ quantity⌋ (common practice).
 * @param wanted SKU → quantity, at least 1
 */
export function timesSold(wanted: ReadonlyMap<string, number>, stock: (sku: string) => number): number {
  if (!wanted.size) return 0
  let times = Infinity
  for (const [sku, quantity] of wanted) times = Math.min(times, Math.floor(Math.max(0, stock(sku)) / quantity))
  return times
}

/** How often a bundle can be sold. Choices that aren't for sale don't count; a bundle with a part that can't be sold can't either. */
export function bundleStock(bundle: Bundle, items: Items): BundleStock {
  if (bundle.type === 'pickAny') return stockOfPicks(bundle, pickable(bundle, items).filter(isSoldSome))
  const parts = partsOf(bundle, items).map(part => ({ ...part, choices: part.choices.filter(isSoldSome) }))
  if (!parts.length || parts.some(part => !part.choices.length)) return none
  return { min: scarcest(parts), max: maxOf(parts) }
}

/** The scarcest choice of the parts: that in which all parts that can be a SKU are this SKU. */
function scarcest(parts: readonly BundlePart[]): number {
  const wanted = new Map<string, number>()
  const stock = new Map<string, number>()
  for (const { choices, quantity } of parts) {
    for (const choice of distinct(choices)) {
      wanted.set(choice.sku, (wanted.get(choice.sku) ?? 0) + quantity)
      stock.set(choice.sku, unitsOf(choice))
    }
  }
  return timesSold(wanted, sku => stock.get(sku)!)
}

/** After so many tries the best choice so far counts: it is never too much. */
const maxTries = 20_000

/**
 * The choice of the parts that there is most of. Parts take from the same stock when they are the same SKU: all ways are tried that can
 * still be better.
 */
function maxOf(parts: readonly BundlePart[]): number {
  const byStock = parts.map(({ choices, quantity }) => ({
    quantity,
    choices: distinct(choices).toSorted((a, b) => unitsOf(b) - unitsOf(a)),
  }))
  // No choice is better than each part by itself.
  const bound = Math.min(...byStock.map(({ choices, quantity }) => Math.floor(unitsOf(choices[0]!) / quantity)))
  const wanted = new Map<string, number>()
  let best = 0
  let tries = 0
  const tryFrom = (at: number, times: number) => {
    if (times <= best || best === bound || ++tries > maxTries) return
    const part = byStock[at]
    if (!part) {
      best = times
      return
    }
    for (const choice of part.choices) {
      const before = wanted.get(choice.sku) ?? 0
      wanted.set(choice.sku, before + part.quantity)
      tryFrom(at + 1, Math.min(times, Math.floor(unitsOf(choice) / (before + part.quantity))))
      wanted.set(choice.sku, before)
    }
  }
  tryFrom(0, Infinity)
  return best
}

function stockOfPicks({ least, repeats }: PickAnyBundle, choices: readonly PartChoice[]): BundleStock {
  const units = choices.map(unitsOf).sort((a, b) => a - b)
  if (!units.length || (!repeats && units.length < least)) return none
  if (!repeats) return { min: units[0]!, max: units.at(-least)! }
  if (units.at(-1) === Infinity) return { min: Math.floor(units[0]! / least), max: Infinity }
  const canBeSold = (times: number) => units.reduce((picked, each) => picked + Math.floor(each / times), 0) >= least
  let [low, high] = [0, units.reduce((sum, each) => sum + each, 0) + 1]
  while (high - low > 1) {
    const middle = (low + high) >>> 1
    if (canBeSold(middle)) low = middle
    else high = middle
  }
  return { min: Math.floor(units[0]! / least), max: low }
}

const distinct = (choices: readonly PartChoice[]) => [...new Map(choices.map(each => [each.sku, each])).values()]
