import { LinkIndex } from '../../core/links/linkIndex'
import { productFilterSchema } from '../../core/productSearch/productFilter'
import { productSortSchema } from '../../core/productSearch/productFinder'
import type { SortOrder } from '../../core/catalogue/sortOrders'
import { records } from '../../core/records/registry'
import { freeStepOrdersSchema } from '../../core/candidates/stepOrder'
import type { LiveShop } from './liveShop'
import { pageKindSchema } from '../../core/pagePlans/pagePlan'
import type { Shop } from '../../core/selection/shop'

const plansOf = ({ plans }: Shop) => pageKindSchema.options.map(page => plans.of(page))
const orders = freeStepOrdersSchema.options.filter((each): each is SortOrder => !each.startsWith('shuffle'))
const filters = ['', 'stock=in', 'priceFrom=600', 'status=active', 'links=problem'].map(query =>
  productFilterSchema.parse(Object.fromEntries(new URLSearchParams(query))),
)

/** Everything that a live shop knows, to be compared with what another knows: what is held by record, and what follows from it. */
export function everythingKnown(shop: LiveShop) {
  const { catalogue, finder, index, sold } = shop
  const named = (positions: Iterable<number>) => Array.from(positions, position => catalogue.products[position]!.sku)
  const held = [...shop.states.some(records)].map(([of, state]) => [
    of,
    state instanceof LinkIndex ? catalogue.products.map(({ sku }) => [sku, state.lanes(sku)]) : state,
  ])
  return {
    held: Object.fromEntries(held),
    settings: shop.settings,
    kindOrder: [...shop.kinds.keys()],
    products: catalogue.products,
    articles: shop.articles,
    categories: shop.categories,
    sold: [...sold].sort(),
    facets: finder.facets,
    live: [shop.sections, plansOf(shop), shop.offers],
    drafted: [shop.drafted.sections, plansOf(shop.drafted), shop.drafted.offers],
    found: filters.map(filter => productSortSchema.options.map(sort => [sort, named(finder.find(filter, null, sort))])),
    lists: orders.map(order => [order, index.list('all', order).map(position => index.productAt(position).sku)]),
  }
}
