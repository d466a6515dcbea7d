import { setImmediate as nextTurn } from 'node:timers/promises'
import { bundleAsProduct } from '../../core/bundles/bundleProduct'
import type { Article, Category } from '../../core/catalogue/catalogue'
import { Catalogue } from '../../core/catalogue/catalogue'
import type { Product } from '../../core/catalogue/product'
import { hasSameVariants } from '../../core/catalogue/product'
import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { ProductChange } from '../../core/records/products/productRecord'
import { ProductFinder } from '../../core/productSearch/productFinder'
import type { LinkKind } from '../../core/links/kind'
import { kindsInUse } from '../../core/links/kind'
import type { LinkIndex } from '../../core/links/linkIndex'
import { countProblems } from '../../core/links/linkProblem'
import type { IndexFacts } from '../../core/candidates/selectionIndex'
import { SelectionIndex } from '../../core/candidates/selectionIndex'
import { textIn } from '../../core/text/text'
import { momentIn } from '../../core/time/moment'
import type { StoreReader } from '../store/port'
import { pausing, runInSteps } from './runInSteps'

/** Up to so many changed products are replaced one by one; for more it is less work to work everything out anew. */
const maxInPlace = 500
/** Products that are taken up before a pause. */
const inStep = 250

/** What is worked out of products needs to know this of the shop. */
interface Surroundings {
  settings: ShopSettings
  links: LinkIndex
  kinds: ReadonlyMap<string, LinkKind>
  articles: readonly Article[]
}

/** The products of the live shop, and all that follows from them: lists, orders, what was sold, and bundles from their parts. */
export class LiveProducts {
  #shop: Surroundings
  /** Units sold by SKU, as the orders have them. */
  readonly #units: Map<string, number>
  /** Bundles as they are kept, by SKU; the catalogue has them with what follows from their parts. */
  readonly #bundles = new Map<string, Product>()
  #categories: readonly Category[]
  // What follows from many changes is made anew, all together.
  #catalogue!: Catalogue
  #sold!: Map<string, number>
  #finder!: ProductFinder
  #index!: SelectionIndex
  #positions!: Map<number, number>
  readonly #languages: Set<string>

  /** Its products come with `set`. */
  constructor(shop: Surroundings, categories: readonly Category[], units: Map<string, number>) {
    this.#shop = shop
    this.#categories = categories
    this.#units = units
    this.#languages = new Set(shop.settings.languages)
  }

  /** The same, as a part of another shop. */
  in(shop: Surroundings): this {
    this.#shop = shop
    return this
  }

  /** BCP 47 tags of the languages that the shop, or any product, has texts in. */
  get languages(): ReadonlySet<string> {
    return this.#languages
  }

  get categories(): readonly Category[] {
    return this.#categories
  }

  get catalogue(): Catalogue {
    return this.#catalogue
  }

  /** Units sold by product, its variants' among them. */
  get sold(): ReadonlyMap<string, number> {
    return this.#sold
  }

  get finder(): ProductFinder {
    return this.#finder
  }

  get index(): SelectionIndex {
    return this.#index
  }

  /** Where in the catalogue the product with this number in the database stands; undefined: it is written, and not taken over yet. */
  positionOf(id: number): number | undefined {
    return this.#positions.get(id)
  }

  /** Units sold of a product, variant or bundle by its own SKU. */
  unitsSold(sku: string): number {
    return this.#units.get(sku) ?? 0
  }

  /** Takes over units sold by SKU. One after the other: each takes its place in the orders while all others are where they belong. */
  takeSold(sold: ReadonlyMap<string, number>): void {
    for (const [sku, units] of sold) {
      const more = units - this.unitsSold(sku)
      this.#units.set(sku, units)
      const product = this.#catalogue.item(sku)?.product
      if (!product) continue
      this.#sold.set(product.sku, (this.#sold.get(product.sku) ?? 0) + more)
      this.#replaceInPlace(product)
    }
  }

