import fc from 'fast-check'
import type { Product, Variant } from '../catalogue/product'
import { needsChoices } from '../bundles/bundleParts'
import { anyTarget, common, distinct, kinds } from '../fillSteps/naiveStep.testing'
import type { Lane } from '../links/lane'
import type { PlanScope } from '../pagePlans/pagePlan'
import { emptyScope } from '../pagePlans/pagePlan'
import { anyRule, brands, categoryKeys, rangeOf, tags } from '../rules/anyRule.testing'
import { onHand, units } from '../selection/naiveRules.testing'
import { makeOffer } from './makeOffer.testing'
import type { Offer, Offered } from './offer'
import { offerOrderSchema } from './offer'
import type { NotToBeHad } from './offered'

/** The facts of a shop and of a page, so far as it is known, as plain lists. */
export interface NaiveOfferTools {
  productOf(sku: string): Product | undefined
  variantOf(sku: string): Variant | undefined
  isIn(product: Product, top: string): boolean
  lanes: { source: string; kind: string; lane: Lane }[]
  /** SKUs of products and variants in the cart that the shop has. */
  cart: string[]
  /** SKUs of the products that the page is about. */
  about: string[]
  /** Milliseconds since 1970. */
  now: number
  /** SKUs of what a matching rule picks for a product, in its order. */
  pickedBy(offered: Extract<Offered, { by: 'rule' }>, source: string): string[]
  /** SKUs of products that are shown above, and of what is offered above. */
  shownAbove: string[]
  offeredAbove: string[]
}

/** An offer where it stands on a page, as plainly as it can be said; null: it is for none of the page's products. */
export function naiveOffer(offer: Offer, tools: NaiveOfferTools) {
  const { productOf, variantOf, isIn, lanes, cart, about, now, shownAbove, offeredAbove, pickedBy } = tools
  const day = 24 * 60 * 60 * 1000
  const itemOf = (sku: string) => productOf(sku) && { product: productOf(sku)!, variant: variantOf(sku) ?? null }
  const isOn = ({ from, until }: { from?: string | null; until?: string | null }) =>
    !(from && now < new Date(from).getTime()) && !(until && now >= new Date(until).getTime() + (until.length === 10 ? day : 0))
  const { trigger } = offer
  const has = (scope: PlanScope, product: Product) =>
    [
      scope.products.includes(product.sku),
      common(scope.tags, product.tags).length > 0,
      scope.brands.includes(product.brand ?? 'none'),
      scope.categories.some(top => isIn(product, top)),
      scope.price !== null &&
        product.price !== null &&
        product.price >= (scope.price.from ?? -1) &&
        product.price <= (scope.price.to ?? Infinity),
    ].includes(true)
  const isFor = (product: Product) =>
    !trigger || (trigger.all.filter(scope => has(scope, product)).length === trigger.all.length && !has(trigger.except, product))
  /** What keeps it from being sold with a tick, whoever asks. */
  function fault(sku: string): NotToBeHad | '' {
    const [target, variant] = [productOf(sku)!, variantOf(sku)]
    const isSold =
      target.status === 'active' &&
      (!variant || (variant.status ?? 'active') === 'active') &&
      (variant?.price ?? target.price) !== null &&
      !(target.released && new Date(target.released).getTime() > now)
    if (!isSold) return 'notForSale'
    if (target.bundle && needsChoices(target.bundle, { item: itemOf })) return 'hasChoices'
    return (variant ? units(variant) : onHand(target)) > 0 ? '' : 'outOfStock'
  }
  function namedBy(offered: Offered, product: Product): string[] {
    const isOther = (sku: string) => productOf(sku) !== undefined && productOf(sku) !== product
    if (offered.by === 'chosen') return distinct(offered.skus).filter(isOther)
    if (offered.by === 'rule')
      return pickedBy(offered, product.sku)
        .filter(sku => isOther(sku) && !fault(sku))
        .slice(0, offered.count)
    const links = lanes.find(each => each.source === product.sku && each.kind === offered.kind)?.lane ?? []
    const linked = links.filter(isOn).map(link => link.target)
    return distinct(linked.slice(0, offered.count)).filter(isOther)
  }
  const lists = about
    .map(sku => productOf(sku)!)
    .filter(product => isOn(offer) && isFor(product))
    .map(product => {
      const all = [offer.offered, ...offer.fallbacks].map(each => namedBy(each, product))
      const named = all.find(skus => skus.some(sku => !fault(sku))) ?? all[0]!
      const reasons = named.map(sku => {
        const target = productOf(sku)!
        if (variantOf(sku) ? cart.includes(sku) : cart.some(each => productOf(each) === target)) return 'inCart'
        if (fault(sku)) return fault(sku)
        if (offeredAbove.includes(sku)) return 'offeredAbove'
        return shownAbove.includes(target.sku) ? 'shownEarlier' : ''
      })
      const items = named.filter((_, i) => !reasons[i])
      const isPart = offer.partly === 'hide' && items.length < named.length
      return {
        offer: offer.key,
        product: product.sku,
        items,
        left: named.flatMap((sku, i) => (reasons[i] ? `${sku} ${reasons[i]}` : [])),
        hidden: [...(items.length ? [] : ['nothingLeft' as const]), ...(isPart ? ['partMissing' as const] : [])][0] ?? null,
      }
    })
  return lists.find(each => !each.hidden) ?? lists[0] ?? null
}

