import type { Catalogue, CatalogueItem } from '../catalogue/catalogue'
import { isForSale } from '../catalogue/product'
import type { Bundle, BundleOfParts, Component, PickAnyBundle } from '../catalogue/bundle'
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
  /** Names it in a shopper's choices. Of pieces that are chosen one by one, the first has the key of the part, the others theirs. */
  key: string
  /** Key of the part of the bundle. */
  of: string
  /** Which of the pieces it is, from 1 on; null: one choice is for all. */
  piece: number | null
  quantity: number
  choices: PartChoice[]
}

/** Names the only part of a pick-any bundle in a shopper's choices. */
export const pickKey = 'pick'

/** The parts of a bundle, its groups first. What the shop doesn't have, and bundles, are passed over: they can't be sold as a part. */
export function partsOf(bundle: BundleOfParts, items: Items): BundlePart[] {
  return [
    ...groupsOf(bundle).flatMap(group =>
      piecesOf(
        group,
        soldCombinations(group).flatMap(({ values, sku }) => {
          const item = items.item(sku)
          return item && isWhole(item) ? [{ sku, item, values }] : []
        }),
      ),
    ),
    ...bundle.components.flatMap(each => piecesOf(each, choicesOf(each.sku, items))),
  ]
}

/** The parts of a bundle, each once even if its pieces are chosen one by one. */
export const partsWhole = (bundle: BundleOfParts, items: Items) => partsOf(bundle, items).filter(({ key, of }) => key === of)

/** A part as it is chosen: at once, or piece by piece. Where there is nothing to choose, it is one. */
function piecesOf({ key, quantity, oneByOne }: Omit<Component, 'sku'>, choices: PartChoice[]): BundlePart[] {
  if (!oneByOne || quantity === 1 || choices.length < 2) return [{ key, of: key, piece: null, quantity, choices }]
  // No key of a part has a dot.
  return Array.from({ length: quantity }, (_, i) => ({ key: i ? `${key}.${i + 1}` : key, of: key, piece: i + 1, quantity: 1, choices }))
}

/** What a piece is called: “Suit 2”. @param piece null: the part as a whole */
export const nameOfPiece = (name: string, piece: number | null) => (piece === null ? name : `${name} ${piece}`)

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
