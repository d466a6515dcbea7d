import fc from 'fast-check'
import type { StepOrder } from '../candidates/stepOrder'
import { freeStepOrdersSchema, stepOrderSchema } from '../candidates/stepOrder'
import type { Shopper } from '../candidates/shopper'
import type { Product } from '../catalogue/product'
import type { Lane } from '../links/lane'
import type { Condition, ProductTest, TargetTest } from '../rules/rule'
import type { CommonParts } from './stepParts'

/*
 * Each sort of fill step once more, as plainly as it can be said and without any index, and steps of it with any settings:
 * selection is held against these on generated shops. A step's own is in its folder.
 */

export interface NaiveStep<Step extends CommonParts> {
  any: fc.Arbitrary<Step>
  /** How often it is generated; left out: once. */
  weight?: number
  /** Everything that the step offers, in its order. */
  offers(step: Step, tools: NaiveTools): NaiveOffer[]
}

export interface NaiveOffer {
  target: string
  source: string | null
  place: number
  outside: boolean
  leftOut: boolean
}

/** The facts of a shop as plain lists, and the page that is asked for. */
export interface NaiveTools {
  shop: { products: Product[]; lanes: { source: string; kind: string; lane: Lane }[]; retiredKinds: string[] }
  page: { kind: string; key?: string }
  shopper: Shopper
  /** What the page is about: SKUs, or the key of the category. */
  about: string[]
  /** SKUs that the step is for. */
  sources: string[]
  productOf(sku: string): Product | undefined
  exists(category: string): boolean
  isIn(product: Product, top: string): boolean
  categoriesNear(of: 'chosen' | 'beside' | 'below'): string[]
  holdsFor(condition: Condition<ProductTest>, product: Product): boolean
  picks(condition: Condition<TargetTest>, target: Product, source: Product): boolean
  /** The product with what doesn't count taken away. */
  counting(sku: string): Product
  ordered(targets: readonly string[], order: StepOrder, scores?: Record<string, number>): string[]
  plainOffers(targets: string[], source?: string | null): NaiveOffer[]
  /** Of each source by turns. */
  turns(lists: NaiveOffer[][]): NaiveOffer[]
  /** SKUs of all products that fit. */
  skus(fits: (product: Product) => boolean): string[]
}

export const common = (a: readonly string[] = [], b: readonly string[] = []) => a.filter(each => b.includes(each))
export const distinct = <T>(all: readonly T[]) => all.filter((each, i) => all.indexOf(each) === i)

const pick = fc.constantFrom
export const skus = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H']
export const variantSkus = ['A-1', 'A-2', 'B-1']
export const kinds = ['upsell', 'accessory']
export const anyTarget = pick(...skus, ...skus, ...variantSkus, 'GONE')
export const anyCommon = {
  subjects: pick('page' as const, 'page' as const, 'cart' as const),
  cap: fc.option(pick(1, 2), { freq: 3 }),
  off: fc.integer({ min: 0, max: 9 }).map(n => n === 0),
}
export const anyFreeOrder = pick(...freeStepOrdersSchema.options)
export const anyHandOrder = pick(...stepOrderSchema.options.filter(each => each !== 'strength'))
export const anyScoredOrder = pick(...stepOrderSchema.options.filter(each => each !== 'hand'))
export const anyProductsOf = pick('all' as const, 'category' as const, 'brand' as const)
