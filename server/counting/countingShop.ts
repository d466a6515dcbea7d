import { bundleAsProduct } from '../../core/bundles/bundleProduct'
import type { Article, Category } from '../../core/catalogue/catalogue'
import { Catalogue } from '../../core/catalogue/catalogue'
import { allCount } from '../../core/catalogue/neighbours'
import type { Product } from '../../core/catalogue/product'
import { hasSameVariants } from '../../core/catalogue/product'
import { PutAside } from '../../core/checks/putAside'
import { proposedBundles } from '../../core/effects/proposedBundles'
import type { Proposal } from '../../core/effects/proposedShop'
import { Postings } from '../../core/productSearch/postings'
import type { CountedShop } from '../../core/journal/counting'
import { HeldStates } from '../../core/journal/states'
import type { Lane } from '../../core/links/lane'
import type { PackedKind } from '../../core/links/packedLinks'
import { PackedLinks } from '../../core/links/packedLinks'
import { inOfferOrder } from '../../core/offers/offered'
import type { PlanBook } from '../../core/pagePlans/planBook'
import { pageLinksRecord } from '../../core/records/lanes/laneRecords'
import { kindRecord } from '../../core/records/linkKinds/kindRecords'
import type { AllVersions } from '../../core/releases/draftedSorts'
import { bundleRecord } from '../../core/records/bundles/bundleRecord'
import { neighboursRecord } from '../../core/records/neighbours/neighboursRecord'
import { offerRecord } from '../../core/records/offers/offerRecord'
import { planRecord } from '../../core/records/pagePlans/planRecord'
import { putAsideRecord } from '../../core/records/putAside/putAsideRecord'
import type { Change } from '../../core/records/registry'
import { recordOf, records } from '../../core/records/registry'
import { sectionRecord } from '../../core/records/sections/sectionRecord'
import { switchedOffRecord } from '../../core/records/switchedOff/switchedOffRecord'
import { SelectionIndex } from '../../core/candidates/selectionIndex'
import type { Shop } from '../../core/selection/shop'
import { completed } from '../../core/steps'
import { textIn } from '../../core/text/text'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'
import { planBookOf, versionOf } from '../live/draftedShop'

/** All that selection needs of a shop, in a form that another thread can be handed. */
export interface CountingShopParts {
  language: string
  timeZone: string
  categories: readonly Category[]
  articles: readonly Article[]
  /** Of the copied records. */
  states: ReadonlyMap<string, unknown>
  products: readonly Product[]
  /** Units sold of a SKU by itself; none where there is no number. */
  units: Map<string, number>
  links: readonly PackedKind[]
}

/** The records whose states the counting thread has copies of. */
export const copiedRecords = records.filter(each => each.counting?.isCopied)

const none: ReadonlySet<string> = new Set()

/** A product with all that counting asks of it, and no more: of its names the one that lists are ordered by. */
export const countedProduct = (product: Product, language: string): Product => ({
  ...product,
  name: { [language]: textIn(product.name, language, language) },
  image: null,
  gtin: null,
})

/** The SKUs that a product is sold under. */
export const soldUnder = ({ sku, variants }: Product): string[] => [sku, ...variants.map(each => each.sku)]

/** A copy of the shop for counting, smaller than the live one and kept current by the same changes. */
export class CountingShop implements CountedShop {
  readonly live: Shop
  readonly draft: Shop
  readonly links: PackedLinks
  readonly putAside: PutAside
  /** What is drafted and published, of what decides what is shown. */
  readonly versions: Omit<AllVersions, 'looks'>
  readonly #states: HeldStates
  readonly #postings: Postings
  readonly #catalogue: Catalogue
  readonly #index: SelectionIndex
  /** Units sold by SKU. */
  readonly #units: Map<string, number>
  readonly #timeZone: string
  /** null: to be made when it is asked for. */
  #books: Record<'live' | 'draft', PlanBook | null> = { live: null, draft: null }

