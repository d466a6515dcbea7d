import { setTimeout } from 'node:timers/promises'
import type { Article, Catalogue, Category } from '../../core/catalogue/catalogue'
import type { NeighbourSettings } from '../../core/catalogue/neighbours'
import { allCount } from '../../core/catalogue/neighbours'
import type { Product } from '../../core/catalogue/product'
import type { ShopSettings } from '../../core/catalogue/shopSettings'
import { PutAside } from '../../core/checks/putAside'
import { DeliveredTexts } from '../../core/delivery/deliveredTexts'
import type { ProductFinder } from '../../core/productSearch/productFinder'
import { pageLaneOf } from '../../core/journal/commandContext'
import type { LiveEffects } from '../../core/journal/record'
import type { ShopView } from '../../core/journal/shopView'
import type { HeldStates } from '../../core/journal/states'
import type { Proposal } from '../../core/effects/proposedShop'
import { proposedBundles } from '../../core/effects/proposedBundles'
import type { LinkKind } from '../../core/links/kind'
import type { Lane } from '../../core/links/lane'
import type { LinkIndex } from '../../core/links/linkIndex'
import type { LookBook } from '../../core/looks/lookBook'
import type { Offer } from '../../core/offers/offer'
import { inOfferOrder } from '../../core/offers/offered'
import type { PlanBook } from '../../core/pagePlans/planBook'
import { brandMarkRecord } from '../../core/records/brandMarks/brandMarkRecord'
import { dismissedRecord, linksRecord, pageLinksRecord } from '../../core/records/lanes/laneRecords'
import { kindRecord } from '../../core/records/linkKinds/kindRecords'
import { neighboursRecord } from '../../core/records/neighbours/neighboursRecord'
import type { ProductChange } from '../../core/records/products/productRecord'
import { putAsideRecord } from '../../core/records/putAside/putAsideRecord'
import type { Change } from '../../core/records/registry'
import { recordOf } from '../../core/records/registry'
import { scheduleRecord } from '../../core/records/releases/scheduleRecord'
import { settingRecord } from '../../core/records/settings/settingRecord'
import { withSettings } from '../../core/records/settings/settings'
import { switchedOffRecord } from '../../core/records/switchedOff/switchedOffRecord'
import type { AllVersions } from '../../core/releases/draftedSorts'
import { draftedSorts, forEachSort } from '../../core/releases/draftedSorts'
import type { Schedule } from '../../core/releases/release'
import type { Section } from '../../core/sections/section'
import type { SelectionIndex } from '../../core/candidates/selectionIndex'
import type { Shop } from '../../core/selection/shop'
import { lookUpLanguage } from '../../core/text/text'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'
import { log } from '../log'
import type { StoreReader } from '../store/port'
import { DraftedShop, lookBookOf, planBookOf, versionOf } from './draftedShop'
import { pausing, runInSteps } from './runInSteps'
import { LiveProducts } from './liveProducts'

const none: ReadonlySet<string> = new Set()
const noKeys: readonly string[] = []
/** Of up to so many products it is counted at once which links have a problem. */
const fewStale = 500
/** Milliseconds between two counts of more. */
const recountingPause = 5000

/** What the live shop is made of: what is held by record, and the facts that the catalogue is made of. */
export interface LiveShopParts {
  settings: ShopSettings
  states: HeldStates
  articles: readonly Article[]
  categories: readonly Category[]
  /** Units sold by SKU. */
  units: Map<string, number>
  /** Number of the last write that is in all this. */
  followed: number
}

/** The whole shop in memory: built from the database at start, kept current by the changes. */
export class LiveShop implements Shop, ShopView {
  /** Number of the last write that it has taken over. */
  followed: number
  settings!: ShopSettings
  /** As the shop brought them along. */
  readonly #ownSettings: ShopSettings
  texts!: DeliveredTexts
  articles: readonly Article[]
  states!: HeldStates
  links!: LinkIndex
  /** Targets that are not to be suggested. */
  dismissed!: LinkIndex
  kinds!: ReadonlyMap<string, LinkKind>
  versions!: AllVersions
  /** What is drafted and published, as shoppers get it; `drafted` has it as it will be after publishing. */
  sections!: ReadonlyMap<string, Section>
  plans!: PlanBook
  looks!: LookBook
  /** Together offers in the order in which they apply. */
  offers!: readonly Offer[]
  readonly drafted = new DraftedShop(this)
  putAside!: PutAside
  /** What is to go live at a set time. */
  schedules!: ReadonlyMap<string, Schedule>
  /** Addresses of the pictures that brands are known by. */
  brandMarks!: ReadonlyMap<string, string>
  /** What counts for neighbours, of the products that say so. */
  allNeighbours!: ReadonlyMap<string, NeighbourSettings>
  allSwitchedOff!: ReadonlyMap<string, ReadonlySet<string>>
  /** Keys of the categories chosen as related to one. */
  #related!: ReadonlyMap<string, readonly string[]>
  #products: LiveProducts
  /** It will soon be counted which links have a problem. */
  #isRecounting = false

  constructor({ settings, states, articles, categories, units, followed }: LiveShopParts) {
    this.followed = followed
    this.#ownSettings = settings
    this.articles = articles
    this.#hold(states)
    this.#products = new LiveProducts(this, categories, units)
  }

  /** Takes over everything of a shop that was built anew from the same database. */
  become(fresh: LiveShop): void {
    this.followed = fresh.followed
    this.articles = fresh.articles
    this.#hold(fresh.states)
    this.#products = fresh.#products.in(this)
  }

