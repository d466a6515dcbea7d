import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Article, Category } from '../../core/catalogue/catalogue'
import { Catalogue } from '../../core/catalogue/catalogue'
import type { NeighbourSettings } from '../../core/catalogue/neighbours'
import { allCount } from '../../core/catalogue/neighbours'
import type { Product } from '../../core/catalogue/product'
import { hasSameVariants } from '../../core/catalogue/product'
import { bundleAsProduct } from '../../core/bundles/bundleProduct'
import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { PutAside } from '../../core/checks/putAside'
import type { Change, Changed, LaneChange, ProductChange, SwitchChange } from '../../core/commands/change'
import { DeliveredTexts } from '../../core/delivery/deliveredItem'
import { ProductFinder } from '../../core/finding/productFinder'
import type { LinkKind } from '../../core/links/kind'
import { kindsInUse } from '../../core/links/kind'
import type { Lane } from '../../core/links/lane'
import { targetsOf } from '../../core/links/lane'
import { LinkIndex } from '../../core/links/linkIndex'
import { pageOfSource } from '../../core/links/pageLanes'
import { countProblems } from '../../core/links/linkProblem'
import type { Look } from '../../core/looks/look'
import type { LookBook } from '../../core/looks/lookBook'
import type { Offer } from '../../core/offers/offer'
import { inOfferOrder } from '../../core/offers/offered'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { PlanBook } from '../../core/pagePlans/planBook'
import type { Schedule } from '../../core/releases/release'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { IndexFacts } from '../../core/selection/selectionIndex'
import { SelectionIndex } from '../../core/selection/selectionIndex'
import type { Shop } from '../../core/selection/shop'
import { textIn } from '../../core/text/text'
import { readArticles, readCategories, readRelatedCategories, readSettings, readUnitsSold } from '../db/catalogueStore'
import type { Database } from '../db/database'
import { readOffers } from '../db/offerStore'
import { readBrandMarks } from '../db/brandMarkStore'
import { readKinds } from '../db/kindStore'
import { readDismissed, readLanes } from '../db/linkStore'
import { readNeighbours } from '../db/neighbourStore'
import { readPutAside } from '../db/putAsideStore'
import { readSchedules } from '../db/releaseStore'
import type { AllDrafted } from '../db/sectionStore'
import { readDrafted } from '../db/sectionStore'
import { readSwitchedOff } from '../db/switchStore'
import { readProductIds, readProducts } from '../db/productStore'
import { DraftedShop, lookBookOf, planBookOf, versionOf } from './draftedShop'
import { inTurns } from './inTurns'

const none: ReadonlySet<string> = new Set()
const noKeys: readonly string[] = []

/** Up to so many changed products are replaced one by one; for more it is less work to work everything out anew. */
const mostInPlace = 500

/** The whole shop in memory: built from the database at start, kept current from the journal. */
export class LiveShop implements Shop {
  readonly settings: ShopSettings
  readonly texts: DeliveredTexts
  articles: readonly Article[]
  readonly kinds: ReadonlyMap<string, LinkKind>
  readonly links = new LinkIndex()
  /** Targets that are not to be suggested. */
  readonly dismissed = new LinkIndex()
  /** Sections, plans and looks as shoppers get them; `drafted` has them as they will be after publishing. */
  sections: ReadonlyMap<string, Section>
  plans: PlanBook
  looks: LookBook
  readonly drafted = new DraftedShop(this)
  readonly putAside: PutAside
  readonly sectionVersions: ReadonlyMap<string, Versions<Section>>
  /** What is to go live at a set time. */
  readonly schedules: Map<string, Schedule>
  /** Addresses of the pictures that brands are known by. */
  readonly brandMarks: Map<string, string>
  /** Together offers by their keys, and in the order in which they apply. */
  readonly offerMap: Map<string, Offer>
  offers: readonly Offer[]
  readonly planVersions: ReadonlyMap<string, Versions<PagePlan>>
  readonly lookVersions: ReadonlyMap<string, Versions<Look>>
  readonly #sections: Map<string, Versions<Section>>
  readonly #plans: Map<string, Versions<PagePlan>>
  readonly #looks: Map<string, Versions<Look>>
  readonly #kinds: Map<string, LinkKind>
  readonly #neighbours: Map<string, NeighbourSettings>
  readonly #switchedOff: Map<string, Set<string>>
  /** Keys of the categories chosen as related to one. */
  readonly #related: Map<string, readonly string[]>
  /** Units sold by SKU, as the orders have them. */
  readonly #units: readonly { sku: string, units: number }[]
  /** Bundles as they are kept, by SKU; the catalogue has them with what follows from their parts. */
  readonly #bundles = new Map<string, Product>()
  #categories: readonly Category[]
  // What follows from the products is made anew, all together, when a product changes.
  #catalogue!: Catalogue
  #sold!: Map<string, number>
  #finder!: ProductFinder
  #index!: SelectionIndex
  #positions!: Map<number, number>

