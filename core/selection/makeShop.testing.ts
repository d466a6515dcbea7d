import { Catalogue } from '../catalogue/catalogue'
import type { Category } from '../catalogue/catalogue'
import { allCount } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import { Postings } from '../productSearch/postings'
import { LinkIndex } from '../links/linkIndex'
import { builtInPlans } from '../pagePlans/builtInPlans'
import { PlanBook } from '../pagePlans/planBook'
import { builtInSections } from '../sections/builtIn'
import { completed } from '../steps'
import type { IndexFacts } from '../candidates/selectionIndex'
import { SelectionIndex } from '../candidates/selectionIndex'
import type { Shop } from './shop'
import type { Shopper } from '../candidates/shopper'
import { momentIn } from '../time/moment'

/** The lists of some products, for tests and measurements. */
export function makeIndex(products: readonly Product[], facts: Partial<IndexFacts> = {}): SelectionIndex {
  const postings = completed(Postings.building(products))
  const standard: IndexFacts = { nameOf: product => Object.values(product.name)[0] ?? product.sku, sold: () => 0, language: 'en' }
  return completed(SelectionIndex.building(products, Object.assign(standard, facts), postings))
}

/** A shop for tests: the built-in sections and plans, nothing linked and nothing sold, unless a part says otherwise. */
export function makeShop(products: readonly Product[], part: Partial<Shop> & { categories?: readonly Category[] } = {}): Shop {
  const { categories = [], ...rest } = part
  return {
    catalogue: new Catalogue(products, categories, []),
    index: rest.index ?? makeIndex(products),
    links: new LinkIndex(),
    kinds: new Map(),
    sections: new Map(builtInSections.map(each => [each.key, each])),
    plans: new PlanBook(builtInPlans),
    offers: [],
    neighboursOf: () => allCount,
    relatedCategories: () => [],
    switchedOff: () => new Set(),
    ...rest,
  }
}

/** A shopper with an empty cart who has seen nothing. */
export function makeShopper(part: Partial<Shopper> = {}): Shopper {
  return { cart: [], seen: [], visitor: '', view: '', at: momentIn('UTC', 0), ...part }
}
