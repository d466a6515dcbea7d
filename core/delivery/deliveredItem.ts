import type { Bundle } from '../catalogue/bundle'
import type { Items } from '../bundles/bundleParts'
import { needsChoices } from '../bundles/bundleParts'
import { bundleRange } from '../bundles/bundlePrice'
import type { CatalogueItem } from '../catalogue/catalogue'
import { imageOf, priceOf, stockOf, wasOf } from '../catalogue/product'
import type { ShopSettings } from '../catalogue/shopSettings'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import type { DeliveredItem } from './contract/pages'
import { isFew } from './few'

/** What a shop gets of a product wherever it is shown; why it is shown comes on top. */
export type DeliveredProduct = Omit<DeliveredItem, 'step' | 'reason' | 'kind' | 'offer'>

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
    few: isFew(stockOf(product, variant), settings),
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
