import type { BundleProblemCode } from '../bundles/bundleProblems'
import { bundleProblems } from '../bundles/bundleProblems'
import type { Catalogue } from '../catalogue/catalogue'
import { isRetired } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isForSale, stockOf } from '../catalogue/product'
import type { LinkKind } from '../links/kind'
import { kindsInUse } from '../links/kind'
import type { Lane } from '../links/lane'
import { linkProblem } from '../links/linkProblem'
import type { Finding, ProductCheck } from './check'
import type { Moment } from '../time/moment'

/** What checks on products read of the shop. */
export interface CheckedShop {
  catalogue: Catalogue
  links: { lane(source: string, kind: string): Lane }
  kinds: ReadonlyMap<string, LinkKind>
}

const checkOfProblem = {
  over: 'linkOver',
  retired: 'targetRetired',
  notForSale: 'targetNotForSale',
  outOfStock: 'targetOutOfStock',
  cheaperThanSource: 'cheaperThanSource',
  dearerThanSource: 'dearerThanSource',
} as const

const checkOfBundle = {
  empty: 'bundleEmpty',
  tooFewToPick: 'bundleEmpty',
  bundleInside: 'bundleInside',
  partMissing: 'bundlePartGone',
  partRetired: 'bundlePartGone',
  partNotForSale: 'bundlePartNotForSale',
  unmapped: 'bundleUnmapped',
  partOutOfStock: 'bundleOutOfStock',
  outOfStock: 'bundleOutOfStock',
  dearerThanParts: 'bundleDearer',
  givenAway: 'bundleLowMargin',
  noSaving: 'bundleNoSaving',
  lowMargin: 'bundleLowMargin',
  sameContents: 'bundleTwin',
} as const satisfies Record<BundleProblemCode, ProductCheck>

/**
 * What there is to say of one product and its lanes: nothing unless it is active, for nobody comes to its page.
 * A link has one problem at most, the one that matters most. Links to products that the shop no longer has, and lanes of retired kinds, are
 * passed over.
 * @param timesTarget how many links lead to the product or one of its variants
 */
export function* productFindings(product: Product, shop: CheckedShop, timesTarget: number, at: Moment): Generator<Finding> {
  if (product.status !== 'active') return
  const found = (check: ProductCheck, kind = '', target = ''): Finding => ({ check, source: product.sku, kind, target })
  const firstLane = new Map<Product, string>()
  for (const kind of kindsInUse(shop.kinds)) {
    const lane = shop.links.lane(product.sku, kind.key)
    const items = lane.map(({ target }) => shop.catalogue.item(target))
    const known = items.filter(each => each !== undefined)
    if (known.length && known.every(item => !stockOf(item.product, item.variant))) yield found('laneOutOfStock', kind.key)
    if (kind.ceiling !== null && lane.length > kind.ceiling) yield found('overCeiling', kind.key)
    for (const [i, link] of lane.entries()) {
      const item = items[i]
      if (!item) continue
      const problem = linkProblem(link, kind, product, item, at)
      if (problem) yield found(checkOfProblem[problem], kind.key, link.target)
      if ((firstLane.get(item.product) ?? kind.key) !== kind.key) yield found('severalLanes', kind.key, link.target)
      else firstLane.set(item.product, kind.key)
      if (kind.mutual && !isRetired(item) && !leadsBack(item.product, kind.key, product, shop))
        yield found('returnMissing', kind.key, link.target)
    }
  }
  if (product.bundle)
    for (const { code, about } of bundleProblems({ sku: product.sku, bundle: product.bundle }, shop.catalogue, at))
      yield found(checkOfBundle[code], '', about)
  if (!timesTarget && isForSale(product, null, at)) yield found('notLinkedTo')
}

const leadsBack = (from: Product, kind: string, to: Product, { links, catalogue }: CheckedShop) =>
  links.lane(from.sku, kind).some(link => catalogue.item(link.target)?.product === to)
