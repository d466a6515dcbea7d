import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { imageOf, priceOf, stockOf } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DeliveredItem } from './contract'

/** What a shop gets of a product wherever it is shown; why it is shown comes on top. */
export type DeliveredProduct = Omit<DeliveredItem, 'step' | 'reason'>

// Written out field by field: this runs for every product of every page, and copying objects into each other costs several times as much.
export function deliveredProduct(item: CatalogueItem, settings: ShopSettings, language: string): DeliveredProduct {
  const { product, variant } = item
  return {
    sku: product.sku,
    variant: variant === null ? null : variant.sku,
    name: itemName(item, text => textIn(text, language, settings.language)),
    url: itemUrl(item, settings),
    image: imageOf(product, variant),
    price: priceOf(product, variant) ?? 0,
    was: product.was,
    currency: settings.currency,
    inStock: stockOf(product, variant) > 0,
    hasOptions: variant === null && product.variants.length > 0,
  }
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

interface Texts { products: WeakMap<Product, string>, variants: WeakMap<Product, Map<string, string>> }

/**
 * The JSON texts of delivered products, written once for each product, variant and language.
 * Products are never changed, only replaced. A variant's text also says things of its product, and so goes with that.
 */
export class DeliveredTexts {
  readonly settings: ShopSettings
  readonly #byLanguage = new Map<string, Texts>()

  constructor(settings: ShopSettings) {
    this.settings = settings
  }

  /** The JSON of deliveredProduct. */
  of(item: CatalogueItem, language: string): string {
    const { product, variant } = item
    const texts = this.#textsIn(language)
    let text = variant ? texts.variants.get(product)?.get(variant.sku) : texts.products.get(product)
    if (text !== undefined) return text
    text = JSON.stringify(deliveredProduct(item, this.settings, language))
    if (!variant) texts.products.set(product, text)
    else texts.variants.set(product, (texts.variants.get(product) ?? new Map<string, string>()).set(variant.sku, text))
    return text
  }

  #textsIn(language: string): Texts {
    let texts = this.#byLanguage.get(language)
    if (!texts) {
      // Whoever asks for ever new languages must not fill the memory.
      if (this.#byLanguage.size >= mostLanguages) this.#byLanguage.clear()
      this.#byLanguage.set(language, texts = { products: new WeakMap(), variants: new WeakMap() })
    }
    return texts
  }
}

const mostLanguages = 8
