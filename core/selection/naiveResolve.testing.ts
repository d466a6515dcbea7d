import type { NeighbourSettings } from '../catalogue/neighbours'
import type { Product, Variant } from '../catalogue/product'
import type { Lane } from '../links/lane'
import type { FillStep } from '../fillSteps/fillStep'
import type { NaiveOffer, NaiveTools } from '../fillSteps/naiveStep.testing'
import { common, distinct } from '../fillSteps/naiveStep.testing'
import { naiveOffers } from '../fillSteps/naiveSteps.testing'
import type { Offer as TogetherOffer } from '../offers/offer'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import type { Page } from '../pageTypes/registry'
import type { Shopper } from '../candidates/shopper'
import { naiveParts } from '../bundles/naiveParts.testing'
import { naiveOffersOnPage } from './naiveOffersOnPage.testing'
import { naiveOrder } from './naiveOrder.testing'
import { naivePlan } from './naivePlan.testing'
import { marginOf, naiveRules, onHand, units, percentWithin } from './naiveRules.testing'

/** The facts of a small shop as plain lists. */
export interface PlainShop {
  products: Product[]
  categories: { key: string; parent: string | null }[]
  articles: { key: string; products: string[] }[]
  lanes: { source: string; kind: string; lane: Lane }[]
  retiredKinds: string[]
  related: Record<string, string[]>
  sections: Section[]
  offers: TogetherOffer[]
  plans: PagePlan[]
  sold: Record<string, number>
  neighbours: Record<string, NeighbourSettings>
  switchedOff: Record<string, string[]>
}

interface Offer extends NaiveOffer {
  step: number
}
interface Verdict {
  target: string
  verdict: string
  step: number
}

const day = 24 * 60 * 60 * 1000
/**
 * The rules of selection once more, as plainly as they can be said and without any index: lists every candidate of a section
 * first, then decides on them one by one. For the tests alone, to hold resolvePage against.
 * @returns null for a page about something unknown
 */