  constructor(facts: {
    settings: ShopSettings, articles: readonly Article[], categories: readonly Category[], kinds: readonly LinkKind[],
    neighbours: Map<string, NeighbourSettings>, switchedOff: Map<string, Set<string>>, units: readonly { sku: string, units: number }[], related: Map<string, readonly string[]>, brandMarks: Map<string, string>, offers: Map<string, Offer>,
    schedules: Map<string, Schedule>, putAside: PutAside,
  } & AllDrafted) {
    this.settings = facts.settings
    this.texts = new DeliveredTexts(facts.settings, { item: sku => this.#catalogue.item(sku) })
    this.articles = facts.articles
    this.#categories = facts.categories
    this.kinds = this.#kinds = new Map(facts.kinds.map(each => [each.key, each]))
    this.#neighbours = facts.neighbours
    this.#switchedOff = facts.switchedOff
    this.#related = facts.related
    this.brandMarks = facts.brandMarks
    this.offerMap = facts.offers
    this.offers = inOfferOrder(facts.offers.values())
    this.putAside = facts.putAside
    this.schedules = facts.schedules
    this.#units = facts.units
    this.sectionVersions = this.#sections = facts.sections
    this.planVersions = this.#plans = facts.plans
    this.lookVersions = this.#looks = facts.looks
    this.sections = versionOf(this.#sections, 'live')
    this.plans = planBookOf(this.#plans, 'live')
    this.looks = lookBookOf(this.#looks, 'live')
    this.drafted.takeOver()
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

  /** What counts for the neighbours of a product. */
  neighboursOf(sku: string): NeighbourSettings {
    return this.#neighbours.get(sku) ?? allCount
  }

  relatedCategories(key: string): readonly string[] {
    return this.#related.get(key) ?? noKeys
  }

  /** The lane of an article or category; see links/pageLanes.ts. */
  pageLane(source: string): Lane {
    const { page, key } = pageOfSource(source)!
    const targets = page === 'article' ? this.#catalogue.article(key)?.products : this.#related.get(key)
    return targets?.map(target => ({ target })) ?? []
  }

  switchedOff(sku: string): ReadonlySet<string> {
    return this.#switchedOff.get(sku) ?? none
  }

  /** What counts for neighbours, of the products that say so. */
  get allNeighbours(): ReadonlyMap<string, NeighbourSettings> {
    return this.#neighbours
  }

  get allSwitchedOff(): ReadonlyMap<string, ReadonlySet<string>> {
    return this.#switchedOff
  }

  /** How a thing that a change is about is now. Products are in the database: their descriptions are not held here. */
  now({ of, source, kind }: Changed): Exclude<Change, ProductChange>['before'] {
    switch (of) {
      case 'links': return this.links.lane(source, kind)
      case 'dismissed': return this.dismissed.lane(source, kind)
      case 'pageLinks': return this.pageLane(source)
      case 'neighbours': return this.neighboursOf(source)
      case 'switchedOff': return this.switchedOff(source).has(kind)
      case 'putAside': return this.putAside.reasonOf(source, kind)
      case 'category': return this.#catalogue.category(kind) ?? null
      case 'section': return this.#sections.get(kind) ?? null
      case 'plan': return this.#plans.get(kind) ?? null
      case 'look': return this.#looks.get(kind) ?? null
      case 'brandMark': return this.brandMarks.get(kind) ?? null
      case 'offer': return this.offerMap.get(kind) ?? null
      case 'schedule': return this.schedules.get(kind) ?? null
      case 'kind': return this.#kinds.get(kind) ?? null
      case 'kindOrder': return [...this.#kinds.keys()]
      case 'product': throw new Error('A product is read from the database.')
    }
  }

  /**
   * Takes over what a journal entry changed.
   * @returns changes of the bundles whose parts it changed: their price and stock follow, and are kept nowhere
   */
  async apply(changes: readonly Change[], db: Database): Promise<ProductChange[]> {
    const products = new Map<string, Product | null>()
    const categories = new Map<string, Category | null>()
    for (const change of changes) {
      switch (change.of) {
        case 'links':
          this.links.setLane(change.source, change.kind, change.after)
          this.#finder.relinked(change.source)
          break
        case 'dismissed':
          this.dismissed.setLane(change.source, change.kind, change.after)
          break
        case 'pageLinks':
          this.#setPageLane(change)
          break
        case 'neighbours':
          if (change.after.ignored.length || change.after.leaveOut.length) this.#neighbours.set(change.source, change.after)
          else this.#neighbours.delete(change.source)
          break
        case 'switchedOff':
          this.#switch(change)
          break
        case 'putAside':
          this.putAside.take(change)
          break
        case 'product':
          products.set(change.source, change.after && { ...change.after, description: {} })
          break
        case 'section':
          setOrDelete(this.#sections, change.kind, change.after)
          break
        case 'plan':
          setOrDelete(this.#plans, change.kind, change.after)
          break
        case 'look':
          setOrDelete(this.#looks, change.kind, change.after)
          break
        case 'offer':
          setOrDelete(this.offerMap, change.kind, change.after)
          this.offers = inOfferOrder(this.offerMap.values())
          break
        case 'brandMark':
          setOrDelete(this.brandMarks, change.kind, change.after)
          break
        case 'schedule':
          setOrDelete(this.schedules, change.kind, change.after)
          break
        case 'category':
          categories.set(change.kind, change.after)
          break
        case 'kind':
          setOrDelete(this.#kinds, change.kind, change.after)
          break
        case 'kindOrder':
          this.#orderKinds(change.after)
      }
    }
    if (changes.some(change => change.of === 'section' || change.of === 'plan' || change.of === 'look')) {
      this.sections = versionOf(this.#sections, 'live')
      this.plans = planBookOf(this.#plans, 'live')
      this.looks = lookBookOf(this.#looks, 'live')
      this.drafted.takeOver()
    }
    const bundles = this.#bundlesAfter(products)
    const before = new Map(Array.from(bundles, sku => [sku, this.#catalogue.product(sku) ?? null]))
    if (products.size || categories.size) await this.#replaceProducts(products, categories, bundles, db)
    else if (changes.some(change => change.of === 'kind')) this.#finder.kindsChanged()
    return Array.from(bundles, (source): ProductChange => ({ of: 'product', source, kind: '', before: before.get(source)!, after: this.#catalogue.product(source) ?? null }))
  }

  /** Keeps bundles as they are after changes, and names those whose parts are among what changed, together with those that changed themselves. */
  #bundlesAfter(products: ReadonlyMap<string, Product | null>): ReadonlySet<string> {
    const skus = new Set<string>()
    for (const [sku, product] of products) {
      const before = this.#catalogue.product(sku)
      if (product?.bundle) this.#bundles.set(sku, product)
      else this.#bundles.delete(sku)
      if (product?.bundle) skus.add(sku)
      for (const each of new Set([before, product].flatMap(each => each ? this.#catalogue.bundlesWith(each) : []))) skus.add(each)
    }
    // One of them may be no bundle any more.
    return new Set([...skus].filter(sku => this.#bundles.has(sku)))
  }

  /**
   * Puts products in the place of those before, all at once, after having worked out in the meantime what follows from them.
   * @param ids numbers of the products in the database, in the same order
   */
  async setProducts(products: readonly Product[], ids: readonly number[], categories = this.#categories): Promise<void> {
    const { settings, links } = this
    const catalogue = new Catalogue(products, categories, this.articles)
    for (const [position, product] of products.entries()) {
      if (!product.bundle) continue
      this.#bundles.set(product.sku, product)
      catalogue.replace(position, bundleAsProduct(product, catalogue))
    }
    await nextTurn()
    const sold = new Map<string, number>()
    for (const { sku, units } of this.#units) {
      const product = catalogue.item(sku)?.product
      if (product) sold.set(product.sku, (sold.get(product.sku) ?? 0) + units)
    }
    const facts: IndexFacts = {
      nameOf: product => textIn(product.name, settings.language, settings.language),
      sold: sku => sold.get(sku) ?? 0,
    }
    const finder = await inTurns(ProductFinder.building(catalogue.products, {
      ...facts,
      categoriesFrom: key => catalogue.categoriesFrom(key),
      linkCount: (sku, kind) => links.lane(sku, kind).length,
      kinds: () => kindsInUse(this.#kinds).map(kind => kind.key),
      problemCount: sku => countProblems(sku, { catalogue, links, kinds: this.#kinds }, Date.now()),
    }))
    const index = await inTurns(SelectionIndex.building(catalogue.products, facts, finder.postings))
    const positions = new Map(ids.map((id, position) => [id, position]))
    this.#categories = categories
    this.#catalogue = catalogue
    this.#sold = sold
    this.#finder = finder
    this.#index = index
    this.#positions = positions
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
    const { postings } = this.#finder
    const position = postings.positionOf(product.sku) ?? this.#catalogue.products.length
    postings.replace(position, this.#catalogue.products[position] ?? null, product)
    this.#catalogue.replace(position, product)
    this.#finder.replace(position, product)
    this.#index.replace(position, product)
  }

  async #replaceProducts(products: ReadonlyMap<string, Product | null>, categories: ReadonlyMap<string, Category | null>, bundles: ReadonlySet<string>, db: Database): Promise<void> {
    if (!categories.size && products.size <= mostInPlace && this.#canBeTakenInPlace(products)) {
      const fresh = await this.#inOrderOfNumbers([...products.values()].filter(product => !this.#catalogue.product(product!.sku)) as Product[], db)
      for (const [sku, product] of products) {
        if (!this.#catalogue.product(sku) || bundles.has(sku)) continue
        this.#replaceInPlace(product!)
        await nextTurn()
      }
      for (const { id, sku } of fresh) {
        this.#replaceInPlace(products.get(sku)!)
        this.#positions.set(id, this.#catalogue.products.length - 1)
        await nextTurn()
      }
      for (const sku of bundles) this.#replaceInPlace(bundleAsProduct(this.#bundles.get(sku)!, this.#catalogue))
      return
    }
    const stored = await readProductIds(db)
    const known = new Set(this.#categories.map(each => each.key))
    await this.setProducts(
      stored.map(({ sku }) => products.get(sku) ?? this.#bundles.get(sku) ?? this.#catalogue.product(sku)!),
      stored.map(({ id }) => id),
      [...this.#categories.flatMap(each => categories.has(each.key) ? categories.get(each.key) ?? [] : each), ...[...categories.values()].filter(each => each !== null && !known.has(each.key)) as Category[]],
    )
  }

  /**
   * Notes what was sold of new products.
   * @returns their SKUs in the order of their numbers in the database: in this order they stand behind the others
   */
  async #inOrderOfNumbers(products: readonly Product[], db: Database): Promise<{ id: number, sku: string }[]> {
    if (!products.length) return []
    const ownerOf = new Map(products.flatMap(product => [product, ...product.variants].map(({ sku }) => [sku, product.sku] as const)))
    for (const { sku, units } of this.#units) {
      const owner = ownerOf.get(sku)
      if (owner !== undefined) this.#sold.set(owner, (this.#sold.get(owner) ?? 0) + units)
    }
    return readProductIds(db, products.map(product => product.sku))
  }

  #setPageLane({ source, after }: LaneChange): void {
    const { page, key } = pageOfSource(source)!
    const targets = targetsOf(after)
    if (page === 'article') {
      this.articles = this.articles.map(each => each.key === key ? { ...each, products: targets } : each)
      this.#catalogue.setArticle(this.articles.find(each => each.key === key)!)
    } else if (targets.length) this.#related.set(key, targets)
    else this.#related.delete(key)
  }

  #switch({ source, kind, after }: SwitchChange): void {
    const sections = this.#switchedOff.get(source) ?? new Set()
    if (after) sections.add(kind)
    else sections.delete(kind)
    if (sections.size) this.#switchedOff.set(source, sections)
    else this.#switchedOff.delete(source)
  }

  #orderKinds(order: readonly string[]): void {
    const inOrder = order.map(key => this.#kinds.get(key)!)
    this.#kinds.clear()
    for (const kind of inOrder) this.#kinds.set(kind.key, kind)
  }
}

function setOrDelete<T>(things: Map<string, T>, key: string, thing: T | null): void {
  if (thing) things.set(key, thing)
  else things.delete(key)
}

export async function loadLiveShop(db: Database): Promise<LiveShop> {
  const [settings, kinds, categories, articles, neighbours, switchedOff, units, drafted, schedules, putAside, related, brandMarks, offers] = await Promise.all(
    [readSettings(db), readKinds(db), readCategories(db), readArticles(db), readNeighbours(db), readSwitchedOff(db), readUnitsSold(db), readDrafted(db), readSchedules(db), readPutAside(db), readRelatedCategories(db), readBrandMarks(db), readOffers(db)])
  const shop = new LiveShop({ settings, kinds, categories, articles, neighbours, switchedOff, units, ...drafted, schedules, putAside, related, brandMarks, offers })

  const products: Product[] = []
  const ids: number[] = []
  const productSkus = new Map<number, string>()
  const variantSkus = new Map<number, string>()
  for await (const { id, product, variantIds } of readProducts(db)) {
    // Descriptions are read from the database when a page shows them; selection never does.
    products.push({ ...product, description: {} })
    ids.push(id)
    productSkus.set(id, product.sku)
    for (const [sku, variantId] of variantIds) variantSkus.set(variantId, sku)
  }
  const skuOf = { product: (id: number) => productSkus.get(id)!, variant: (id: number) => variantSkus.get(id)! }
  for await (const { source, kind, lane } of readLanes(db, skuOf)) shop.links.setLane(source, kind, lane)
  for (const { source, kind, target } of await readDismissed(db)) shop.dismissed.setLane(source, kind, [...shop.dismissed.lane(source, kind), { target }])
  await shop.setProducts(products, ids)
  return shop
}
