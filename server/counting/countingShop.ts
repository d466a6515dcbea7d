import type { Category } from '../../core/catalogue/catalogue'
import { Catalogue } from '../../core/catalogue/catalogue'
import type { NeighbourSettings } from '../../core/catalogue/neighbours'
import { allCount } from '../../core/catalogue/neighbours'
import type { Product } from '../../core/catalogue/product'
import { hasSameVariants } from '../../core/catalogue/product'
import { PutAside } from '../../core/checks/putAside'
import type { Change, SoldChange } from '../../core/commands/change'
import { Postings } from '../../core/finding/postings'
import type { LinkKind } from '../../core/links/kind'
import type { PackedKind } from '../../core/links/packedLinks'
import { PackedLinks } from '../../core/links/packedLinks'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import type { PlanBook } from '../../core/pagePlans/planBook'
import type { Section } from '../../core/sections/section'
import type { Versions } from '../../core/sections/versions'
import { SelectionIndex } from '../../core/selection/selectionIndex'
import type { Shop } from '../../core/selection/shop'
import { completed } from '../../core/steps'
import { textIn } from '../../core/text/text'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'
import { planBookOf, versionOf } from '../engine/draftedShop'

/** All that selection needs of a shop, in a form that another thread can be handed. */
export interface CountingShopParts {
  language: string
  timeZone: string
  categories: readonly Category[]
  kinds: readonly LinkKind[]
  neighbours: ReadonlyMap<string, NeighbourSettings>
  switchedOff: ReadonlyMap<string, ReadonlySet<string>>
  putAside: ReadonlyMap<string, ReadonlyMap<string, string>>
  sections: ReadonlyMap<string, Versions<Section>>
  plans: ReadonlyMap<string, Versions<PagePlan>>
  products: readonly Product[]
  /** Units sold of a SKU by itself. */
  units: readonly (readonly [sku: string, units: number])[]
  links: readonly PackedKind[]
}

const none: ReadonlySet<string> = new Set()

/** A copy of the shop for counting, smaller than the live one and kept current by the same changes. */
export class CountingShop {
  readonly live: Shop
  readonly draft: Shop
  readonly links: PackedLinks
  readonly putAside: PutAside
  readonly #postings: Postings
  readonly #catalogue: Catalogue
  readonly #index: SelectionIndex
  /** Units sold by SKU. */
  readonly #units: Map<string, number>
  readonly #timeZone: string
  readonly #kinds: Map<string, LinkKind>
  readonly #neighbours: Map<string, NeighbourSettings>
  readonly #switchedOff: Map<string, Set<string>>
  readonly #sections: Map<string, Versions<Section>>
  readonly #plans: Map<string, Versions<PagePlan>>
  /** null: to be made when it is asked for. */
  #books: Record<'live' | 'draft', PlanBook | null> = { live: null, draft: null }

  constructor({ language, timeZone, categories, kinds, neighbours, switchedOff, putAside, sections, plans, products, units, links }: CountingShopParts) {
    this.#units = new Map(units)
    this.#timeZone = timeZone
    this.#catalogue = new Catalogue(products, categories, [])
    this.#postings = completed(Postings.building(products))
    this.#index = completed(SelectionIndex.building(products, {
      nameOf: product => textIn(product.name, language, language), sold: sku => this.#soldOf(sku), language,
    }, this.#postings))
    this.links = new PackedLinks(links, this.#catalogue, sku => this.#postings.positionOf(sku))
    this.#kinds = new Map(kinds.map(each => [each.key, each]))
    this.#neighbours = new Map(neighbours)
    this.#switchedOff = new Map([...switchedOff].map(([sku, keys]) => [sku, new Set(keys)]))
    this.putAside = new PutAside(putAside)
    this.#sections = new Map(sections)
    this.#plans = new Map(plans)
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

  /** Takes over a change. Returns whether it could: products and categories that come or go need a new copy. */
  take(change: Change): boolean {
    switch (change.of) {
      case 'links':
        this.links.setLane(change.source, change.kind, change.after)
        return true
      case 'neighbours':
        this.#neighbours.set(change.source, change.after)
        return true
      case 'switchedOff': {
        const keys = this.#switchedOff.get(change.source) ?? new Set()
        if (change.after) keys.add(change.kind)
        else keys.delete(change.kind)
        this.#switchedOff.set(change.source, keys)
        return true
      }
      case 'putAside':
        this.putAside.take(change)
        return true
      case 'kind':
        if (change.after) this.#kinds.set(change.kind, change.after)
        else this.#kinds.delete(change.kind)
        return true
      case 'section':
        return takeVersions(this.#sections, change.kind, change.after)
      case 'plan':
        this.#books = { live: null, draft: null }
        return takeVersions(this.#plans, change.kind, change.after)
      case 'product': return this.#replace(change.source, change.after)
      case 'sold': return this.#takeSold(change)
      case 'category': return false
      case 'dismissed': case 'pageLinks': case 'kindOrder': case 'look': case 'brandMark': case 'offer': case 'schedule': return true
    }
  }

  #takeSold({ source, after }: SoldChange): true {
    this.#units.set(source, after)
    const product = this.#catalogue.item(source)?.product
    if (product) this.#index.replace(this.#postings.positionOf(product.sku)!, product)
    return true
  }

  /** Units sold of a product, its variants' among them. */
  #soldOf(sku: string): number {
    const product = this.#catalogue.product(sku)
    return product ? [product, ...product.variants].reduce((sum, each) => sum + (this.#units.get(each.sku) ?? 0), 0) : 0
  }

  #replace(sku: string, after: Product | null): boolean {
    const before = this.#catalogue.product(sku)
    if (!before || !after || !hasSameVariants(before, after)) return false
    const position = this.#postings.positionOf(sku)!
    this.#postings.replace(position, before, after)
    this.#catalogue.replace(position, after)
    this.#index.replace(position, after)
    return true
  }

  #inVersion(version: 'live' | 'draft'): Shop {
    const { links } = this
    const book = () => this.#books[version] ??= planBookOf(this.#plans, version)
    const [catalogue, index, kinds, neighbours, switchedOff, sections] =
      [this.#catalogue, this.#index, this.#kinds, this.#neighbours, this.#switchedOff, this.#sections] as const
    return {
      catalogue, index, links, kinds,
      get sections() {
        return versionOf(sections, version)
      },
      get plans() {
        return book()
      },
      neighboursOf: sku => neighbours.get(sku) ?? allCount,
      // Pages of categories are not counted.
      relatedCategories: () => [],
      switchedOff: sku => switchedOff.get(sku) ?? none,
    }
  }
}

function takeVersions<T>(things: Map<string, Versions<T>>, key: string, after: Versions<T> | null): true {
  if (after) things.set(key, after)
  else things.delete(key)
  return true
}
