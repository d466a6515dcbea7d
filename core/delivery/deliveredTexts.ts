import type { Items } from '../bundles/bundleParts'
import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { LookBook } from '../looks/lookBook'
import type { Section } from '../sections/section'
import { jsonBytes } from '../text/byteText'
import { textIn } from '../text/text'
import type { PagePlan } from '../pagePlans/pagePlan'
import { deliveredProduct } from './deliveredItem'
import { deliveredPlan } from './pageParts'
import { RecentTexts } from './recentTexts'

/** What is the same of a section on all pages, as bytes of JSON. */
export interface SectionText {
  /** From its key to its heading; without that, when it is filled from what the page is about. */
  heading: string
  headingIsFilled: boolean
  /** Whether where it leads on to, or the mark beside its heading, is of what the page is about. */
  leadsOn: boolean
  /** Layout, display, style and buttons, as members of an object, to where its products begin. */
  look: string
  /** Why a product is shown, as the last members of its object, by fill step: of one that others follow, and of the last. */
  why: readonly string[]
  whyLast: readonly string[]
}

interface LookTexts {
  house: string
  sections: WeakMap<Section, Map<string, SectionText>>
}

/**
 * The JSON of delivered products and sections as byte texts, written once for each section and language, and once for each product and
 * variant that was asked for lately. Products are never changed, only replaced. A variant's text also says things of its product, and so
 * goes with that.
 */
export class DeliveredTexts {
  readonly settings: ShopSettings
  readonly #products: RecentTexts<Product>
  readonly #looks = new WeakMap<LookBook, LookTexts>()
  readonly #plans = new WeakMap<PagePlan, Map<string, string>>()

  readonly #items: Items

  /**
   * @param items where the parts of bundles are looked up: a bundle is replaced when one of them changes
   * @param room characters of products that are kept at most: all of a large shop would take more memory than they save time
   */
  constructor(settings: ShopSettings, items: Items, room = 24_000_000) {
    this.settings = settings
    this.#items = items
    this.#products = new RecentTexts(room)
  }

  /** The JSON of deliveredProduct without its closing brace, so that more members can follow. */
  of(item: CatalogueItem, language: string): string {
    const { product, variant } = item
    const part = variant && variant.sku
    let text = this.#products.get(product, part, language)
    if (text !== undefined) return text
    text = jsonBytes(deliveredProduct(item, this.settings, language, this.#items)).slice(0, -1)
    this.#products.set(product, part, language, text)
    return text
  }

  /**
   * What is the same of a section on many pages, written once. Sections and looks, too, are only replaced.
   * @param name names what it depends on besides the section
   */
  section(book: LookBook, section: Section, name: string, write: () => SectionText): SectionText {
    const { sections } = this.#looksIn(book)
    let texts = sections.get(section)
    if (!texts) sections.set(section, (texts = new Map()))
    let text = texts.get(name)
    if (text === undefined) texts.set(name, (text = write()))
    return text
  }

  /** The JSON of what is said of a page's plan. */
  plan(plan: PagePlan, language: string): string {
    let texts = this.#plans.get(plan)
    if (!texts) this.#plans.set(plan, (texts = new Map()))
    let text = texts.get(language)
    if (text === undefined) {
      text = jsonBytes(deliveredPlan(plan, each => textIn(each, language, this.settings.language)))
      texts.set(language, text)
    }
    return text
  }

  /** The JSON of the shop's own look. */
  houseStyle(book: LookBook): string {
    return this.#looksIn(book).house
  }

  #looksIn(book: LookBook): LookTexts {
    let texts = this.#looks.get(book)
    if (!texts) this.#looks.set(book, (texts = { house: jsonBytes(book.houseStyle), sections: new WeakMap() }))
    return texts
  }
}
