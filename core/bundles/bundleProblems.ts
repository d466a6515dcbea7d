import type { Catalogue } from '../catalogue/catalogue'
import { isRetired } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isForSale } from '../catalogue/product'
import type { Bundle } from '../catalogue/bundle'
import { groupsOf, namedIn } from '../catalogue/bundle'
import type { BundleRange } from './bundlePrice'
import { bundleRange } from './bundlePrice'
import { isSoldSome, partsOf, pickable } from './bundleParts'
import { bundleStock, unitsOf } from './bundleStock'
import { combinationTable } from './combinations'
import type { Moment } from '../time/moment'

/** What can be wrong with a bundle. The first of them keep it, or some of its choices, from being sold. */
export const bundleProblemCodes = [
  'empty',
  'tooFewToPick',
  'bundleInside',
  'partMissing',
  'partRetired',
  'partNotForSale',
  'unmapped',
  'partOutOfStock',
  'outOfStock',
  'dearerThanParts',
  'givenAway',
  'noSaving',
  'lowMargin',
  'sameContents',
] as const
export type BundleProblemCode = (typeof bundleProblemCodes)[number]

export interface BundleProblem {
  code: BundleProblemCode
  /** SKU of the part or of the other bundle, or key of the group, that it is about; empty: the bundle as a whole. */
  about: string
}

/**
 * What is wrong with a bundle, what keeps it from being sold first.
 */
export function bundleProblems(
  product: Pick<Product, 'sku'> & { bundle: Bundle },
  catalogue: Pick<Catalogue, 'item' | 'bundles'>,
  at: Moment,
): BundleProblem[] {
  const { bundle } = product
  const range = bundleRange(bundle, catalogue)
  const problems = [
    ...partProblems(bundle, catalogue, at),
    ...stockProblems(bundle, catalogue),
    ...(range ? priceProblems(bundle, range) : []),
    ...twinsOf(product, catalogue).map((about): BundleProblem => ({ code: 'sameContents', about })),
  ]
  return problems.sort((a, b) => bundleProblemCodes.indexOf(a.code) - bundleProblemCodes.indexOf(b.code))
}

function partProblems(bundle: Bundle, catalogue: Pick<Catalogue, 'item'>, at: Moment): BundleProblem[] {
  const problems: BundleProblem[] = namedIn(bundle).flatMap(about => {
    const item = catalogue.item(about)
    if (!item) return { code: 'partMissing', about }
    if (item.product.bundle) return { code: 'bundleInside', about }
    if (isRetired(item)) return { code: 'partRetired', about }
    return isForSale(item.product, item.variant, at) ? [] : { code: 'partNotForSale', about }
  })
  if (bundle.type === 'pickAny') {
    const choices = pickable(bundle, catalogue).filter(isSoldSome).length
    if (!bundle.set.length) problems.push({ code: 'empty', about: '' })
    else if (!choices || (!bundle.repeats && choices < bundle.least)) problems.push({ code: 'tooFewToPick', about: '' })
    return problems
  }
  if (!bundle.components.length && !groupsOf(bundle).length) problems.push({ code: 'empty', about: '' })
  for (const group of groupsOf(bundle)) {
    const table = combinationTable(group)
    if (table.some(row => row.sku === undefined)) problems.push({ code: 'unmapped', about: group.key })
    else if (!table.some(row => row.sku)) problems.push({ code: 'empty', about: group.key })
  }
  return problems
}

/** Of parts that could be sold: what there is nothing of, and whether there is too little of all together. */
function stockProblems(bundle: Bundle, catalogue: Pick<Catalogue, 'item'>): BundleProblem[] {
  if (bundle.type === 'pickAny')
    return bundleRange(bundle, catalogue) && !bundleStock(bundle, catalogue).max ? [{ code: 'outOfStock', about: '' }] : []
  const parts = partsOf(bundle, catalogue)
    .map(part => ({ ...part, choices: part.choices.filter(isSoldSome) }))
    .filter(part => part.choices.length)
  const out = parts.filter(({ of, piece, choices, quantity }) => {
    if (piece === null) return choices.every(each => unitsOf(each) < quantity)
    const units = new Map(choices.map(each => [each.sku, Math.max(0, unitsOf(each))]))
    return piece === 1 && [...units.values()].reduce((sum, each) => sum + each, 0) < parts.filter(each => each.of === of).length
  })
  if (out.length)
    return out.map(({ key, choices }) => ({
      code: 'partOutOfStock',
      about: bundle.components.find(each => each.key === key)?.sku ?? (choices.length > 1 ? key : choices[0]!.sku),
    }))
  return bundleRange(bundle, catalogue) && !bundleStock(bundle, catalogue).max ? [{ code: 'outOfStock', about: '' }] : []
}

function priceProblems(bundle: Bundle, { from, to, leastSaving, leastMargin }: BundleRange): BundleProblem[] {
  const problem = (code: BundleProblemCode): BundleProblem => ({ code, about: '' })
  const saving = leastSaving.sum - leastSaving.price
  const isFree = from.price === 0 && to.sum > 0
  return [
    ...(saving < 0 ? [problem('dearerThanParts')] : []),
    ...(saving === 0 ? [problem('noSaving')] : []),
    ...(isFree ? [problem('givenAway')] : []),
    ...(bundle.marginFloor !== null && leastMargin !== null && leastMargin < bundle.marginFloor ? [problem('lowMargin')] : []),
  ]
}

/** SKUs of the other bundles on sale with the same contents. */
function twinsOf({ sku, bundle }: Pick<Product, 'sku'> & { bundle: Bundle }, catalogue: Pick<Catalogue, 'item' | 'bundles'>): string[] {
  const own = contentsOf(bundle)
  if (own === null) return []
  return [...catalogue.bundles]
    .filter(each => {
      const other = each === sku ? undefined : catalogue.item(each)?.product
      return other?.status === 'active' && contentsOf(other.bundle!) === own
    })
    .sort()
}

const contents = new WeakMap<Bundle, string | null>()

/**
 * What is in a bundle, written so that two with the same contents have the same; null: nothing is. Bundles are never changed, only
 * replaced.
 */
function contentsOf(bundle: Bundle): string | null {
  let known = contents.get(bundle)
  if (known === undefined) contents.set(bundle, (known = namedIn(bundle).length ? JSON.stringify(plainContents(bundle)) : null))
  return known
}

function plainContents(bundle: Bundle): unknown {
  if (bundle.type === 'pickAny') return [bundle.least, bundle.most, bundle.repeats, bundle.set.toSorted()]
  const quantities = new Map<string, number>()
  for (const { sku, quantity } of bundle.components) quantities.set(sku, (quantities.get(sku) ?? 0) + quantity)
  const groups = groupsOf(bundle)
    .map(group => JSON.stringify([group.quantity, ...group.combinations.flatMap(({ sku }) => sku ?? []).sort()]))
    .sort()
  return [groups, [...quantities].sort()]
}
