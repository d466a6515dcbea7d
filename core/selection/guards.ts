import type { Catalogue } from '../catalogue/catalogue'
import type { Product, Variant } from '../catalogue/product'
import { isDraft, isForSale, priceOf, stockOf } from '../catalogue/product'
import { isWithinPercent } from '../rules/range'
import type { Guard, LeaveOut, Section } from '../sections/section'
import { guardSchema } from '../sections/section'
import type { Candidate } from '../candidates/candidate'
import type { HeldBackReason } from './resolvedPage'
import { marginOf } from '../catalogue/sortOrders'
import type { Shopper } from '../candidates/shopper'

/** What guards look at besides the candidate. */
export interface GuardContext {
  catalogue: Catalogue
  shopper: Shopper
  /** What is in the cart. A variant stands with its product. */
  cart: ReadonlySet<Product | Variant>
  /** The products that the page is about. */
  subjects: ReadonlySet<Product>
  /** The products that earlier sections of the page show. */
  shown: ReadonlySet<Product>
}

/** What holds a candidate back; null when it passes. */
export type Guarding = (candidate: Candidate) => HeldBackReason | null

/**
 * The guards of a section, ready to check candidates. The first that holds one back is told.
 * Their order matters to the reader alone: on a cart page “in the cart” says more than “what the page is about”.
 */
export function guarding(section: Section, context: GuardContext): Guarding {
  const { catalogue, shopper, cart, subjects, shown } = context
  const { inCart, self, notForSale, outOfStock, shownEarlier } = guardsOf(section)
  const excluded = excludes(section.leaveOut, catalogue)
  const { priceBand, lowestMargin } = section

  return candidate => {
    const { product, variant } = candidate
    if (candidate.outsideDates) return 'outsideDates'
    // A target product counts as in the cart if any of its variants is; a target variant only if that variant is.
    if (inCart && cart.has(variant ?? product)) return 'inCart'
    // What an article names is what the page is about, and is asked for as such.
    if (self && subjects.has(product) && section.steps[candidate.step]!.from !== 'named') return 'self'
    // What has no price can't be shown with one, and what is still drafted not at all, whatever the guards say.
    if (priceOf(product, variant) === null || isDraft(product, variant)) return 'notForSale'
    if (notForSale && !isForSale(product, variant, shopper.at)) return 'notForSale'
    if (outOfStock && stockOf(product, variant) === 0) return 'outOfStock'
    if (shownEarlier && shown.has(product)) return 'shownEarlier'
    if (candidate.leftOut || excluded?.(product)) return 'excluded'
    if (priceBand && !isInBand(candidate)) return 'priceBand'
    if (lowestMargin !== null) {
      const margin = marginOf({ price: priceOf(product, variant), cost: product.cost })
      if (margin !== null && margin < lowestMargin) return 'lowMargin'
    }
    return null
  }

  /**
   * In relation to the subject it is offered for, or else to the first of the page. Where a price is missing there is nothing to compare.
   */
  function isInBand({ product, variant, source }: Candidate): boolean {
    const subject = source === null ? subjects.values().next().value : catalogue.product(source)
    const of = subject?.price ?? null
    const price = priceOf(product, variant)
    return price === null || of === null || isWithinPercent(price, of, priceBand!)
  }
}

type Guards = Record<Guard, boolean>

/** Looked up once for each state of a section. */
const guardsBySection = new WeakMap<Section, Guards>()

function guardsOf(section: Section): Guards {
  let guards = guardsBySection.get(section)
  if (!guards) {
    guards = Object.fromEntries(guardSchema.options.map(each => [each, section.guards.includes(each)])) as Guards
    guardsBySection.set(section, guards)
  }
  return guards
}

type Excludes = (product: Product) => boolean

/** Made once for a section as long as the categories stay the same. */
const made = new WeakMap<LeaveOut, { catalogue: Catalogue; excludes: Excludes }>()

/** Tells of a product whether it is left out; null when nothing is. */
function excludes(leaveOut: LeaveOut, catalogue: Catalogue): Excludes | null {
  const { categories, tags, brands, products } = leaveOut
  if (!categories.length && !tags.length && !brands.length && !products.length) return null
  let known = made.get(leaveOut)
  if (known?.catalogue !== catalogue) made.set(leaveOut, (known = { catalogue, excludes: excludesOf(leaveOut, catalogue) }))
  return known.excludes
}

function excludesOf({ categories, tags, brands, products }: LeaveOut, catalogue: Catalogue): Excludes {
  const out = {
    categories: new Set(categories.flatMap(key => [...catalogue.categoriesFrom(key)])),
    tags: new Set(tags),
    brands: new Set(brands),
    products: new Set(products),
  }
  return product =>
    out.products.has(product.sku) ||
    (product.brand !== null && out.brands.has(product.brand)) ||
    product.categories.some(key => out.categories.has(key)) ||
    product.tags.some(tag => out.tags.has(tag))
}