export function naiveResolve(shop: PlainShop, page: Page, shopper: Shopper) {
  const productOf = (sku: string) => shop.products.find(each => each.sku === sku || each.variants.some(one => one.sku === sku))
  const variantOf = (sku: string) => productOf(sku)?.variants.find(one => one.sku === sku)
  const priceOf = (product: Product, variant?: Variant) => (variant && variant.price !== null ? variant.price : product.price)
  const isBelow = (key: string, top: string): boolean =>
    key === top || shop.categories.some(each => each.key === key && each.parent !== null && isBelow(each.parent, top))
  const exists = (key: string) => shop.categories.some(each => each.key === key)
  const isIn = (product: Product, top: string) => exists(top) && product.categories.some(key => exists(key) && isBelow(key, top))
  const justOrdered = page.kind === 'ordered' ? page.lines : []
  const partsOf = naiveParts(productOf, variantOf)
  const chosenParts = (shopper.chosenParts ?? []).filter(productOf)
  const linesInCart = shopper.cart.filter(productOf)
  const cartSkus = [...[...justOrdered.filter(productOf), ...linesInCart].flatMap(sku => [sku, ...partsOf(sku)]), ...chosenParts]
  const named = (skus: string[]) => distinct(skus.map(sku => productOf(sku)!.sku))
  const cartProducts = named(cartSkus)

  let about: string[]
  if (page.kind === 'cart') about = named(linesInCart)
  else if ('sku' in page) about = [productOf(page.sku)?.sku ?? 'unknown']
  else if (page.kind === 'category') about = exists(page.key) ? [page.key] : ['unknown']
  else if (page.kind === 'home') about = []
  else if (page.kind === 'search' || page.kind === 'ordered')
    about = distinct((page.kind === 'search' ? page.found : page.lines).filter(productOf).map(sku => productOf(sku)!.sku))
  else
    about = shop.articles.find(each => each.key === page.key)?.products.filter(sku => shop.products.some(each => each.sku === sku)) ?? [
      'unknown',
    ]
  if (about.includes('unknown')) return null
  const aboutProducts = page.kind === 'category' ? [] : about
  const hasParts = ['cart', 'ordered', 'added'].includes(page.kind)
  const chosenHere = page.kind === 'added' ? [] : chosenParts
  const stepProducts = hasParts ? named([...aboutProducts.flatMap(sku => [sku, ...partsOf(sku)]), ...chosenHere]) : aboutProducts

  const soldOf = (sku: string) => shop.sold[sku] ?? 0

  const { testProduct, testTarget, holds } = naiveRules({ isIn, soldOf, now: shopper.at.ms })

  const ordered = naiveOrder({ productOf, variantOf, priceOf, soldOf, shopper })

  function categoriesNear(of: 'chosen' | 'beside' | 'below'): string[] {
    if (page.kind !== 'category') return []
    if (of === 'chosen') return (shop.related[page.key] ?? []).filter(exists)
    const parent = of === 'below' ? page.key : shop.categories.find(each => each.key === page.key)!.parent
    return shop.categories.filter(each => each.parent === parent && each.key !== page.key).map(each => each.key)
  }
  /** The categories of a section of tiles, each with what became of it. */
  function tilesOf(section: Section): { key: string; step: number; verdict: string }[] {
    const lists = section.steps.map((step, number) =>
      step.from === 'relatedCategories' && !step.off ? categoriesNear(step.of).map(key => ({ key, step: number })) : [],
    )
    const all = section.takeTurns ? Array.from({ length: 50 }, (_, turn) => lists.flatMap(list => list[turn] ?? [])).flat() : lists.flat()
    const tiles: { key: string; step: number; verdict: string }[] = []
    for (const { key, step } of all) {
      const taken = tiles.filter(each => each.verdict === 'taken')
      const sells = shop.products.some(
        each =>
          isIn(each, key) &&
          each.status === 'active' &&
          each.price !== null &&
          (!each.released || new Date(each.released).getTime() <= shopper.at.ms),
      )
      const isFull =
        taken.length >= section.places || taken.filter(each => each.step === step).length >= (section.steps[step]!.cap ?? Infinity)
      const verdicts = { emptyCategory: !sells, duplicate: taken.some(each => each.key === key), noRoom: isFull, taken: true }
      // The first that holds.
      const verdict = Object.entries(verdicts).find(([, holds]) => holds)![0]
      tiles.push({ key, step, verdict })
    }
    return tiles
  }

  function offersOf(
    step: FillStep,
    number: number,
    key: string,
    sources = step.subjects === 'cart' ? cartProducts : stepProducts,
  ): Offer[] {
    const leavesOut = (source: string, target: Product) => (shop.neighbours[source]?.leaveOut ?? []).some(top => isIn(target, top))
    const tools: NaiveTools = {
      shop,
      page,
      shopper,
      about,
      productOf,
      exists,
      isIn,
      categoriesNear,
      sources,
      holdsFor: (condition, product) => holds(condition, test => testProduct(test, product)),
      picks: (condition, target, source) => holds(condition, test => testTarget(test, target, source)),
      counting(sku) {
        const product = productOf(sku)!
        const ignored = shop.neighbours[sku]?.ignored ?? []
        const out = (of: string, name: string, value?: string) =>
          ignored.some(each => each.of === of && each.name === name && each.value === value)
        return {
          ...product,
          categories: product.categories.filter(each => !out('category', each)),
          tags: product.tags.filter(each => !out('tag', each)),
          brand: product.brand && out('brand', product.brand) ? null : product.brand,
          attributes: Object.fromEntries(
            Object.entries(product.attributes).map(([name, values]) => [name, values.filter(value => !out('attribute', name, value))]),
          ),
        }
      },
      ordered: (targets, order, scores) => ordered(targets, order, key, scores),
      plainOffers: (targets, source = null) =>
        targets.map((target, i) => ({
          target,
          source,
          place: i + 1,
          outside: false,
          leftOut: source !== null && leavesOut(source, productOf(target)!),
        })),
      turns: lists => Array.from({ length: 100 }, (_, turn) => lists.flatMap(list => list[turn] ?? [])).flat(),
      skus: fits => shop.products.filter(fits).map(each => each.sku),
    }
    return naiveOffers(step, tools).map(offer => ({ ...offer, step: number }))
  }

  const plan = naivePlan(
    shop.plans,
    page,
    aboutProducts.map(sku => productOf(sku)!),
    shop.categories,
    { exists, isBelow, isIn },
  )
  const shownBefore: string[] = []
  const shown: { key: string; zone: string; targets: string[]; steps: number[]; tiles: string[] }[] = []
  const hidden: { key: string; reason: string }[] = []
  const told: Record<string, Verdict[]> = {}
  const toldTiles: Record<string, { key: string; step: number; verdict: string }[]> = {}

  const offers = naiveOffersOnPage(
    ['product', 'cart', 'added'].includes(page.kind) ? shop.offers : [],
    plan,
    {
      productOf,
      variantOf,
      isIn,
      lanes: shop.lanes,
      cart: cartSkus,
      about,
      now: shopper.at.ms,
      pickedBy: ({ rule, order }, sku) =>
        offersOf({ from: 'rule', rule, order, subjects: 'page', cap: null, off: false }, 0, '', [sku])
          .filter(each => !each.leftOut)
          .map(each => each.target),
    },
    shownBefore,
  )

  for (const zone of plan.zones) {
    for (const key of zone.blocks) {
      if (key.includes(':')) {
        offers.takeBlock(key, zone.key, shown.length)
        continue
      }
      const section = shop.sections.find(each => each.key === key)!
      const verdicts: Verdict[] = []
      const endOf = (until: string) => new Date(until).getTime() + (until.length === 10 ? day : 0)
      const isOut =
        (section.from !== null && shopper.at.ms < new Date(section.from).getTime()) ||
        (section.until !== null && shopper.at.ms >= endOf(section.until))
      const isOffHere = (page.kind === 'product' || page.kind === 'added') && (shop.switchedOff[about[0]!] ?? []).includes(key)
      const reasons = { off: section.off || plan.off.includes(key), outsideDates: isOut, switchedOffHere: isOffHere }
      const closed = Object.entries(reasons).find(([, holds]) => holds)?.[0] ?? null
      const tiles = section.layout === 'tiles' && !closed ? tilesOf(section) : []
      const lists = closed || section.layout === 'tiles' ? [] : section.steps.map((step, number) => offersOf(step, number, key))
      const offered = section.takeTurns
        ? Array.from({ length: 500 }, (_, turn) => lists.flatMap(list => list[turn] ?? [])).flat()
        : lists.flat()

      for (const { target, step, source, outside, leftOut } of offered) {
        const product = productOf(target)!
        const variant = variantOf(target)
        const taken = verdicts.filter(each => each.verdict === 'taken')
        const active = product.status === 'active' && (!variant || variant.status === null || variant.status === 'active')
        const price = priceOf(product, variant)
        const drafted = product.status === 'draft' || variant?.status === 'draft'
        const released = !product.released || new Date(product.released).getTime() <= shopper.at.ms
        const out = section.leaveOut
        const bandOf = productOf(source ?? stepProducts[0] ?? '')?.price ?? null
        const margin = marginOf(price, product.cost)
        const fails: [string, boolean][] = [
          ['outsideDates', outside],
          ['inCart', section.guards.includes('inCart') && (variant ? cartSkus.includes(variant.sku) : cartProducts.includes(product.sku))],
          ['self', section.guards.includes('self') && stepProducts.includes(product.sku) && section.steps[step]!.from !== 'named'],
          ['notForSale', price === null || drafted || (section.guards.includes('notForSale') && (!active || !released))],
          ['outOfStock', section.guards.includes('outOfStock') && (variant ? units(variant) : onHand(product)) <= 0],
          ['shownEarlier', section.guards.includes('shownEarlier') && !plan.repeats && shownBefore.includes(product.sku)],
          [
            'excluded',
            leftOut ||
              out.products.includes(product.sku) ||
              out.brands.includes(product.brand ?? '') ||
              common(out.tags, product.tags).length > 0 ||
              out.categories.some(top => isIn(product, top)),
          ],
          [
            'priceBand',
            section.priceBand !== null && price !== null && bandOf !== null && !percentWithin(price, bandOf, section.priceBand),
          ],
          ['lowMargin', section.lowestMargin !== null && margin !== null && margin < section.lowestMargin],
          ['duplicate', taken.some(each => productOf(each.target) === product)],
          [
            'noRoom',
            taken.length >= section.places || taken.filter(each => each.step === step).length >= (section.steps[step]!.cap ?? Infinity),
          ],
        ]
        verdicts.push({ target, step, verdict: fails.find(([, failed]) => failed)?.[0] ?? 'taken' })
      }
      told[key] = verdicts
      toldTiles[key] = tiles

      const taken = verdicts.filter(each => each.verdict === 'taken')
      const count = taken.length + tiles.filter(each => each.verdict === 'taken').length
      const active = section.steps.filter(step => !step.off)
      const waits = (step: FillStep) => {
        if (step.from === 'bundles' && !shop.products.some(each => each.bundle)) return false
        if (step.from === 'links' && shop.retiredKinds.includes(step.kind)) return false
        if (
          ['chosen', 'recentlyViewed', 'named', 'category', 'boughtTogether', 'relatedCategories'].includes(step.from) ||
          ('of' in step && step.of === 'all')
        )
          return false
        return (page.kind === 'cart' || step.subjects === 'cart') && cartProducts.length === 0
      }
      if (closed) hidden.push({ key, reason: closed })
      else if (count === 0 && active.length > 0 && !active.some(step => !waits(step))) hidden.push({ key, reason: 'cartEmpty' })
      else if (count === 0) hidden.push({ key, reason: 'nothingFound' })
      else if (count < section.minimum) hidden.push({ key, reason: 'belowMinimum' })
      else {
        shown.push({
          key,
          zone: zone.key,
          targets: taken.map(each => each.target),
          steps: taken.map(each => each.step),
          tiles: tiles.filter(each => each.verdict === 'taken').map(each => each.key),
        })
        shownBefore.push(...taken.map(each => productOf(each.target)!.sku))
      }
    }
  }
  offers.takeUnplaced(shown.length)
  return { about, plan, shown, hidden, offers: offers.made, told, toldTiles }
}
