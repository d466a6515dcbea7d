import { setImmediate as nextTurn } from 'node:timers/promises'
import { bundleAsProduct } from '../../core/bundles/bundleProduct'
import { chunk, sum } from 'es-toolkit'
import type { Article, Category } from '../../core/catalogue/catalogue'
import { Catalogue } from '../../core/catalogue/catalogue'
import { Gaps } from '../../core/catalogue/gaps'
import type { Placed } from '../../core/catalogue/placed'
import type { Product } from '../../core/catalogue/product'
import { withPartsOf } from '../../core/catalogue/sharedParts'
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

/** Products that are taken up before a pause. */
const inStep = 250
/** Changed products that are taken over at once, before others have a turn: each time all lists are gone through. */
const changedAtOnce = 25
/** New ones, and those that go: most of the work is to move those behind them, however many they are. */
const movedAtOnce = 100

/** What is worked out of products needs to know this of the shop. */
interface Surroundings {
  settings: ShopSettings
  links: LinkIndex
  kinds: ReadonlyMap<string, LinkKind>
  articles: readonly Article[]
}

/** Products and categories as they are after changes; null: gone. */
interface TakenOver {
  products: ReadonlyMap<string, Product | null>
  /** SKUs of those that went meanwhile, and came again as new ones. */
  returned: ReadonlySet<string>
  categories: ReadonlyMap<string, Category | null>
}

/** The products of the live shop, and all that follows from them: lists, orders, what was sold, and bundles from their parts. */
export class LiveProducts {
  #shop: Surroundings
  /** Units sold by SKU, as the orders have them. */
  readonly #units: Map<string, number>
  /** Bundles as they are kept, by SKU; the catalogue has them with what follows from their parts. */
  readonly #bundles = new Map<string, Product>()
  #categories: readonly Category[]
  // Made when the shop is read, and kept current.
  #catalogue!: Catalogue
  #sold!: Map<string, number>
  #finder!: ProductFinder
  #index!: SelectionIndex
  /** Numbers of the products in the database, by position: ascending, for new products stand behind the others. */
  #numbers!: number[]
  /** Positions by number. */
  #positions!: (number | undefined)[]
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

  /** The product that a bundle is kept as, without what follows from its parts. */
  keptBundle(sku: string): Product | undefined {
    return this.#bundles.get(sku)
  }

