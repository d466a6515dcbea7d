import type { z } from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import type { Text } from '../text/text'

/** What a page is about. */
export interface PageSubjects {
  /** As its answer names them: SKUs of products, or the key of a category. */
  subjects: string[]
  /** SKUs of the products among them. */
  products: string[]
  /** Key of the category; null: it is about none. */
  category: string | null
  /** SKUs of what the article names; null: it is no article. */
  named: string[] | null
}

/** A page as a drawing: rows of areas that are zones, or what else stands there. */
export interface PageDrawing {
  /** Names of areas, as CSS grid takes them. */
  areas: string[]
  columns: string
  /** What stands on the page besides sections: its words, and how high it is drawn in pixels. */
  blocks: { area: string; words: string; height?: number; action?: boolean }[]
}

/** A kind of page. Each has a folder with everything about it; registry.ts lists them. */
export interface PageType<Page extends { kind: string }> {
  /** As people call it: “product page”. */
  words: string
  /** The parts where sections stand, in page order, as people call them. */
  zones: Record<string, string>
  drawing: PageDrawing
  /** What the studio asks for to look at one: a product, as the only one where there can be several; a category, an article, or nothing. */
  asksFor: 'product' | 'category' | 'article' | null
  /**
   * Of pages that can be about several products: what they are called by one product, and by any of several. There are as many as shoppers
   * make.
   */
  ofSeveral?: { one: string; any: string }
  /**
   * How fill meters and checks call one that they count, and several; what can be about several products is counted with each product
   * alone.
   */
  counted: [one: string, many: string]
  /** The plan that all pages of the kind get as long as nobody says otherwise: its name, and blocks by zone, in page order. */
  defaultPlan: { name: Text; blocks: Record<string, string[]> }

  /** What the delivery contract says of it; an address ends in a SKU or key where it has a name for one. */
  address: { summary: string; name: 'sku' | 'key' | null; query?: z.ZodObject }
  /** The page that is asked for. @param name what the address ends in @param query what its own parameters say */
  pageOf(name: string, query: Record<string, unknown>): Page
  /** The page about one thing that the studio looks at, counts or checks. */
  pageAbout(about: string): Page
  /** What it is about; null: the shop doesn't have that. @param cart SKUs of the products in the cart, most recently added first */
  subjects(page: Page, catalogue: Catalogue, cart: string[]): PageSubjects | null
  /** SKUs that count as in the cart beside what is. */
  countsAsInCart?(page: Page): readonly string[]
  /** What is in a bundle that it is about is its steps' subject too: the shopper has it. */
  isOfParts?: true
  /** Its subjects are what is in the cart: without any, steps say that the cart is empty. */
  isOfCart?: true
  /** The product that it is about can switch sections off on it. */
  isOfOneProduct?: true
  /** Together offers stand on it, for the products that it is about. */
  hasOffers?: true
}

/** About products that the shop has, each once, in their order. */
export const aboutProducts = (skus: readonly string[], catalogue: Catalogue, part: Partial<PageSubjects> = {}): PageSubjects => {
  const products = [...new Set(skus.flatMap(sku => catalogue.item(sku)?.product.sku ?? []))]
  return { subjects: products, products, category: null, named: null, ...part }
}

/** About a product, by its SKU or that of a variant. */
export const aboutProduct = (sku: string, catalogue: Catalogue): PageSubjects | null =>
  catalogue.item(sku) ? aboutProducts([sku], catalogue) : null