  constructor({ language, timeZone, categories, articles, states, products, units, links }: CountingShopParts) {
    this.#units = units
    this.#timeZone = timeZone
    this.#catalogue = new Catalogue(products, categories, articles)
    this.#postings = completed(Postings.building(products))
    this.#index = completed(
      SelectionIndex.building(
        products,
        {
          nameOf: product => textIn(product.name, language, language),
          sold: sku => this.#soldOf(sku),
          language,
        },
        this.#postings,
      ),
    )
    this.links = new PackedLinks(links, this.#catalogue, sku => this.#postings.positionOf(sku))
    this.#states = new HeldStates(states)
    this.putAside = new PutAside(this.#states.of(putAsideRecord))
    this.versions = {
      sections: this.#states.of(sectionRecord),
      plans: this.#states.of(planRecord),
      offers: this.#states.of(offerRecord),
      bundles: this.#states.of(bundleRecord),
    }
    this.live = this.#inVersion('live')
    this.draft = this.#inVersion('draft')
  }

  /** Now, where the shop is. */
  now(): Moment {
    return momentIn(this.#timeZone)
  }

  positionOf(sku: string): number | undefined {
    return this.#postings.positionOf(sku)
  }

  /** SKUs of the products that link to one, or to a variant of it. */
  skusLinkingTo(sku: string): string[] {
    return Array.from(this.links.sourcesOf(sku), position => this.#index.productAt(position).sku)
  }

  /** Takes over a change. Returns whether it could; otherwise a new copy is needed. */
  apply(change: Change): boolean {
    const record = recordOf(change)
    if (record.counting?.isCopied) record.apply?.(change, this.#states)
    return record.counting?.apply?.(change, this) ?? true
  }

  setLane(source: string, kind: string, lane: Lane): void {
    this.links.setLane(source, kind, lane)
  }

  setUnitsSold(sku: string, units: number): void {
    this.#units.set(sku, units)
    const product = this.#catalogue.item(sku)?.product
    if (product) this.#index.put([{ position: this.#postings.positionOf(product.sku)!, product }])
  }

  setArticle(key: string, names: readonly string[]): void {
    const article = this.#catalogue.article(key)
    if (article) this.#catalogue.setArticle({ ...article, products: [...names] })
  }

  plansChanged(): void {
    this.#books = { live: null, draft: null }
  }

  replaceProduct(sku: string, after: Product | null): boolean {
    const before = this.#catalogue.product(sku)
    if (!before || !after || !hasSameVariants(before, after)) return false
    const placed = { position: this.#postings.positionOf(sku)!, product: countedProduct(after, this.#index.facts.language) }
    this.#postings.put(placed, before)
    this.#catalogue.put([placed])
    this.#index.put([placed])
    return true
  }

  /** The bundles that shoppers have otherwise with a proposal, as they are kept then. When they are released follows from their parts. */
  bundlesIn(proposal: Proposal): Product[] {
    const kept = (sku: string) => this.#catalogue.product(sku)
    return proposedBundles(this.versions.bundles, proposal, kept).map(each => ({ ...each, released: null }))
  }

  /** Puts bundles in the places of those before. Returns these. */
  placeBundles(bundles: readonly Product[]): Product[] {
    const before = bundles.map(({ sku }) => this.#catalogue.product(sku)!)
    for (const each of bundles) this.replaceProduct(each.sku, bundleAsProduct(each, this.#catalogue))
    return before
  }

  /** Units sold of a product, its variants' among them. */
  #soldOf(sku: string): number {
    const product = this.#catalogue.product(sku)
    return product ? soldUnder(product).reduce((sum, each) => sum + (this.#units.get(each) ?? 0), 0) : 0
  }

  #inVersion(version: 'live' | 'draft'): Shop {
    const states = this.#states
    const [sections, plans, neighbours] = [states.of(sectionRecord), states.of(planRecord), states.of(neighboursRecord)]
    const [switchedOff, related, offers] = [states.of(switchedOffRecord), states.of(pageLinksRecord), states.of(offerRecord)]
    const book = () => (this.#books[version] ??= planBookOf(plans, version))
    return {
      catalogue: this.#catalogue,
      index: this.#index,
      links: this.links,
      kinds: states.of(kindRecord),
      get sections() {
        return versionOf(sections, version)
      },
      get plans() {
        return book()
      },
      get offers() {
        return inOfferOrder(versionOf(offers, version).values())
      },
      neighboursOf: sku => neighbours.get(sku) ?? allCount,
      relatedCategories: key => related.get(key) ?? [],
      switchedOff: sku => switchedOff.get(sku) ?? none,
    }
  }
}