  /**
   * Takes over products and categories as they are after changes; null: gone.
   * @returns changes of the bundles that are among them, or whose parts are
   */
  async apply(
    products: ReadonlyMap<string, Product | null>,
    categories: ReadonlyMap<string, Category | null>,
    store: StoreReader,
  ): Promise<ProductChange[]> {
    const bundles = await this.#bundlesAfter(products)
    const before = new Map(Array.from(bundles, sku => [sku, this.#catalogue.product(sku) ?? null]))
    await this.#replaceProducts(products, categories, bundles, store)
    return Array.from(bundles, (source): ProductChange => ({
      of: 'product',
      owner: source,
      key: '',
      before: before.get(source)!,
      after: this.#catalogue.product(source) ?? null,
    }))
  }

  /** The bundles that these products are parts of, as they are now: what was before is not known any more. */
  bundlesWith(skus: readonly string[]): ProductChange[] {
    const bundles = new Set(
      skus.flatMap(sku => {
        const product = this.#catalogue.product(sku)
        return product ? this.#catalogue.bundlesWith(product) : []
      }),
    )
    return Array.from(bundles, (source): ProductChange => ({
      of: 'product',
      owner: source,
      key: '',
      before: null,
      after: this.#catalogue.product(source)!,
    }))
  }

  /**
   * Keeps bundles as they are after changes, and names those whose parts are among what changed, together with those that changed
   * themselves.
   */
  async #bundlesAfter(products: ReadonlyMap<string, Product | null>): Promise<ReadonlySet<string>> {
    const skus = new Set<string>()
    const pause = pausing()
    for (const [sku, product] of products) {
      const before = this.#catalogue.product(sku)
      if (product?.bundle) this.#bundles.set(sku, product)
      else this.#bundles.delete(sku)
      if (product?.bundle) skus.add(sku)
      for (const each of [before, product]) if (each) for (const bundle of this.#catalogue.bundlesWith(each)) skus.add(bundle)
      await pause()
    }
    // One of them may be no bundle any more.
    return new Set([...skus].filter(sku => this.#bundles.has(sku)))
  }

  /**
   * Puts products in the place of those before, all at once, after having worked out in the meantime what follows from them.
   * @param ids numbers of the products in the database, in the same order
   */
  async set(products: readonly Product[], ids: readonly number[], categories = this.#categories): Promise<void> {
    const { settings, links, kinds } = this.#shop
    const catalogue = new Catalogue([], categories, this.#shop.articles, links.numbers)
    await runInSteps(this.#filling(catalogue, products))
    const sold = new Map<string, number>()
    await runInSteps(addingUp(this.#units, catalogue, sold))
    const facts: IndexFacts = {
      nameOf: product => textIn(product.name, settings.language, settings.language),
      sold: sku => sold.get(sku) ?? 0,
      language: settings.language,
    }
    const finder = await runInSteps(
      ProductFinder.building(catalogue.products, {
        ...facts,
        categoriesFrom: key => catalogue.categoriesFrom(key),
        linkCount: (sku, kind) => links.laneLength(sku, kind),
        kinds: () => kindsInUse(kinds).map(kind => kind.key),
        problemCount: sku => countProblems(sku, { catalogue, links, kinds }, momentIn(this.#shop.settings.timeZone)),
        sourcesOf: sku => links.sourcesOf(sku),
      }),
    )
    const index = await runInSteps(SelectionIndex.building(catalogue.products, facts, finder.postings))
    const positions = new Map(ids.map((id, position) => [id, position]))
    this.#categories = categories
    this.#catalogue = catalogue
    this.#sold = sold
    this.#finder = finder
    this.#index = index
    this.#positions = positions
  }

  #noteLanguages({ name }: Product): void {
    for (const language in name) this.#languages.add(language)
  }

  /** Puts products into a catalogue, and bundles as they follow from their parts. */
  *#filling(catalogue: Catalogue, products: readonly Product[]): Generator<void, void> {
    for (const [position, product] of products.entries()) {
      catalogue.replace(position, product)
      this.#noteLanguages(product)
      if (position % inStep === 0) yield
    }
    for (const [position, product] of products.entries()) {
      if (!product.bundle) continue
      this.#bundles.set(product.sku, product)
      catalogue.replace(position, bundleAsProduct(product, catalogue))
      yield
    }
  }

  /** Whether the changes take no product or variant away, and bring variants only with their products. */
  #canBeTakenInPlace(products: ReadonlyMap<string, Product | null>): boolean {
    return [...products].every(([sku, product]) => {
      const before = this.#catalogue.product(sku)
      return product && (!before || hasSameVariants(product, before))
    })
  }

  /** Puts a product in the place of the one before, or a new one behind the others. */
  #replaceInPlace(product: Product): void {
    this.#noteLanguages(product)
    const { postings } = this.#finder
    const position = postings.positionOf(product.sku) ?? this.#catalogue.products.length
    postings.replace(position, this.#catalogue.products[position] ?? null, product)
    this.#catalogue.replace(position, product)
    this.#finder.replace(position, product)
    this.#index.replace(position, product)
  }

  async #replaceProducts(
    products: ReadonlyMap<string, Product | null>,
    categories: ReadonlyMap<string, Category | null>,
    bundles: ReadonlySet<string>,
    store: StoreReader,
  ): Promise<void> {
    if (!categories.size && products.size <= maxInPlace && this.#canBeTakenInPlace(products)) {
      const fresh = await this.#inOrderOfNumbers(
        [...products.values()].filter(product => !this.#catalogue.product(product!.sku)) as Product[],
        store,
      )
      for (const [sku, product] of products) {
        if (!this.#catalogue.product(sku) || bundles.has(sku)) continue
        this.#replaceInPlace(product!)
        await nextTurn()
      }
      for (const { number, sku } of fresh) {
        this.#replaceInPlace(products.get(sku)!)
        this.#positions.set(number, this.#catalogue.products.length - 1)
        await nextTurn()
      }
      for (const sku of bundles) this.#replaceInPlace(bundleAsProduct(this.#bundles.get(sku)!, this.#catalogue))
      return
    }
    const stored = await store.productNumbers()
    const known = new Set(this.#categories.map(each => each.key))
    const after: Product[] = []
    const numbers: number[] = []
    for (const { number, sku } of stored) {
      after.push(products.get(sku) ?? this.#bundles.get(sku) ?? this.#catalogue.product(sku)!)
      if (numbers.push(number) % (20 * inStep) === 0) await nextTurn()
    }
    await this.set(after, numbers, [
      ...this.#categories.flatMap(each => (categories.has(each.key) ? (categories.get(each.key) ?? []) : each)),
      ...([...categories.values()].filter(each => each !== null && !known.has(each.key)) as Category[]),
    ])
  }

  /**
   * Notes what was sold of new products.
   * @returns their SKUs in the order of their numbers in the database: in this order they stand behind the others
   */
  async #inOrderOfNumbers(products: readonly Product[], store: StoreReader): Promise<{ number: number; sku: string }[]> {
    if (!products.length) return []
    const ownerOf = new Map(products.flatMap(product => [product, ...product.variants].map(({ sku }) => [sku, product.sku] as const)))
    for (const [sku, units] of this.#units) {
      const owner = ownerOf.get(sku)
      if (owner !== undefined) this.#sold.set(owner, (this.#sold.get(owner) ?? 0) + units)
    }
    return store.productNumbers(products.map(product => product.sku))
  }
}

/** Adds up the units sold of products, their variants' among them. */
function* addingUp(units: ReadonlyMap<string, number>, catalogue: Catalogue, sold: Map<string, number>): Generator<void, void> {
  let added = 0
  for (const [sku, count] of units) {
    const product = catalogue.item(sku)?.product
    if (product) sold.set(product.sku, (sold.get(product.sku) ?? 0) + count)
    if (++added % inStep === 0) yield
  }
}
