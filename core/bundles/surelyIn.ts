import type { Bundle } from '../catalogue/bundle'
import type { CatalogueItem } from '../catalogue/catalogue'
import type { Items } from './bundleParts'
import { partsWhole } from './bundleParts'

/**
 * What is in a bundle whatever a shopper chooses: of each part the product or variant that it always is; where variants of one product are
 * to be chosen, that product. Of parts that can be several products, and of what is picked, only the choice tells.
 */
export function surelyIn(bundle: Bundle, items: Items): CatalogueItem[] {
  if (bundle.type === 'pickAny') return []
  return partsWhole(bundle, items).flatMap(({ choices: [first, ...others] }) => {
    if (!first) return []
    if (!others.length) return first.item
    const { product } = first.item
    return others.every(each => each.item.product === product) ? { product, variant: null } : []
  })
}
