import fc from 'fast-check'
import type { Product, Variant } from '../catalogue/product'
import { anyTarget, common, distinct, kinds } from '../fillSteps/naiveStep.testing'
import type { Lane } from '../links/lane'
import { emptyScope } from '../pagePlans/pagePlan'
import { brands, categoryKeys, rangeOf, tags } from '../rules/anyRule.testing'
import { onHand } from '../selection/naiveRules.testing'
import { makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'

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
  /** SKUs of products that are shown above, and of what is offered above. */
  shownAbove: string[]
  offeredAbove: string[]
}

/** An offer where it stands on a page, as plainly as it can be said; null: it is for none of the page's products. */
export function naiveOffer(offer: Offer, tools: NaiveOfferTools) {
  const { productOf, variantOf, isIn, lanes, cart, about, now, shownAbove, offeredAbove } = tools
  const day = 24 * 60 * 60 * 1000
  const isOn = ({ from, until }: { from?: string | null; until?: string | null }) =>
    !(from && now < new Date(from).getTime()) && !(until && now >= new Date(until).getTime() + (until.length === 10 ? day : 0))
  const { trigger, offered } = offer
  const isFor = (product: Product) =>
    !trigger ||
    [
      trigger.products.includes(product.sku),
      common(trigger.tags, product.tags).length > 0,
      trigger.brands.includes(product.brand ?? 'none'),
      trigger.categories.some(top => isIn(product, top)),
      trigger.price !== null &&
        product.price !== null &&
        product.price >= (trigger.price.from ?? -1) &&
        product.price <= (trigger.price.to ?? Infinity),
    ].includes(true)
  const lists = about
    .map(sku => productOf(sku)!)
    .filter(product => isOn(offer) && isFor(product))
    .map(product => {
      const links = offered.by === 'links' ? lanes.find(each => each.source === product.sku && each.kind === offered.kind)?.lane : []
      const linked = (links ?? []).filter(isOn).map(link => link.target)
      const skus = distinct(offered.by === 'chosen' ? offered.skus : linked.slice(0, offered.count))
      const named = skus.filter(sku => productOf(sku) && productOf(sku) !== product)
      const reasons = named.map(sku => {
        const [target, variant] = [productOf(sku)!, variantOf(sku)]
        const isSold =
          target.status === 'active' &&
          (!variant || (variant.status ?? 'active') === 'active') &&
          (variant?.price ?? target.price) !== null &&
          !(target.released && new Date(target.released).getTime() > now)
        const stock = variant ? variant.stock : onHand(target)
        if (variant ? cart.includes(sku) : cart.some(each => productOf(each) === target)) return 'inCart'
        if (!isSold) return 'notForSale'
        if (stock <= 0) return 'outOfStock'
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
const anyOffer = (key: string): fc.Arbitrary<Offer> =>
  fc
    .record({
      rank: fc.integer({ min: 0, max: 2 }),
      trigger: fc.option(
        fc.record({
          products: subset(['A', 'B', 'C'], 2),
          tags: subset(tags, 1),
          brands: subset(brands, 1),
          categories: subset(categoryKeys, 1),
          price: fc.option(rangeOf(500, 900, 1500), { freq: 2 }),
        }),
        { freq: 1 },
      ),
      offered: fc.oneof(
        fc.array(anyTarget, { maxLength: 4 }).map(skus => ({ by: 'chosen' as const, skus })),
        fc.record({ by: fc.constant('links' as const), kind: fc.constantFrom(...kinds), count: fc.integer({ min: 1, max: 3 }) }),
      ),
      partly: fc.constantFrom('shrink' as const, 'shrink' as const, 'hide' as const),
      from: fc.constantFrom(...often, '2026-05-02'),
      until: fc.constantFrom(...often, '2026-05-01', '2026-04-30'),
    })
    .map(part => makeOffer(key, { ...part, trigger: part.trigger && { ...emptyScope, ...part.trigger } }))
/** Three offers or fewer. */
export const anyOffers: fc.Arbitrary<Offer[]> = fc
  .tuple(fc.constantFrom(0, 1, 2, 3, 3), ...['o1', 'o2', 'o3'].map(anyOffer))
  .map(([count, ...offers]) => offers.slice(0, count))