const subset = <T>(all: readonly T[], most: number) => fc.subarray([...all], { maxLength: most })
const often = [null, null, null, null, null, null]
const anyScope = fc
  .record({
    products: subset(['A', 'B', 'C'], 2),
    tags: subset(tags, 1),
    brands: subset(brands, 1),
    categories: subset(categoryKeys, 1),
    price: fc.option(rangeOf(500, 900, 1500), { freq: 2 }),
  })
  .map((scope): PlanScope => ({ ...emptyScope, ...scope }))
const anyTrigger = fc.record({
  all: fc.oneof({ weight: 3, arbitrary: fc.tuple(anyScope) }, { weight: 1, arbitrary: fc.tuple(anyScope, anyScope) }),
  except: fc.oneof({ weight: 3, arbitrary: fc.constant(emptyScope) }, { weight: 1, arbitrary: anyScope }),
})
const anyOffered: fc.Arbitrary<Offered> = fc.oneof(
  { weight: 3, arbitrary: fc.array(anyTarget, { maxLength: 4 }).map(skus => ({ by: 'chosen' as const, skus })) },
  {
    weight: 3,
    arbitrary: fc.record({ by: fc.constant('links' as const), kind: fc.constantFrom(...kinds), count: fc.integer({ min: 1, max: 3 }) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      by: fc.constant('rule' as const),
      rule: anyRule,
      order: fc.constantFrom(...offerOrderSchema.options),
      count: fc.integer({ min: 1, max: 3 }),
    }),
  },
)
const anyOffer = (key: string): fc.Arbitrary<Offer> =>
  fc
    .record({
      rank: fc.integer({ min: 0, max: 2 }),
      trigger: fc.option(anyTrigger, { freq: 1 }),
      offered: anyOffered,
      fallbacks: fc.array(anyOffered, { maxLength: 2 }),
      partly: fc.constantFrom('shrink' as const, 'shrink' as const, 'hide' as const),
      from: fc.constantFrom(...often, '2026-05-02'),
      until: fc.constantFrom(...often, '2026-05-01', '2026-04-30'),
    })
    .map(part => makeOffer(key, part))
/** Three offers or fewer. */
export const anyOffers: fc.Arbitrary<Offer[]> = fc
  .tuple(fc.constantFrom(0, 1, 2, 3, 3), ...['o1', 'o2', 'o3'].map(anyOffer))
  .map(([count, ...offers]) => offers.slice(0, count))