  #hold(states: HeldStates): void {
    this.states = states
    this.links = states.of(linksRecord)
    this.dismissed = states.of(dismissedRecord)
    this.kinds = states.of(kindRecord)
    this.versions = forEachSort(sort => states.of(recordOf({ of: draftedSorts[sort].of }))) as AllVersions
    this.putAside = new PutAside(states.of(putAsideRecord))
    this.schedules = states.of(scheduleRecord)
    this.brandMarks = states.of(brandMarkRecord)
    this.allNeighbours = states.of(neighboursRecord)
    this.allSwitchedOff = states.of(switchedOffRecord)
    this.#related = states.of(pageLinksRecord)
    this.#takeVersions()
    this.#takeSettings()
  }

  /** Has what is live and drafted as it is now. */
  #takeVersions(): void {
    this.sections = versionOf(this.versions.sections, 'live')
    this.plans = planBookOf(this.versions.plans, 'live')
    this.looks = lookBookOf(this.versions.looks, 'live')
    this.offers = inOfferOrder(versionOf(this.versions.offers, 'live').values())
    this.drafted.refresh()
  }

  #takeSettings(): void {
    this.settings = withSettings(this.#ownSettings, this.states.of(settingRecord))
    // What is written for shoppers follows from the settings.
    this.texts = this.#newTexts()
  }

  #newTexts = () => new DeliveredTexts(this.settings, { item: sku => this.catalogue.item(sku) })

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

  /** The product that a bundle is kept as, without what follows from its parts, and without its description. */
  keptBundle(sku: string): Product | undefined {
    return this.#products.keptBundle(sku)
  }

  /** Works something out, at once, as if bundles were as they are proposed. */
  asProposed<Result>(proposal: Proposal, work: () => Result): Result {
    const bundles = proposedBundles(this.versions.bundles, proposal, sku => this.keptBundle(sku))
    return this.#products.asIf(bundles, work)
  }

  /** Works something out, at once, of the shop with all that is drafted as it will be after publishing. */
  asDrafted<Result>(work: (shop: DraftedShop) => Result): Result {
    return this.asProposed({ publish: { bundles: [...this.versions.bundles.keys()] } }, () => work(this.drafted))
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

  hasBrand(brand: string): boolean {
    return this.finder.postings.of('brand', brand).length > 0
  }

  /** What counts for the neighbours of a product. */
  neighboursOf(sku: string): NeighbourSettings {
    return this.allNeighbours.get(sku) ?? allCount
  }

  relatedCategories(key: string): readonly string[] {
    return this.#related.get(key) ?? noKeys
  }

  /** The lane of an article or category; see links/pageLanes.ts. */
  pageLane(source: string): Lane {
    return pageLaneOf(source, this)
  }

  switchedOff(sku: string): ReadonlySet<string> {
    return this.allSwitchedOff.get(sku) ?? none
  }

  /**
   * Takes over changes.
   * @returns changes of the bundles whose parts they changed: their price and stock follow, and are kept nowhere
   */
  async apply(changes: readonly Change[], store: StoreReader): Promise<ProductChange[]> {
    const products = new Map<string, Product | null>()
    /** What went and came again stands where it is new. */
    const returned = new Set<string>()
    const categories = new Map<string, Category | null>()
    const sold = new Map<string, number>()
    const stale = { kinds: false, versions: false, settings: false }
    const effects: LiveEffects = {
      relinked: source => this.finder.relinked(source),
      kindsChanged: () => (stale.kinds = true),
      versionsChanged: () => (stale.versions = true),
      settingsChanged: () => (stale.settings = true),
      articleNames: (key, names) => this.#setArticle(key, names),
      product: (sku, after) => {
        if (after && products.get(sku) === null) returned.add(sku)
        products.set(sku, after && { ...after, description: {} })
      },
      category: (key, after) => categories.set(key, after),
      unitsSold: (sku, units) => sold.set(sku, units),
    }
    const pause = pausing()
    for (const change of changes) {
      const record = recordOf(change)
      record.apply?.(change, this.states)
      record.live?.(change, effects)
      await pause()
    }
    if (stale.versions) this.#takeVersions()
    if (stale.settings) this.#takeSettings()
    if (stale.kinds || stale.settings) this.finder.kindsChanged()
    this.#products.takeSold(sold)
    const following = products.size || categories.size ? await this.#products.apply({ products, returned, categories }, store) : []
    await this.#recount()
    return following
  }

  /** Counts links with a problem anew; where changes follow each other, as those of a file do, once in a while and beside them. */
  async #recount(): Promise<void> {
    await runInSteps(this.finder.recountingLinks())
    if (this.finder.stale <= fewStale) return runInSteps(this.finder.recountingProblems())
    if (this.#isRecounting) return
    this.#isRecounting = true
    const later = async () => {
      await setTimeout(recountingPause, null, { ref: false })
      this.#isRecounting = false
      await runInSteps(this.finder.recountingProblems())
    }
    later().catch((error: unknown) => log.error(error, 'Links with a problem could not be counted.'))
  }

  /** Changes of the bundles whose parts are among changes that were taken over earlier. */
  bundlesFollowing(changes: readonly Change[]): ProductChange[] {
    return this.#products.bundlesWith(changes.filter(change => change.of === 'product').map(change => change.owner))
  }

  /** Puts products in the place of those before; see LiveProducts. */
  setProducts(products: readonly Product[], ids: readonly number[]): Promise<void> {
    return this.#products.set(products, ids)
  }

  #setArticle(key: string, products: readonly string[]): void {
    this.articles = this.articles.map(each => (each.key === key ? { ...each, products: [...products] } : each))
    this.catalogue.setArticle(this.articles.find(each => each.key === key)!)
  }
}
