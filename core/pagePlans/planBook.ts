import { z } from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { isWithin } from '../rules/range'
import type { PageKind } from '../pageTypes/registry'
import type { PagePlan } from './pagePlan'

/** What a page is about, as far as plans are concerned. */
export interface PlanSubject {
  /** The product of a product page, the products of a cart, the products that an article names. */
  products: readonly Product[]
  /** Of a category page, its key. */
  category: string | null
}

/** Why a plan is for a page: the strongest reason it has. */
export const planReasonSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('product'), name: z.string() }),
  z.object({ by: z.literal('tag'), name: z.string() }),
  z.object({ by: z.literal('brand'), name: z.string() }),
  /** `depth`: how many categories the path down to it has. */
  z.object({ by: z.literal('category'), name: z.string(), depth: z.int() }),
  z.object({ by: z.literal('price') }),
  z.object({ by: z.literal('default') }),
])
export type PlanReason = z.infer<typeof planReasonSchema>

export interface PlanMatch {
  plan: PagePlan
  reason: PlanReason
}

/** How specific assignments are. */
const strengths: Record<PlanReason['by'], number> = { default: 0, price: 1, category: 2, brand: 3, tag: 4, product: 5 }
const strengthOf = (reason: PlanReason) => (reason.by === 'category' ? strengthOfDepth(reason.depth) : strengths[reason.by])
const strengthOfDepth = (depth: number) => strengths.category + depth / 1000
const isDefault = (plan: PagePlan) => plan.scope === null

type Categories = Pick<Catalogue, 'categoryPath'>

/** The plans of one kind of page, in the order of their ranks, by what they are assigned to. The first of equal ones stands. */
interface Shelf {
  all: PagePlan[]
  default: PagePlan | undefined
  product: Map<string, PagePlan>
  tag: Map<string, PagePlan>
  brand: Map<string, PagePlan>
  category: Map<string, PagePlan>
  priced: PagePlan[]
}

/** All page plans, live or as drafts: tells which page gets which. */
export class PlanBook {
  readonly #shelves = new Map<PageKind, Shelf>()

  constructor(plans: Iterable<PagePlan>) {
    const inOrder = [...plans].sort((a, b) => Number(isDefault(a)) - Number(isDefault(b)) || a.rank - b.rank || (a.key < b.key ? -1 : 1))
    for (const plan of inOrder) this.#take(plan)
  }

  /** All of a kind in the order of their ranks, the default last. */
  of(page: PageKind): readonly PagePlan[] {
    return this.#shelves.get(page)?.all ?? []
  }

  /**
   * The plan that a page gets: that of the most specific assignment (product, then tag, then brand, then deepest category,
   * then price, then default), and of equal ones the first by rank. With several products, any of them counts.
   */
  planFor(page: PageKind, subject: PlanSubject, categories: Categories): PagePlan {
    const shelf = this.#shelves.get(page)!
    if (shelf.all.length === 1) return shelf.all[0]!
    return this.#best(shelf, subject, categories)?.plan ?? shelf.default!
  }

  /** Every plan that is for a page with its strongest reason, the one that the page gets first and the default last. */
  matching(page: PageKind, subject: PlanSubject, categories: Categories): PlanMatch[] {
    return this.of(page)
      .flatMap(plan => {
        const reason = reasonFor(plan, subject, categories)
        return reason ? { plan, reason } : []
      })
      .sort((a, b) => strengthOf(b.reason) - strengthOf(a.reason))
  }

  /** The same book with each plan of a kind made into another. */
  mapped(page: PageKind, change: (plan: PagePlan) => PagePlan): PlanBook {
    return new PlanBook([...this.#shelves.values()].flatMap(({ all }) => all).map(plan => (plan.page === page ? change(plan) : plan)))
  }

  #take(plan: PagePlan): void {
    const { page, scope } = plan
    let shelf = this.#shelves.get(page)
    if (!shelf)
      this.#shelves.set(
        page,
        (shelf = { all: [], default: undefined, product: new Map(), tag: new Map(), brand: new Map(), category: new Map(), priced: [] }),
      )
    shelf.all.push(plan)
    if (!scope) {
      shelf.default = plan
      return
    }
    const put = (into: Map<string, PagePlan>, names: readonly string[]) => {
      for (const name of names) if (!into.has(name)) into.set(name, plan)
    }
    put(shelf.product, scope.products)
    put(shelf.tag, scope.tags)
    put(shelf.brand, scope.brands)
    put(shelf.category, scope.categories)
    if (scope.price) shelf.priced.push(plan)
  }

  #best(shelf: Shelf, { products, category }: PlanSubject, categories: Categories): { plan: PagePlan; strength: number } | null {
    let best: { plan: PagePlan; strength: number } | null = null
    const offer = (plan: PagePlan | undefined, strength: number) => {
      if (!plan || (best && best.strength > strength)) return
      if (!best || strength > best.strength || shelf.all.indexOf(plan) < shelf.all.indexOf(best.plan)) best = { plan, strength }
    }
    const offerCategory = (key: string) => {
      for (const [i, each] of categories.categoryPath(key).entries()) offer(shelf.category.get(each), strengthOfDepth(i + 1))
    }
    for (const { sku, tags, brand, categories: keys, price } of products) {
      offer(shelf.product.get(sku), strengths.product)
      for (const tag of tags) offer(shelf.tag.get(tag), strengths.tag)
      if (brand !== null) offer(shelf.brand.get(brand), strengths.brand)
      for (const key of keys) offerCategory(key)
      if (price !== null)
        offer(
          shelf.priced.find(plan => isWithin(price, plan.scope!.price!)),
          strengths.price,
        )
    }
    if (category !== null) offerCategory(category)
    return best
  }
}

/** Why a plan is for a page; null when it is not. */
function reasonFor({ scope }: PagePlan, { products, category }: PlanSubject, categories: Categories): PlanReason | null {
  if (!scope) return { by: 'default' }
  const first = <T>(names: readonly string[], reason: (name: string) => T, has: (product: Product, name: string) => boolean): T[] =>
    names
      .filter(name => products.some(product => has(product, name)))
      .slice(0, 1)
      .map(reason)
  const paths = [...products.flatMap(product => product.categories), ...(category === null ? [] : [category])].map(key =>
    categories.categoryPath(key),
  )
  const deepest = paths
    .flatMap(path => path.flatMap((key, i) => (scope.categories.includes(key) ? { key, depth: i + 1 } : [])))
    .sort((a, b) => b.depth - a.depth)[0]
  return (
    first<PlanReason>(
      scope.products,
      name => ({ by: 'product', name }),
      (product, name) => product.sku === name,
    )[0] ??
    first<PlanReason>(
      scope.tags,
      name => ({ by: 'tag', name }),
      (product, name) => product.tags.includes(name),
    )[0] ??
    first<PlanReason>(
      scope.brands,
      name => ({ by: 'brand', name }),
      (product, name) => product.brand === name,
    )[0] ??
    (deepest ? { by: 'category', name: deepest.key, depth: deepest.depth } : null) ??
    (scope.price && products.some(({ price }) => price !== null && isWithin(price, scope.price!)) ? { by: 'price' } : null)
  )
}
