import type { StepContext, StepShop } from '../candidates/stepContext'
import { needsChoices } from '../bundles/bundleParts'
import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isForSale, stockOf } from '../catalogue/product'
import { stepHeeds } from '../fillSteps/fillStep'
import type { SoldFact } from '../fillSteps/fillStepType'
import { ruleStep } from '../fillSteps/rule/ruleStep'
import { timeOf } from '../links/lane'
import type { PlanScope } from '../pagePlans/pagePlan'
import { isWithin } from '../rules/range'
import type { Moment } from '../time/moment'
import type { Offer, Offered } from './offer'

/** What offers read of the shop. */
export interface OfferShop extends StepShop {
  /** In the order of their ranks. */
  offers: readonly Offer[]
}

/** Why something can't be had with a tick. */
export type NotToBeHad = 'notForSale' | 'hasChoices' | 'outOfStock'

/** Offers in the order in which they apply: by rank, then by key. */
export const inOfferOrder = (offers: Iterable<Offer>): Offer[] => [...offers].sort((a, b) => a.rank - b.rank || (a.key < b.key ? -1 : 1))

/** Whether an offer is for a product now: it is in its dates, and the product is among those that it is for. */
export const isFor = (offer: Offer, product: Product, shop: Pick<OfferShop, 'catalogue'>, at: Moment) =>
  timeOf(offer, at) === 'now' && isTrigger(offer, product, shop.catalogue)

const isTrigger = ({ trigger }: Offer, product: Product, catalogue: Catalogue): boolean =>
  !trigger || (trigger.all.every(scope => isIn(scope, product, catalogue)) && !isIn(trigger.except, product, catalogue))

/** Whether a product has one of the traits of a scope. */
const isIn = (scope: PlanScope, product: Product, catalogue: Catalogue): boolean =>
  scope.products.includes(product.sku) ||
  product.tags.some(tag => scope.tags.includes(tag)) ||
  (product.brand !== null && scope.brands.includes(product.brand)) ||
  product.categories.some(key => catalogue.categoryPath(key).some(each => scope.categories.includes(each))) ||
  (scope.price !== null && product.price !== null && isWithin(product.price, scope.price))

/** Why a product or variant can't be put into a cart with a tick; null: it can. */
export function whyNotToBeHad({ product, variant }: CatalogueItem, catalogue: Catalogue, at: Moment): NotToBeHad | null {
  if (!isForSale(product, variant, at)) return 'notForSale'
  // They are chosen on its own page.
  if (product.bundle && needsChoices(product.bundle, catalogue)) return 'hasChoices'
  return stockOf(product, variant) ? null : 'outOfStock'
}

/**
 * SKUs of what an offer offers beside a product, in order, each once: never the product itself, nor what the shop doesn't have. When
 * nothing can be had of it, what comes instead. It is the same for every shopper: what is offered is cheaper.
 */
export function offeredBeside({ offered, fallbacks }: Offer, product: Product, shop: OfferShop, at: Moment): string[] {
  const first = namedBy(offered, product, shop, at)
  const isThere = (sku: string) => !whyNotToBeHad(shop.catalogue.item(sku)!, shop.catalogue, at)
  if (!fallbacks.length || first.some(isThere)) return first
  for (const each of fallbacks) {
    const skus = namedBy(each, product, shop, at)
    if (skus.some(isThere)) return skus
  }
  return first
}

/** Of links those count that are in their dates. */
function namedBy(offered: Offered, product: Product, shop: OfferShop, at: Moment): string[] {
  return [...new Set(skusOf(offered, product, shop, at))].filter(sku => {
    const item = shop.catalogue.item(sku)
    return item && item.product !== product
  })
}

function skusOf(offered: Offered, product: Product, shop: OfferShop, at: Moment): readonly string[] {
  switch (offered.by) {
    case 'chosen':
      return offered.skus
    case 'links':
      return shop.links
        .lane(product.sku, offered.kind)
        .filter(link => timeOf(link, at) === 'now')
        .slice(0, offered.count)
        .map(link => link.target)
    case 'rule':
      return picked(offered, product, shop, at)
  }
}

type OfferedByRule = Extract<Offered, { by: 'rule' }>

/** The fill step that finds the same. */
const ruleStepOf = ({ rule, order }: OfferedByRule) => ({ from: 'rule', rule, order, subjects: 'page', cap: null, off: false }) as const

/**
 * Whether what an offer offers can depend on how many units there are of a product, or were sold of it. That none are left is another
 * matter: every offer looks at that.
 */
export const offerHeeds = ({ offered, fallbacks }: Offer, fact: SoldFact): boolean =>
  [offered, ...fallbacks].some(each => each.by === 'rule' && stepHeeds(ruleStepOf(each), fact))

/** Whether a change of one of these products or variants can change what an offer offers beside products that are not linked to it. */
export const offerHangsOn = ({ offered, fallbacks }: Offer, skus: ReadonlySet<string>): boolean =>
  [offered, ...fallbacks].some(each => each.by === 'rule' || (each.by === 'chosen' && each.skus.some(sku => skus.has(sku))))

function picked(offered: OfferedByRule, product: Product, shop: OfferShop, at: Moment): string[] {
  const shopper = { cart: [], seen: [], visitor: '', view: '', at }
  const context: StepContext = { shop, shopper, subjects: [product.sku], category: null, named: null, cart: [], isCartPage: false, key: '' }
  const skus: string[] = []
  for (const each of ruleStep.candidates(ruleStepOf(offered), 0, context)) {
    if (each.leftOut || each.product === product || whyNotToBeHad(each, shop.catalogue, at)) continue
    skus.push(each.product.sku)
    if (skus.length === offered.count) break
  }
  return skus
}
