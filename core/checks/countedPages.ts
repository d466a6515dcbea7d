import type { Catalogue } from '../catalogue/catalogue'
import type { PageKind } from '../pageTypes/registry'
import { pageTypes } from '../pageTypes/registry'
import type { Shop } from '../selection/shop'

/** The pages of a kind that are counted, each with a number from 0 on. */
export interface CountedPages {
  readonly size: number
  /** What a page is about: a SKU or key, or nothing ("") of a page that there is one of; null: shoppers don't come to it. */
  subjectAt(number: number): string | null
  /** Numbers of the pages that are about a product. */
  about(sku: string): Iterable<number>
  /** Numbers of the pages whose subject is an article or category. */
  withSubject(key: string): Iterable<number>
}

/**
 * The pages of a kind: one for each product (on pages of several products, it is there alone), category or article, or the only one.
 * They follow the shop as long as no product, category or article comes or goes.
 */
export function countedPages(shop: Pick<Shop, 'catalogue' | 'index'>, kind: PageKind): CountedPages {
  const { asksFor } = pageTypes[kind]
  switch (asksFor) {
    case 'product':
      return pagesOfProducts(shop)
    case 'category':
      return pagesOfKeys(Array.from(shop.catalogue.categories, each => each.key))
    case 'article':
      return pagesOfArticles(shop.catalogue)
    case null:
      return pagesOfKeys([''])
  }
}

/** What the pages that shoppers come to are about. */
export function* subjectsOf({ size, subjectAt }: CountedPages): Generator<string> {
  for (let number = 0; number < size; number++) {
    const subject = subjectAt(number)
    if (subject !== null) yield subject
  }
}

const pagesOfProducts = ({ index }: Pick<Shop, 'index'>): CountedPages => ({
  get size() {
    return index.size
  },
  subjectAt(number) {
    const { sku, status } = index.productAt(number)
    return status === 'active' ? sku : null
  },
  *about(sku) {
    const position = index.postings.positionOf(sku)
    if (position !== undefined) yield position
  },
  withSubject: () => [],
})

const pagesOfKeys = (keys: readonly string[]): CountedPages => ({
  size: keys.length,
  subjectAt: number => keys[number]!,
  about: () => [],
  withSubject: key => (keys.includes(key) ? [keys.indexOf(key)] : []),
})

function pagesOfArticles(catalogue: Catalogue): CountedPages {
  const keys = Array.from(catalogue.articles, each => each.key)
  return {
    ...pagesOfKeys(keys),
    *about(sku) {
      for (const [number, key] of keys.entries()) if (catalogue.article(key)!.products.includes(sku)) yield number
    },
  }
}
