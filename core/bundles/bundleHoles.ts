import type { Bundle, BundleOfParts, PickAnyBundle } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { Items } from './bundleParts'
import { isSoldSome, partsWhole, pickable, pickKey } from './bundleParts'
import { combinationTable } from './combinations'

/** A part of a bundle in which shoppers can’t get every choice. */
export interface BundleHole {
  /** Key of the part; of a pick-any bundle, `pickKey`. */
  part: string
  /** How many choices it has: combinations of a group that are not marked as not sold, variants of a component, products of a set. */
  choices: number
  /** How many of them can’t be bought: nothing was decided of them, or what they are is not for sale. */
  missing: number
}

/** Where a bundle has choices that can’t be bought, counted a part. Stock is left out: it comes and goes. */
export function bundleHoles(bundle: Bundle, items: Items): BundleHole[] {
  const all = bundle.type === 'pickAny' ? [holeInSet(bundle, items)] : holesInParts(bundle, items)
  return all.filter(each => each.missing > 0)
}

/** A product of the set is there when any variant of it is. */
function holeInSet(bundle: PickAnyBundle, items: Items): BundleHole {
  const sold = bundle.set.filter(sku => pickable({ ...bundle, set: [sku] }, items).some(isSoldSome))
  return { part: pickKey, choices: bundle.set.length, missing: bundle.set.length - sold.length }
}

function holesInParts(bundle: BundleOfParts, items: Items): BundleHole[] {
  const groups = new Map(groupsOf(bundle).map(each => [each.key, each]))
  return partsWhole(bundle, items).map(({ of, choices }) => {
    const group = groups.get(of)
    const count = group ? combinationTable(group).filter(row => row.sku !== null).length : Math.max(1, choices.length)
    return { part: of, choices: count, missing: count - choices.filter(isSoldSome).length }
  })
}
