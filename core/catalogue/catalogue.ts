import { z } from 'zod'
import { namedIn } from './bundle'
import { textSchema } from '../text/text'
import { pictureAddressSchema } from './pictureAddress'
import type { Gaps } from './gaps'
import type { Placed } from './placed'
import type { Product, Variant } from './product'
import { skuSchema } from './sku'
import { SkuNumbers } from './skuNumbers'

/** Names a category or an article in addresses and files. */
const keySchema = z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'A key has small letters, digits and single hyphens.')

/** `>` and `|` separate categories in files. */
const categoryNameSchema = textSchema.refine(
  value => Object.values(value).every(each => !/[>|]/.test(each)),
  'A category’s name can’t contain “>” or “|”.',
)

export const categorySchema = z.object({
  key: keySchema,
  name: categoryNameSchema,
  parent: keySchema.nullable(),
})
export type Category = z.infer<typeof categorySchema>

export const articleSchema = z.object({
  key: keySchema,
  title: textSchema,
  body: textSchema,
  image: pictureAddressSchema.nullable(),
  /** The products it names, in its order. */
  products: z.array(skuSchema),
})
export type Article = z.infer<typeof articleSchema>

/** A product, or one variant of it. */
export interface CatalogueItem {
  product: Product
  variant: Variant | null
}

/** Whether a product, or this variant of it, is taken out of the shop for good. */
export const isRetired = ({ product, variant }: CatalogueItem) => product.status === 'retired' || variant?.status === 'retired'

const noBundles: ReadonlySet<string> = new Set()

/** Everything the shop sells, looked up by SKU or key. Lookups take constant time. */
export class Catalogue {
  readonly #products: Product[]
  /** Numbers of the SKUs of its products and variants, and of whatever else is named by SKU. */
  readonly numbers: SkuNumbers
  readonly #items: (CatalogueItem | undefined)[] = []
  #categories!: ReadonlyMap<string, Category>
  readonly #articles: Map<string, Article>
  readonly #paths = new Map<string, readonly string[]>()
  readonly #below = new Map<string, ReadonlySet<string>>()
  /** SKUs of the bundles that name a SKU. */
  readonly #naming = new Map<string, Set<string>>()
  readonly #bundles = new Set<string>()

  /** @param numbers that other things of the shop are kept by too */
  constructor(
    products: Iterable<Product>,
    categories: Iterable<Category>,
    articles: Iterable<Article>,
    numbers: SkuNumbers = new SkuNumbers(),
  ) {
    this.numbers = numbers
    this.#products = [...products]
    for (const product of this.#products) this.#take(product)
    this.setCategories(categories)
    this.#articles = new Map(Array.from(articles, each => [each.key, each]))
  }

  /** In the order they were given. */
  get products(): readonly Product[] {
    return this.#products
  }

  /** Takes over that products have become others, or are new: their positions are then next to the last, one after the other. */
  put(placed: readonly Placed[]): void {
    // A variant may have become another product's.
    for (const { position } of placed) if (position < this.#products.length) this.#let(this.#products[position]!)
    for (const { position, product } of placed) {
      this.#products[position] = product
      this.#take(product)
    }
  }

  remove(gaps: Gaps): void {
    for (const position of gaps.positions) this.#let(this.#products[position]!)
    gaps.close(this.#products)
  }

  #take(product: Product): void {
    this.#items[this.numbers.of(product.sku)] = { product, variant: null }
    for (const variant of product.variants) this.#items[this.numbers.of(variant.sku)] = { product, variant }
    if (!product.bundle) return
    this.#bundles.add(product.sku)
    for (const sku of namedIn(product.bundle)) this.#naming.set(sku, (this.#naming.get(sku) ?? new Set()).add(product.sku))
  }

  #let(product: Product): void {
    for (const { sku } of [product, ...product.variants]) {
      const number = this.numbers.of(sku)
      // By now it may be a variant of another product.
      if (this.#items[number]?.product === product) this.#items[number] = undefined
    }
    this.#bundles.delete(product.sku)
    if (product.bundle) for (const sku of namedIn(product.bundle)) this.#naming.get(sku)!.delete(product.sku)
  }

  /** SKUs of all bundles, in the order they came. */
  get bundles(): ReadonlySet<string> {
    return this.#bundles
  }

  /** SKUs of the bundles that name this product or variant as a part. */
  bundlesNaming(sku: string): ReadonlySet<string> {
    return this.#naming.get(sku) ?? noBundles
  }

  /** SKUs of the bundles that a product, or a variant of it, can be in, ascending. */
  bundlesWith(product: Product): string[] {
    if (!this.#naming.size) return []
    return [...new Set([product, ...product.variants].flatMap(({ sku }) => [...this.bundlesNaming(sku)]))].sort()
  }

  /** The product or variant with this SKU. */
  item(sku: string): CatalogueItem | undefined {
    const number = this.numbers.find(sku)
    return number === undefined ? undefined : this.#items[number]
  }

  /** The product or variant whose SKU has this number. */
  itemAt(number: number): CatalogueItem | undefined {
    return this.#items[number]
  }

  /** The product with this SKU; undefined for a variant's SKU. */
  product(sku: string): Product | undefined {
    const found = this.item(sku)
    return found && !found.variant ? found.product : undefined
  }

  /** In the order they were given. */
  get categories(): Iterable<Category> {
    return this.#categories.values()
  }

  /** In the order they were given. */
  get articles(): Iterable<Article> {
    return this.#articles.values()
  }

  /** Takes over that there are these categories now. */
  setCategories(categories: Iterable<Category>): void {
    this.#categories = new Map(Array.from(categories, each => [each.key, each]))
    this.#paths.clear()
    this.#below.clear()
  }

  category(key: string): Category | undefined {
    return this.#categories.get(key)
  }

  /** The keys of a category and of all below it; empty for an unknown one. */
  categoriesFrom(key: string): ReadonlySet<string> {
    let keys = this.#below.get(key)
    if (keys) return keys
    if (!this.#categories.has(key)) return new Set()
    this.#below.set(key, (keys = new Set([key])))
    // A set's walk also meets what is added on the way.
    for (const above of keys) for (const { key, parent } of this.#categories.values()) if (parent === above) (keys as Set<string>).add(key)
    return keys
  }

  /** The keys of a category and of those above it, the uppermost first; empty for an unknown one. */
  categoryPath(key: string): readonly string[] {
    const known = this.#paths.get(key)
    if (known) return known
    const path: string[] = []
    // Categories that stand below each other in a circle are walked through once.
    for (let at = this.#categories.get(key); at && !path.includes(at.key); at = this.#categories.get(at.parent ?? '')) path.unshift(at.key)
    if (path.length) this.#paths.set(key, path)
    return path
  }

  /** The keys of the categories directly below one, or beside it, in their order; none for an unknown one. */
  categoriesNear(key: string, where: 'below' | 'beside'): string[] {
    const category = this.#categories.get(key)
    if (!category) return []
    const parent = where === 'below' ? key : category.parent
    return [...this.#categories.values()].filter(each => each.parent === parent && each.key !== key).map(each => each.key)
  }

  /** Takes over that an article has become another one. */
  setArticle(article: Article): void {
    this.#articles.set(article.key, article)
  }

  article(key: string): Article | undefined {
    return this.#articles.get(key)
  }
}
