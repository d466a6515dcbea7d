import type { Product } from '../catalogue/product'
import { imageOf, trackedStock } from '../catalogue/product'
import { bundleRange } from './bundlePrice'
import type { BundlePart, Items, PartChoice } from './bundleParts'
import { isSoldSome, partsOf, pickable } from './bundleParts'
import { bundleStock } from './bundleStock'

/**
 * A bundle as the catalogue has it, from a bundle as it is kept: price, former price, cost, stock, release and picture follow from its
 * parts.
 * With choices, the price is that of the cheapest, and the stock that of the choice there is most of. Without a price it can't be sold.
 */
export function bundleAsProduct(product: Product, items: Items): Product {
  const { bundle } = product
  if (!bundle) return product
  const range = bundleRange(bundle, items)
  const parts = bundle.type === 'pickAny' ? [{ choices: pickable(bundle, items) }] : partsOf(bundle, items)
  return {
    ...product,
    price: range && range.from.price,
    was: range && range.from.sum > range.from.price ? range.from.sum : null,
    cost: range && range.from.cost,
    stock: trackedStock(bundleStock(bundle, items).max),
    released: latest([product.released, ...parts.map(releaseOf)]),
    image:
      product.image ?? composedPicture(bundle.type === 'pickAny' ? parts[0]!.choices : parts.flatMap(part => part.choices.slice(0, 1))),
  }
}

/** A picture is composed of at most so many. */
const maxPictures = 4

/** Address of a picture made of those of the parts; null: they have none. */
function composedPicture(choices: readonly PartChoice[]): string | null {
  const images = new Set(choices.flatMap(({ item }) => imageOf(item.product, item.variant) ?? []))
  const some = [...images].slice(0, maxPictures)
  return some.length > 1 ? `/pictures/composed?${some.map(image => `of=${encodeURIComponent(image)}`).join('&')}` : (some[0] ?? null)
}

/** When the first choice of a part is released; null: one is already, or none will be. */
function releaseOf({ choices }: Pick<BundlePart, 'choices'>): string | null {
  const releases = choices.filter(isSoldSome).map(each => each.item.product.released)
  return releases.includes(null) || !releases.length ? null : releases.reduce((a, b) => (Date.parse(b!) < Date.parse(a!) ? b : a))
}

const latest = (dates: readonly (string | null)[]) =>
  dates.reduce((a, b) => (a === null || (b !== null && Date.parse(b) > Date.parse(a)) ? b : a))