  /**
   * Works something out as if bundles of the catalogue were others. It has to be done at once: afterwards all is as it was.
   * @param bundles as they would be kept
   */
  asIf<Result>(bundles: readonly Product[], work: () => Result): Result {
    // One that has just been added may not stand in the catalogue yet.
    const there = bundles.filter(({ sku }) => this.#catalogue.product(sku))
    if (!there.length) return work()
    const before = there.map(({ sku }) => this.#catalogue.product(sku)!)
    try {
      for (const bundle of there) this.#place([bundleAsProduct(bundle, this.#catalogue)])
      return work()
    } finally {
      this.#place(before)
    }
  }

  /** Where in the catalogue the product with this number in the database stands; undefined: it is written, and not taken over yet. */
  positionOf(id: number): number | undefined {
    return this.#positions[id]
  }

  /** Units sold of a product, variant or bundle by its own SKU. */
  unitsSold(sku: string): number {
    return this.#units.get(sku) ?? 0
  }

  /** Takes over units sold by SKU. */
  takeSold(sold: ReadonlyMap<string, number>): void {
    const products = new Set<Product>()
    for (const [sku, units] of sold) {
      this.#units.set(sku, units)
      const product = this.#catalogue.item(sku)?.product
      if (product) products.add(product)
    }
    if (products.size) this.#put([...products])
  }

  /**
   * Takes over changes.
   * @returns changes of the bundles that are among them, or whose parts are
   */
  async apply({ products, returned, categories }: TakenOver, store: StoreReader): Promise<ProductChange[]> {
    const bundles = await this.#bundlesAfter(products)
    const before = new Map(Array.from(bundles, sku => [sku, this.#catalogue.product(sku) ?? null]))
    if (categories.size) this.#takeCategories(categories)
    await this.#takeAway([...returned].filter(sku => this.#catalogue.product(sku)))
    await this.#takeProducts(products, bundles, store)
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
  async set(products: readonly Product[], ids: readonly number[]): Promise<void> {
    const { settings, links, kinds } = this.#shop
    const catalogue = new Catalogue([], this.#categories, this.#shop.articles, links.numbers)
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
    this.#catalogue = catalogue
    this.#sold = sold
    this.#finder = finder
    this.#index = index
    this.#number(ids)
  }

  #noteLanguages({ name }: Product): void {
    for (const language in name) this.#languages.add(language)
  }

  /** Puts products into a catalogue, and bundles as they follow from their parts. */
  *#filling(catalogue: Catalogue, products: readonly Product[]): Generator<void, void> {
    for (const [position, product] of products.entries()) {
      catalogue.put([{ position, product }])
      this.#noteLanguages(product)
      if (position % inStep === 0) yield
    }
    for (const [position, product] of products.entries()) {
      if (!product.bundle) continue
      this.#bundles.set(product.sku, product)
      catalogue.put([{ position, product: bundleAsProduct(product, catalogue) }])
      yield
    }
  }

  #number(numbers: readonly number[]): void {
    this.#numbers = [...numbers]
    this.#positions = []
    for (const [position, number] of numbers.entries()) this.#positions[number] = position
  }

  #unnumber(gaps: Gaps): void {
    for (const position of gaps.positions) this.#positions[this.#numbers[position]!] = undefined
    gaps.close(this.#numbers)
    if (!gaps.areLast) for (const [position, number] of this.#numbers.entries()) this.#positions[number] = position
  }

  #takeCategories(changed: ReadonlyMap<string, Category | null>): void {
    const known = new Set(this.#categories.map(each => each.key))
    this.#categories = [
      ...this.#categories.flatMap(each => (changed.has(each.key) ? (changed.get(each.key) ?? []) : each)),
      ...([...changed.values()].filter(each => each !== null && !known.has(each.key)) as Category[]),
    ]
    this.#catalogue.setCategories(this.#categories)
  }

  /** Puts products in the places of those before, or new ones behind the others. */
  #put(products: readonly Product[]): void {
    const { postings } = this.#finder
    let size = this.#catalogue.products.length
    const placed = products.map((product): Placed => {
      const position = postings.positionOf(product.sku)
      if (position === undefined) return { product, position: size++ }
      return { product: withPartsOf(this.#catalogue.products[position]!, product), position }
    })
    for (const each of placed) postings.put(each, this.#catalogue.products[each.position] ?? null)
    this.#catalogue.put(placed)
    for (const { product } of placed) {
      this.#noteLanguages(product)
      this.#noteSold(product)
    }
    this.#finder.put(placed)
    this.#index.put(placed)
  }

  /** Puts products in the places of those before for what selection and prices read, and for nothing else. */
  #place(products: readonly Product[]): void {
    const { postings } = this.#finder
    const placed = products.map((product): Placed => ({ product, position: postings.positionOf(product.sku)! }))
    for (const each of placed) postings.put(each, this.#catalogue.products[each.position]!)
    this.#catalogue.put(placed)
    this.#index.put(placed)
  }

  /** Takes products away; those behind them move up. */
  #remove(skus: readonly string[]): void {
    const { products } = this.#catalogue
    const { postings } = this.#finder
    const gaps = new Gaps(
      skus.map(sku => postings.positionOf(sku)!),
      products.length,
    )
    this.#index.remove(gaps)
    this.#finder.remove(gaps)
    postings.remove(gaps, products)
    this.#catalogue.remove(gaps)
    for (const sku of skus) this.#sold.delete(sku)
    this.#unnumber(gaps)
  }

  /** Works out anew how often a product was sold. */
  #noteSold({ sku, variants }: Product): void {
    const units = [sku, ...variants.map(each => each.sku)].flatMap(each => this.#units.get(each) ?? [])
    if (units.length) this.#sold.set(sku, sum(units))
    else this.#sold.delete(sku)
  }

  async #takeAway(skus: readonly string[]): Promise<void> {
    for (const some of chunk(skus, movedAtOnce)) {
      this.#remove(some)
      await nextTurn()
    }
  }

  async #takeProducts(products: ReadonlyMap<string, Product | null>, bundles: ReadonlySet<string>, store: StoreReader): Promise<void> {
    const isKnown = (sku: string) => this.#catalogue.product(sku) !== undefined
    const changed = [...products].flatMap(([sku, product]) => (product && isKnown(sku) && !bundles.has(sku) ? product : []))
    const fresh = [...products.keys()].filter(sku => products.get(sku) && !isKnown(sku))
    const gone = [...products.keys()].filter(sku => !products.get(sku) && isKnown(sku))
    for (const some of chunk(changed, changedAtOnce)) {
      this.#put(some)
      await nextTurn()
    }
    // In the order of their numbers in the database: in this order they stand behind the others.
    for (const some of chunk(fresh.length ? await store.productNumbers(fresh) : [], movedAtOnce)) {
      for (const { number } of some) this.#positions[number] = this.#numbers.push(number) - 1
      this.#put(some.map(({ sku }) => products.get(sku)!))
      await nextTurn()
    }
    await this.#takeAway(gone)
    for (const sku of bundles) this.#put([bundleAsProduct(this.#bundles.get(sku)!, this.#catalogue)])
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
