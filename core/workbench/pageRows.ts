import { imageOf, isForSale } from '../catalogue/product'
import type { LanePage } from '../links/pageLanes'
import { pageLaneKinds, pageOfSource, sourceOfPage } from '../links/pageLanes'
import type { Lane } from '../links/lane'
import type { SelectionIndex } from '../candidates/selectionIndex'
import { foldedWords, hasWords } from '../text/foldedWords'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { WorkbenchProduct, BenchShop, LaneRow, ProductRow } from './workbench'
import { toLaneRow } from './workbench'
import type { Moment } from '../time/moment'

/*
 * Articles and categories as rows of lists and on the bench, in the shape that products have there.
 */

interface PageShop extends BenchShop {
  index: SelectionIndex
  pageLane(source: string): Lane
}

/** An article or category in a list. Its SKU is its key, its brand the name of the category above it. */
export function toPageRow(page: LanePage, key: string, shop: PageShop, at: Moment): ProductRow {
  return {
    sku: key,
    product: key,
    ...namesOf(page, key, shop),
    image: page === 'article' ? (shop.catalogue.article(key)?.image ?? null) : pictureOf(key, shop, at),
    links: { [pageLaneKinds[page].key]: shop.pageLane(sourceOfPage(page, key)).length },
    price: null,
    stock: 0,
    status: 'active',
    forSale: true,
    isBundle: false,
    variants: 0,
    timesTarget: 0,
    sold: 0,
    shared: [],
  }
}

/** What an article or category is called, and the category above it. */
function namesOf(page: LanePage, key: string, { catalogue, settings }: PageShop): { name: string; brand: string | null } {
  const words = (text: Text | undefined) => (text && textIn(text, settings.language, settings.language)) || ''
  if (page === 'article') return { name: words(catalogue.article(key)?.title) || key, brand: null }
  const category = catalogue.category(key)
  return { name: words(category?.name) || key, brand: words(catalogue.category(category?.parent ?? '')?.name) || null }
}

/** Articles or categories, by their keys, that have all the words in their name, key, or in the name of the category above. */
export function pagesWith(words: string, page: LanePage, keys: readonly string[], shop: PageShop): string[] {
  const wanted = foldedWords(words)
  return keys.filter(key => {
    const { name, brand } = namesOf(page, key, shop)
    return hasWords(`${name} ${brand ?? ''} ${key}`, wanted)
  })
}

/** The picture of a category's best seller; where nothing in it is for sale, of the first category below it that has something. */
function pictureOf(key: string, { catalogue, index }: PageShop, at: Moment): string | null {
  for (const below of catalogue.categoriesFrom(key)) {
    const position = index.list(['category', below], 'best-selling').find(each => isForSale(index.productAt(each), null, at))
    if (position !== undefined) return imageOf(index.productAt(position), null)
  }
  return null
}

/** @param source as lanes know the article or category; null: the shop doesn't have it */
export function toBenchPage(source: string, shop: PageShop, at: Moment): WorkbenchProduct | null {
  const { page, key } = pageOfSource(source)!
  if (!(page === 'article' ? shop.catalogue.article(key) : shop.catalogue.category(key))) return null
  const kind = pageLaneKinds[page]
  const rows = shop
    .pageLane(source)
    .flatMap(link => (page === 'article' ? toLaneRow(link, kind, shop, at) : toCategoryLaneRow(link.target, shop, at)) ?? [])
  return {
    ...toPageRow(page, key, shop, at),
    sku: source,
    product: source,
    page,
    was: null,
    categories: [],
    categoryKeys: [],
    tags: [],
    attributes: {},
    neighbours: { ignored: [], leaveOut: [] },
    inBundles: [],
    lanes: { [kind.key]: rows },
  }
}

function toCategoryLaneRow(key: string, shop: PageShop, at: Moment): LaneRow | null {
  if (!shop.catalogue.category(key)) return null
  const { name, image } = toPageRow('category', key, shop, at)
  return {
    target: key,
    sku: sourceOfPage('category', key),
    name,
    image,
    price: null,
    difference: null,
    stock: 0,
    sold: 0,
    problem: null,
    from: null,
    until: null,
    note: null,
    later: false,
    returned: null,
  }
}
