import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Article, Category } from '../../core/catalogue/catalogue'
import type { Catalogue } from '../../core/catalogue/catalogue'
import type { NeighbourSettings } from '../../core/catalogue/neighbours'
import { allCount } from '../../core/catalogue/neighbours'
import type { Product } from '../../core/catalogue/product'
import type { ShopSettings } from '../../core/catalogue/shopSettings'
import type { PutAside } from '../../core/checks/putAside'
import type { Change, Changed, LaneChange, ProductChange, SwitchChange } from '../../core/commands/change'
import { DeliveredTexts } from '../../core/delivery/deliveredItem'
import type { ProductFinder } from '../../core/finding/productFinder'
import type { LinkKind } from '../../core/links/kind'
import type { Lane } from '../../core/links/lane'
import { targetsOf } from '../../core/links/lane'
import { LinkIndex } from '../../core/links/linkIndex'
import { pageOfSource } from '../../core/links/pageLanes'
import type { Look } from '../../core/looks/look'
import type { LookBook } from '../../core/looks/lookBook'
import type { Offer } from '../../core/offers/offer'
import { inOfferOrder } from '../../core/offers/offered'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { PlanBook } from '../../core/pagePlans/planBook'
import type { Schedule } from '../../core/releases/release'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import type { SelectionIndex } from '../../core/selection/selectionIndex'
import type { Shop } from '../../core/selection/shop'
import { lookUpLanguage } from '../../core/text/text'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'
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
import { readProducts } from '../db/productStore'
import { DraftedShop, lookBookOf, planBookOf, versionOf } from './draftedShop'
import { inTurns } from './inTurns'
import { LiveProducts } from './liveProducts'

const none: ReadonlySet<string> = new Set()
const noKeys: readonly string[] = []
/** Changes that are taken over before other work gets a turn. */
const changesInTurn = 50

/** The whole shop in memory: built from the database at start, kept current from the journal. */
export class LiveShop implements Shop {
  readonly settings: ShopSettings
  readonly texts: DeliveredTexts
  articles: readonly Article[]
  kinds: ReadonlyMap<string, LinkKind>
  links = new LinkIndex()
  /** Targets that are not to be suggested. */
  dismissed = new LinkIndex()
  /** Sections, plans and looks as shoppers get them; `drafted` has them as they will be after publishing. */
  sections: ReadonlyMap<string, Section>
  plans: PlanBook
  looks: LookBook
  readonly drafted = new DraftedShop(this)
  putAside: PutAside
  sectionVersions: ReadonlyMap<string, Versions<Section>>
  /** What is to go live at a set time. */
  schedules: Map<string, Schedule>
  /** Addresses of the pictures that brands are known by. */
  brandMarks: Map<string, string>
  /** Together offers by their keys, and in the order in which they apply. */
  offerMap: Map<string, Offer>
  offers: readonly Offer[]
  planVersions: ReadonlyMap<string, Versions<PagePlan>>
  lookVersions: ReadonlyMap<string, Versions<Look>>
  #sections: Map<string, Versions<Section>>
  #plans: Map<string, Versions<PagePlan>>
  #looks: Map<string, Versions<Look>>
  #kinds: Map<string, LinkKind>
  #neighbours: Map<string, NeighbourSettings>
  #switchedOff: Map<string, Set<string>>
  /** Keys of the categories chosen as related to one. */
  #related: Map<string, readonly string[]>
  #products: LiveProducts

