import type { AddedPage } from './added/addedPage'
import { addedPage } from './added/addedPage'
import type { ArticlePage } from './article/articlePage'
import { articlePage } from './article/articlePage'
import type { CartPage } from './cart/cartPage'
import { cartPage } from './cart/cartPage'
import type { CategoryPage } from './category/categoryPage'
import { categoryPage } from './category/categoryPage'
import type { HomePage } from './home/homePage'
import { homePage } from './home/homePage'
import type { OrderedPage } from './ordered/orderedPage'
import { orderedPage } from './ordered/orderedPage'
import type { PageType } from './pageType'
import type { ProductPage } from './product/productPage'
import { productPage } from './product/productPage'
import type { SearchPage } from './search/searchPage'
import { searchPage } from './search/searchPage'

/** Which page is asked for. */
export type Page = ProductPage | CartPage | AddedPage | CategoryPage | ArticlePage | HomePage | SearchPage | OrderedPage
export type PageKind = Page['kind']

/** All kinds of pages, in the order in which the studio lists them. */
export const pageTypes: { [Kind in PageKind]: PageType<Extract<Page, { kind: Kind }>> } = {
  product: productPage,
  cart: cartPage,
  added: addedPage,
  category: categoryPage,
  article: articlePage,
  home: homePage,
  search: searchPage,
  ordered: orderedPage,
}
export const pageKinds = Object.keys(pageTypes) as [PageKind, ...PageKind[]]

export const isPageKind = (kind: string): kind is PageKind => Object.hasOwn(pageTypes, kind)

/** The kind of a page: everything that is different from kind to kind is asked of it. */
export const pageTypeOf = ({ kind }: { kind: PageKind }) => pageTypes[kind] as PageType<Page>

/** The parts of a kind of page where sections stand, in page order. */
export const zonesOf = (kind: PageKind): readonly string[] => Object.keys(pageTypes[kind].zones)
