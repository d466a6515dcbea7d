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
interface Texts {
  products: WeakMap<Product, string>
  variants: WeakMap<Product, Map<string, string>>
}

/**
 * The JSON of delivered products and sections as byte texts, written once for each product, variant, section and language.
 * Products are never changed, only replaced. Languages are those of the shop: a few. A variant's text also says things of its product, and
 * so goes with that.
 */
export class DeliveredTexts {
  readonly settings: ShopSettings
  readonly #byLanguage = new Map<string, Texts>()
  readonly #looks = new WeakMap<LookBook, LookTexts>()
  readonly #plans = new WeakMap<PagePlan, Map<string, string>>()

  readonly #items: Items

  /** @param items where the parts of bundles are looked up: a bundle is replaced when one of them changes */
  constructor(settings: ShopSettings, items: Items) {
    this.settings = settings
    this.#items = items
  }

  /** The JSON of deliveredProduct without its closing brace, so that more members can follow. */
  of(item: CatalogueItem, language: string): string {
    const { product, variant } = item
    const texts = this.#textsIn(language)
    let text = variant ? texts.variants.get(product)?.get(variant.sku) : texts.products.get(product)
    if (text !== undefined) return text
    text = jsonBytes(deliveredProduct(item, this.settings, language, this.#items)).slice(0, -1)
    if (!variant) texts.products.set(product, text)
    else texts.variants.set(product, (texts.variants.get(product) ?? new Map<string, string>()).set(variant.sku, text))
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

  #textsIn(language: string): Texts {
    let texts = this.#byLanguage.get(language)
    if (!texts) this.#byLanguage.set(language, (texts = { products: new WeakMap(), variants: new WeakMap() }))
    return texts
  }
}