  constructor(facts: {
    settings: ShopSettings, articles: readonly Article[], categories: readonly Category[], kinds: readonly LinkKind[],
    neighbours: Map<string, NeighbourSettings>, switchedOff: Map<string, Set<string>>, units: Map<string, number>, related: Map<string, readonly string[]>, brandMarks: Map<string, string>, offers: Map<string, Offer>,
    schedules: Map<string, Schedule>, putAside: PutAside,
  } & AllDrafted) {
    this.settings = facts.settings
    this.texts = new DeliveredTexts(facts.settings, { item: sku => this.catalogue.item(sku) })
    this.articles = facts.articles
    this.kinds = this.#kinds = new Map(facts.kinds.map(each => [each.key, each]))
    this.#neighbours = facts.neighbours
    this.#switchedOff = facts.switchedOff
    this.#related = facts.related
    this.brandMarks = facts.brandMarks
    this.offerMap = facts.offers
    this.offers = inOfferOrder(facts.offers.values())
    this.putAside = facts.putAside
    this.schedules = facts.schedules
    this.sectionVersions = this.#sections = facts.sections
    this.planVersions = this.#plans = facts.plans
    this.lookVersions = this.#looks = facts.looks
    this.sections = versionOf(this.#sections, 'live')
    this.plans = planBookOf(this.#plans, 'live')
    this.looks = lookBookOf(this.#looks, 'live')
    this.#products = new LiveProducts(this, facts.categories, facts.units)
    this.drafted.takeOver()
  }

  /** Takes over everything of a shop that was built anew from the same database. */
  become(fresh: LiveShop): void {
    this.articles = fresh.articles
    this.kinds = this.#kinds = fresh.#kinds
    this.links = fresh.links
    this.dismissed = fresh.dismissed
    this.#neighbours = fresh.#neighbours
    this.#switchedOff = fresh.#switchedOff
    this.#related = fresh.#related
    this.brandMarks = fresh.brandMarks
    this.offerMap = fresh.offerMap
    this.offers = fresh.offers
    this.putAside = fresh.putAside
    this.schedules = fresh.schedules
    this.sectionVersions = this.#sections = fresh.#sections
    this.planVersions = this.#plans = fresh.#plans
    this.lookVersions = this.#looks = fresh.#looks
    this.sections = fresh.sections
    this.plans = fresh.plans
    this.looks = fresh.looks
    this.#products = fresh.#products.in(this)
    this.drafted.takeOver()
  }

  get categories(): readonly Category[] {
    return this.#products.categories
  }

  get catalogue(): Catalogue {
    return this.#products.catalogue
  }

  /** Units sold by product, its variants' among them. */
  get sold(): ReadonlyMap<string, number> {
    return this.#products.sold
  }

  /** The language to tell things in: the nearest that the shop has to what is asked for, or its own. */
  languageFor(asked: string | undefined): string {
    const { language } = this.settings
    return asked === undefined ? language : lookUpLanguage(asked, this.#products.languages, language)
  }

  /** Now, where the shop is. */
  now(): Moment {
    return momentIn(this.settings.timeZone)
  }

  /** A moment in ISO 8601, where the shop is; left out: now. */
  momentAt(at: string | undefined): Moment {
    return at === undefined ? this.now() : momentIn(this.settings.timeZone, Date.parse(at))
  }

  /** Units sold of a product, variant or bundle by its own SKU. */
  unitsSold(sku: string): number {
    return this.#products.unitsSold(sku)
  }

  get finder(): ProductFinder {
    return this.#products.finder
  }

  get index(): SelectionIndex {
    return this.#products.index
  }

  /** Where in the catalogue the product with this number in the database stands; undefined: it is written, and not taken over yet. */
  positionOf(id: number): number | undefined {
    return this.#products.positionOf(id)
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
    const targets = page === 'article' ? this.catalogue.article(key)?.products : this.#related.get(key)
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
  stateOf({ of, source, kind }: Changed): Exclude<Change, ProductChange>['before'] {
    switch (of) {
      case 'links': return this.links.lane(source, kind)
      case 'dismissed': return this.dismissed.lane(source, kind)
      case 'pageLinks': return this.pageLane(source)
      case 'neighbours': return this.neighboursOf(source)
      case 'switchedOff': return this.switchedOff(source).has(kind)
      case 'putAside': return this.putAside.reasonOf(source, kind)
      case 'category': return this.catalogue.category(kind) ?? null
      case 'section': return this.#sections.get(kind) ?? null
      case 'plan': return this.#plans.get(kind) ?? null
      case 'look': return this.#looks.get(kind) ?? null
      case 'brandMark': return this.brandMarks.get(kind) ?? null
      case 'offer': return this.offerMap.get(kind) ?? null
      case 'schedule': return this.schedules.get(kind) ?? null
      case 'kind': return this.#kinds.get(kind) ?? null
      case 'kindOrder': return [...this.#kinds.keys()]
      case 'sold': return this.unitsSold(source)
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
    const sold = new Map<string, number>()
    let taken = 0
    for (const change of changes) {
      if (++taken % changesInTurn === 0) await nextTurn()
      switch (change.of) {
        case 'links':
          this.links.setLane(change.source, change.kind, change.after)
          this.finder.relinked(change.source)
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
        case 'sold':
          sold.set(change.source, change.after)
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
    if (changes.some(change => change.of === 'kind')) this.finder.kindsChanged()
    this.#products.takeSold(sold)
    const following = products.size || categories.size ? await this.#products.take(products, categories, db) : []
    await inTurns(this.finder.recounting())
    return following
  }

  /** Puts products in the place of those before; see LiveProducts. */
  setProducts(products: readonly Product[], ids: readonly number[]): Promise<void> {
    return this.#products.set(products, ids)
  }

  #setPageLane({ source, after }: LaneChange): void {
    const { page, key } = pageOfSource(source)!
    const targets = targetsOf(after)
    if (page === 'article') {
      this.articles = this.articles.map(each => each.key === key ? { ...each, products: targets } : each)
      this.catalogue.setArticle(this.articles.find(each => each.key === key)!)
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
