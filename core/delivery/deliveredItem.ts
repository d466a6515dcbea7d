import type { Bundle } from '../catalogue/bundle'
import type { Items } from '../bundles/bundleParts'
import { needsChoices } from '../bundles/bundleParts'
import { bundleRange } from '../bundles/bundlePrice'
import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { imageOf, priceOf, stockOf, wasOf } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { LookBook } from '../looks/lookBook'
import type { Section } from '../sections/section'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DeliveredItem } from './contract/pages'

/** What a shop gets of a product wherever it is shown; why it is shown comes on top. */
export type DeliveredProduct = Omit<DeliveredItem, 'step' | 'reason' | 'kind'>

// Written out field by field: this runs for every product of every page, and copying objects into each other costs several times as much.
export function deliveredProduct(item: CatalogueItem, settings: ShopSettings, language: string, items: Items): DeliveredProduct {
  const { product, variant } = item
  const delivered: DeliveredProduct = {
    sku: product.sku,
    variant: variant === null ? null : variant.sku,
    name: itemName(item, text => textIn(text, language, settings.language)),
    url: itemUrl(item, settings),
    image: imageOf(product, variant),
    // What has no price is never shown.
    price: priceOf(product, variant)!,
    was: wasOf(product, variant),
    currency: settings.currency,
    inStock: stockOf(product, variant) > 0,
    hasOptions: hasOptions(item, items),
    brand: product.brand,
    stock: stockOf(product, variant),
  }
  if (product.bundle) delivered.bundle = { type: product.bundle.type, isFrom: isPriceFrom(product.bundle, items) }
  return delivered
}

/** Whether the shopper has to choose a variant, or the parts of a bundle, before buying. */
export const hasOptions = ({ product, variant }: CatalogueItem, items: Items) =>
  variant === null && (product.variants.length > 0 || (product.bundle !== null && needsChoices(product.bundle, items)))

/** Whether some choices of a bundle cost more than others. */
export function isPriceFrom(bundle: Bundle, items: Items): boolean {
  const range = bundleRange(bundle, items)
  return range !== null && range.from.price < range.to.price
}

/** “Bee gloves”, or for a variant “Bee gloves, M”. Without a name in any language, the SKU. */
export function itemName({ product, variant }: CatalogueItem, words: (text: Text) => string): string {
  const name = words(product.name) || product.sku
  return variant ? [name, ...Object.values(variant.options)].join(', ') : name
}

/** Address of a product's page in the shop; a variant is chosen there. */
export function itemUrl({ product, variant }: CatalogueItem, settings: ShopSettings): string {
  const url = settings.productUrl.replace('{sku}', () => encodeURIComponent(product.sku))
  return variant ? `${url}${url.includes('?') ? '&' : '?'}variant=${encodeURIComponent(variant.sku)}` : url
}

interface LookTexts {
  house: string
  sections: WeakMap<Section, Map<string, string>>
}
interface Texts {
  products: WeakMap<Product, string>
  variants: WeakMap<Product, Map<string, string>>
}

/**
 * The JSON texts of delivered products, written once for each product, variant and language.
 * Products are never changed, only replaced. Languages are those of the shop: a few. A variant's text also says things of its product, and
 * so goes with that.
 */
export class DeliveredTexts {
  readonly settings: ShopSettings
  readonly #byLanguage = new Map<string, Texts>()
  readonly #looks = new WeakMap<LookBook, LookTexts>()

  readonly #items: Items

  /** @param items where the parts of bundles are looked up: a bundle is replaced when one of them changes */
  constructor(settings: ShopSettings, items: Items) {
    this.settings = settings
    this.#items = items
  }

  /** The JSON of deliveredProduct. */
  of(item: CatalogueItem, language: string): string {
    const { product, variant } = item
    const texts = this.#textsIn(language)
    let text = variant ? texts.variants.get(product)?.get(variant.sku) : texts.products.get(product)
    if (text !== undefined) return text
    text = JSON.stringify(deliveredProduct(item, this.settings, language, this.#items))
    if (!variant) texts.products.set(product, text)
    else texts.variants.set(product, (texts.variants.get(product) ?? new Map<string, string>()).set(variant.sku, text))
    return text
  }

  /**
   * The JSON of what is the same of a section on many pages, written once. Sections and looks, too, are only replaced.
   * @param name names what it depends on besides the section
   */
  look(book: LookBook, section: Section, name: string, write: () => string): string {
    const { sections } = this.#looksIn(book)
    let looks = sections.get(section)
    if (!looks) sections.set(section, (looks = new Map()))
    let look = looks.get(name)
    if (look === undefined) looks.set(name, (look = write()))
    return look
  }

  /** The JSON of the shop's own look. */
  houseStyle(book: LookBook): string {
    return this.#looksIn(book).house
  }

  #looksIn(book: LookBook): LookTexts {
    let texts = this.#looks.get(book)
    if (!texts) this.#looks.set(book, (texts = { house: JSON.stringify(book.houseStyle), sections: new WeakMap() }))
    return texts
  }

  #textsIn(language: string): Texts {
    let texts = this.#byLanguage.get(language)
    if (!texts) this.#byLanguage.set(language, (texts = { products: new WeakMap(), variants: new WeakMap() }))
    return texts
  }
}
