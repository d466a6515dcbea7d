import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import { isForSale } from '../catalogue/product'
import type { Bundle, BundleOfParts, PickAnyBundle } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { Values } from './combinations'
import { soldCombinations } from './combinations'
import { endOfTime } from '../time/moment'

/** Where the parts of bundles are looked up. */
export type Items = Pick<Catalogue, 'item'>

/** Something that a part can be. */
export interface PartChoice {
  sku: string
  item: CatalogueItem
  /** Of a group, its values of the options; of a product with variants, the variant's. */
  values: Values
}

/** What a shopper gets of a bundle, in a quantity. With several choices one is chosen. */
export interface BundlePart {
  key: string
  quantity: number
  choices: PartChoice[]
}

/** Names the only part of a pick-any bundle in a shopper's choices. */
export const pickKey = 'pick'

/** The parts of a bundle, its groups first. What the shop doesn't have, and bundles, are passed over: they can't be sold as a part. */
export function partsOf(bundle: BundleOfParts, items: Items): BundlePart[] {
  return [
    ...groupsOf(bundle).map(group => ({
      key: group.key,
      quantity: group.quantity,
      choices: soldCombinations(group).flatMap(({ values, sku }) => {
        const item = items.item(sku)
        return item && isWhole(item) ? [{ sku, item, values }] : []
      }),
    })),
    ...bundle.components.map(({ key, sku, quantity }) => ({ key, quantity, choices: choicesOf(sku, items) })),
  ]
}

/** What can be picked, each variant by itself. */
export function pickable(bundle: PickAnyBundle, items: Items): PartChoice[] {
  const choices = bundle.set.flatMap(sku => choicesOf(sku, items))
  return choices.filter(({ sku }, i) => choices.findIndex(each => each.sku === sku) === i)
}

/** All choices of a bundle, part by part. */
export const allChoices = (bundle: Bundle, items: Items): PartChoice[] =>
  bundle.type === 'pickAny' ? pickable(bundle, items) : partsOf(bundle, items).flatMap(part => part.choices)

/** A product or variant by itself; of a product with variants, each of them. */
function choicesOf(sku: string, items: Items): PartChoice[] {
  const item = items.item(sku)
  if (!item || item.product.bundle) return []
  if (isWhole(item)) return [{ sku, item, values: Object.values(item.variant?.options ?? {}) }]
  return item.product.variants.map(variant => ({
    sku: variant.sku,
    item: { product: item.product, variant },
    values: Object.values(variant.options),
  }))
}

/** Whether this is one thing that can be put into a box. */
const isWhole = ({ product, variant }: CatalogueItem) => !product.bundle && (variant !== null || !product.variants.length)

/** Whether a choice is for sale, now or once it is released. */
export const isSoldSome = ({ item }: PartChoice) => isForSale(item.product, item.variant, endOfTime)

/** Whether the shopper has to choose anything before a bundle can be bought. */
export const needsChoices = (bundle: Bundle, items: Items) =>
  bundle.type === 'pickAny' || groupsOf(bundle).length > 0 || partsOf(bundle, items).some(part => part.choices.length > 1)
