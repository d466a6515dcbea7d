import type { Catalogue } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import type { PageKind } from '../pageTypes/registry'
import type { PagePlan } from './pagePlan'
import { pageTypes } from '../pageTypes/registry'
import type { PlanBook, PlanMatch, PlanSubject } from './planBook'

/** Everything of a shop that pages are about. */
export interface PlannedShop {
  plans: PlanBook
  catalogue: Catalogue
  categories: readonly { key: string }[]
  articles: readonly { key: string; products: readonly string[] }[]
}

/** Which pages a plan is for. They are named by the SKU or key of what they are about; of a cart, by the only product in it. */
export interface PlanReach {
  /** Those that get it. */
  gets: string[]
  /** Those that it shares with others: every plan that is for the page, the one it gets first, without the default. */
  shared: { about: string; plans: PlanMatch[] }[]
}

const subjectsInStep = 1000

const productsIn = (skus: readonly string[], catalogue: Catalogue): Product[] => skus.flatMap(sku => catalogue.product(sku) ?? [])

/** What pages of a kind can be about, with the names they go by; products that are not active have no page for shoppers. */
export function* subjectsOf(
  page: PageKind,
  { catalogue, categories, articles }: PlannedShop,
): Generator<[about: string, subject: PlanSubject]> {
  switch (pageTypes[page].asksFor) {
    case 'category':
      for (const { key } of categories) yield [key, { products: [], category: key }]
      break
    case 'article':
      for (const { key, products } of articles) yield [key, { products: productsIn(products, catalogue), category: null }]
      break
    case 'product':
      for (const product of catalogue.products)
        if (product.status === 'active') yield [product.sku, { products: [product], category: null }]
      break
    case null:
      yield ['', { products: [], category: null }]
  }
}

/** The subject of one page; null when the shop doesn't have it. */
export function subjectOf(page: PageKind, about: string, { catalogue }: PlannedShop): PlanSubject | null {
  switch (pageTypes[page].asksFor) {
    case 'category':
      return catalogue.category(about) ? { products: [], category: about } : null
    case 'article': {
      const article = catalogue.article(about)
      return article ? { products: productsIn(article.products, catalogue), category: null } : null
    }
    case 'product': {
      const product = catalogue.item(about)?.product
      return product ? { products: [product], category: null } : null
    }
    case null:
      return { products: [], category: null }
  }
}

/** How many pages of a kind get each plan, by its key; some of the pages in each step. */
export function* planCounts(page: PageKind, shop: PlannedShop): Generator<void, Map<string, number>> {
  const counts = new Map(shop.plans.of(page).map(plan => [plan.key, 0]))
  let visited = 0
  for (const [, subject] of subjectsOf(page, shop)) {
    const { key } = shop.plans.planFor(page, subject, shop.catalogue)
    counts.set(key, counts.get(key)! + 1)
    if (++visited % subjectsInStep === 0) yield
  }
  return counts
}

/** Which pages a plan is for; some of the pages in each step. */
export function* planReach(plan: PagePlan, shop: PlannedShop): Generator<void, PlanReach> {
  const reach: PlanReach = { gets: [], shared: [] }
  let visited = 0
  for (const [about, subject] of subjectsOf(plan.page, shop)) {
    if (++visited % subjectsInStep === 0) yield
    if (plan.scope === null) {
      if (shop.plans.planFor(plan.page, subject, shop.catalogue) === plan) reach.gets.push(about)
      continue
    }
    const plans = shop.plans.matching(plan.page, subject, shop.catalogue).filter(({ reason }) => reason.by !== 'default')
    if (!plans.some(each => each.plan === plan)) continue
    if (plans[0]!.plan === plan) reach.gets.push(about)
    if (plans.length > 1) reach.shared.push({ about, plans })
  }
  return reach
}
