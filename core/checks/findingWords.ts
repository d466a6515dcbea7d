import { groupsOf } from '../catalogue/bundle'
import { bundleRange } from '../bundles/bundlePrice'
import { combinationTable } from '../bundles/combinations'
import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import { priceOf, stockOf } from '../catalogue/product'
import type { LinkKind } from '../links/kind'
import { kindsInUse } from '../links/kind'
import type { Lane } from '../links/lane'
import { percentDifference } from '../money/money'
import { dayWords } from '../time/dateWords'
import { isPageKind, pageTypes } from '../pageTypes/registry'
import { counted, listed } from '../text/sentence'
import type { Finding } from './check'
import { isBundleCheck } from './check'
import type { SectionFinding } from './sectionFindings'

/** What telling a finding needs to know of the shop. */
export interface FindingShop {
  catalogue: Catalogue
  links: { lane(source: string, kind: string): Lane }
  kinds: ReadonlyMap<string, LinkKind>
  timeZone: string
  /** How an amount in minor units, and a kind of link, is written. */
  money(amount: number): string
  plural(kind: LinkKind): string
}

/** The details of what was found on a product, as they are now; what was put aside is kept when what it was about is gone. */
export function findingWords(finding: Finding, shop: FindingShop): string {
  const product = shop.catalogue.product(finding.source)
  if (!product) return 'no longer in the shop'
  if (isBundleCheck(finding.check) && !product.bundle) return 'no longer a bundle'
  return currentWords(finding, shop)
}

function currentWords({ check, source, kind, target }: Finding, shop: FindingShop): string {
  const lane = shop.links.lane(source, kind)
  const item = shop.catalogue.item(target)
  switch (check) {
    case 'laneOutOfStock':
      return `${counted(lane.length, 'link')}, none in stock`
    case 'overCeiling':
      return `${counted(lane.length, 'link')}, ${shop.kinds.get(kind)?.ceiling ?? ''} are the ceiling`
    case 'targetOutOfStock':
      return `${item ? stockOf(item.product, item.variant) : 0} left`
    case 'targetNotForSale':
      return item ? notForSaleWords(item, shop) : ''
    case 'targetRetired':
      return 'retired'
    case 'linkOver':
      return `until ${dateWords(lane.find(link => link.target === target)?.until, shop)}`
    case 'severalLanes':
      return `also in ${listed(otherLanes(source, kind, target, shop))}`
    case 'cheaperThanSource':
    case 'dearerThanSource':
      return item ? priceWords(source, item, shop) : ''
    case 'notLinkedTo':
      return 'in no lane'
    case 'bundleEmpty':
      return target ? `nothing is sold in “${target}”` : 'no parts, or too few'
    case 'bundleInside':
      return 'a bundle itself'
    case 'bundlePartGone':
      return item ? 'retired' : `${target} is gone`
    case 'bundlePartNotForSale':
      return item ? notForSaleWords(item, shop) : ''
    case 'bundleUnmapped':
      return unmappedWords(source, target, shop)
    case 'bundleOutOfStock':
      if (item) return `${stockOf(item.product, item.variant)} left`
      return target ? `nothing of “${target}” left` : 'too little of its parts'
    case 'bundleDearer':
    case 'bundleNoSaving':
    case 'bundleLowMargin':
      return bundlePriceWords(check, source, shop)
    case 'bundleTwin':
      return 'the same parts'
    case 'returnMissing':
      return 'no link back'
    default:
      return ''
  }
}

const dateWords = (date: string | null | undefined, { timeZone }: FindingShop) => (date ? dayWords(date, timeZone) : '')

function notForSaleWords({ product, variant }: CatalogueItem, shop: FindingShop): string {
  if ((variant?.status ?? product.status) === 'draft' || product.status === 'draft') return 'a draft'
  return priceOf(product, variant) === null ? 'no price' : `from ${dateWords(product.released, shop)}`
}

function otherLanes(source: string, kind: string, target: string, shop: FindingShop): string[] {
  const product = shop.catalogue.item(target)?.product
  return kindsInUse(shop.kinds)
    .filter(
      each => each.key !== kind && shop.links.lane(source, each.key).some(link => shop.catalogue.item(link.target)?.product === product),
    )
    .map(each => shop.plural(each).toLowerCase())
}

function priceWords(source: string, { product, variant }: CatalogueItem, shop: FindingShop): string {
  const price = priceOf(product, variant)
  const difference = percentDifference(price, shop.catalogue.product(source)?.price ?? null)
  if (price === null || difference === null) return ''
  return `${shop.money(price)}, ${Math.abs(difference)} % ${difference < 0 ? 'cheaper' : 'dearer'}`
}

function unmappedWords(source: string, key: string, { catalogue }: FindingShop): string {
  const group = groupsOf(catalogue.product(source)!.bundle!).find(each => each.key === key)
  const table = group ? combinationTable(group) : []
  return `${table.filter(row => row.sku === undefined).length} of ${counted(table.length, 'combination')} of “${key}”`
}

function bundlePriceWords(check: Finding['check'], source: string, { catalogue, money }: FindingShop): string {
  const range = bundleRange(catalogue.product(source)!.bundle!, catalogue)
  if (!range) return ''
  const { from, leastSaving, leastMargin } = range
  switch (check) {
    case 'bundleLowMargin':
      if (from.price === 0) return 'given away'
      return leastMargin === null ? '' : `${Math.floor(leastMargin)} % at the least`
    case 'bundleDearer':
      return `${money(leastSaving.price)}, the parts ${money(leastSaving.sum)}`
    default:
      return `${money(leastSaving.price)}, as much as the parts`
  }
}

/** The details of what was found on a section. */
export function sectionFindingWords({ check, kind, part, whole }: SectionFinding): string {
  const of = isPageKind(kind) ? `${part.toLocaleString('en')} of ${counted(whole, ...pageTypes[kind].counted)}` : ''
  switch (check) {
    case 'sectionBlank':
      return `blank on ${of}`
    case 'sectionThin':
      return `places left on ${of}`
    case 'sameShown':
      return `the same on ${of}`
    case 'ruleNever':
      return (
        `step ${Number(kind) + 1}: ` +
        `${part ? `nothing for any of ${counted(part, 'product')} that it is for` : 'no product looks like its first half'}`
      )
    case 'ruleNearlyAll':
      return `step ${Number(kind) + 1}: ${part} % of all products pass`
    default:
      return ''
  }
}
