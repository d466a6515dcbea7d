import type { Category, CatalogueItem } from '../catalogue/catalogue'
import type { Catalogue } from '../catalogue/catalogue'
import { imageOf, isForSale, priceOf, stockOf, wasOf } from '../catalogue/product'
import type { Product } from '../catalogue/product'
import type { Text } from '../text/text'
import { textIn } from '../text/text'
import { optionsOf } from '../catalogue/productOptions'
import type { AnswerContext } from './answerContext'
import type { CatalogueCard, ProductAnswer } from './contract/catalogue'
import { bundleAnswer } from './bundleAnswer'
import { hasOptions, isPriceFrom, itemUrl } from './deliveredItem'
import { isFew } from './few'

const words = (text: Text, { language, settings }: AnswerContext) => textIn(text, language, settings.language)

export function catalogueCard({ product, variant }: CatalogueItem, context: AnswerContext): CatalogueCard {
  return {
    sku: product.sku,
    name: words(product.name, context) || product.sku,
    brand: product.brand,
    url: itemUrl({ product, variant }, context.settings),
    image: imageOf(product, variant),
    ...costsOf({ product, variant }, context),
    inStock: stockOf(product, variant) > 0,
    forSale: isForSale(product, variant, context.at),
    hasOptions: hasOptions({ product, variant }, context.items),
    isFrom: product.bundle !== null && isPriceFrom(product.bundle, context.items),
  }
}

/** What it costs; where a together offer takes something off beside what is in the cart, what the cart will say. */
function costsOf(item: CatalogueItem, { prices }: AnswerContext): Pick<CatalogueCard, 'price' | 'was' | 'offer'> {
  const { product, variant } = item
  const reduced = prices?.of(item)
  const own = priceOf(product, variant)
  return reduced ? { price: reduced.price, was: own, offer: reduced.offer } : { price: own, was: wasOf(product, variant) }
}

export function productAnswer(product: Product, catalogue: Catalogue, context: AnswerContext): ProductAnswer {
  return {
    ...catalogueCard({ product, variant: null }, context),
    description: words(product.description, context),
    categories:
      product.categories[0] === undefined ? [] : categoryPath(product.categories[0], catalogue).map(each => namedKey(each, context)),
    attributes: attributesOf(product),
    few: isFew(stockOf(product, null), context.settings),
    status: product.status,
    options: optionsOf(product),
    variants: product.variants.map(variant => ({
      sku: variant.sku,
      options: variant.options,
      ...costsOf({ product, variant }, context),
      inStock: stockOf(product, variant) > 0,
      few: isFew(stockOf(product, variant), context.settings),
      image: imageOf(product, variant),
      forSale: isForSale(product, variant, context.at),
    })),
    bundle: product.bundle && bundleAnswer(product.bundle, context),
    inBundles: catalogue
      .bundlesWith(product)
      .map(sku => catalogue.item(sku)!)
      .filter(item => isForSale(item.product, null, context.at))
      .map(item => catalogueCard(item, context)),
  }
}

export const attributesOf = ({ attributes }: Product) => Object.entries(attributes).map(([name, values]) => ({ name, values }))

/** The first sentence of a text. */
export const firstSentence = (text: string) => text.split(/(?<=[.!?])\s/)[0] ?? ''

/** The category and those above it, from the top. */
export const categoryPath = (key: string, catalogue: Catalogue): Category[] =>
  catalogue.categoryPath(key).map(each => catalogue.category(each)!)

export function namedKey({ key, name }: { key: string; name: Text }, context: AnswerContext): { key: string; name: string } {
  return { key, name: words(name, context) || key }
}
