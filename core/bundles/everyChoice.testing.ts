import type { Catalogue } from '../catalogue/catalogue'
import type { Bundle, OptionGroup } from '../catalogue/bundle'

/** What is in a bundle in one choice: SKU → quantity. */
export type Contents = Record<string, number>

/** Everything that a shopper can choose of a bundle, written out in the plainest way; a SKU that can't be sold is in none. */
export function everyChoice(bundle: Bundle, catalogue: Catalogue): Contents[] {
  const isSold = (sku: string) => {
    const item = catalogue.item(sku)
    if (!item || item.product.bundle) return false
    const { product, variant } = item
    return (
      product.status === 'active' &&
      (variant === null || variant.status === null || variant.status === 'active') &&
      (variant?.price ?? product.price) !== null
    )
  }
  const oneOf = (sku: string) => {
    const product = catalogue.product(sku)
    return (product && product.variants.length ? product.variants.map(each => each.sku) : [sku]).filter(isSold)
  }
  if (bundle.type === 'pickAny') {
    const all = [...new Set(bundle.set.flatMap(oneOf))]
    let picks: string[][] = [[]]
    const found: string[][] = []
    for (let count = 1; count <= bundle.most; count++) {
      // Each pick in the order of the set, so that no two are the same.
      picks = picks.flatMap(pick =>
        all
          .filter(sku => !pick.length || all.indexOf(sku) > all.indexOf(pick.at(-1)!) || (bundle.repeats && sku === pick.at(-1)))
          .map(sku => [...pick, sku]),
      )
      if (count >= bundle.least) found.push(...picks)
    }
    return found.map(pick => contentsOf(pick.map(sku => [sku, 1])))
  }
  const ofGroup = (group: OptionGroup) => group.combinations.flatMap(({ sku }) => (sku !== null && isSold(sku) ? [sku] : []))
  const parts = [
    ...(bundle.type === 'choice' ? bundle.groups.map(group => ({ ...group, skus: ofGroup(group) })) : []),
    ...bundle.components.map(each => ({ ...each, skus: oneOf(each.sku) })),
  ].flatMap(({ skus, quantity, oneByOne }) =>
    oneByOne ? Array.from({ length: quantity }, () => ({ skus, quantity: 1 })) : [{ skus, quantity }],
  )
  let all: [string, number][][] = [[]]
  for (const { skus, quantity } of parts) all = all.flatMap(chosen => skus.map((sku): [string, number][] => [...chosen, [sku, quantity]]))
  return parts.length ? all.map(contentsOf) : []
}

function contentsOf(chosen: readonly (readonly [string, number])[]): Contents {
  const contents: Contents = {}
  for (const [sku, quantity] of chosen) contents[sku] = (contents[sku] ?? 0) + quantity
  return contents
}
