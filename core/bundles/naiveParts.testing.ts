import type { Product, Variant } from '../catalogue/product'

/**
 * SKUs of what is in a bundle whatever is chosen, as plainly as it can be said; of a product whose variants are to be chosen, its own.
 * For the tests alone.
 */
export const naiveParts =
  (productOf: (sku: string) => Product | undefined, variantOf: (sku: string) => Variant | undefined) =>
  (sku: string): string[] => {
    const bundle = productOf(sku)?.bundle
    if (!bundle || bundle.type === 'pickAny') return []
    const components = bundle.components.flatMap(part => {
      const product = productOf(part.sku)
      if (!product || product.bundle) return []
      if (variantOf(part.sku) || !product.variants.length) return part.sku
      return product.variants.length === 1 ? product.variants[0]!.sku : product.sku
    })
    if (bundle.type === 'fixed') return components
    const groups = bundle.groups.flatMap(({ combinations }) => {
      const skus = combinations.flatMap(each => each.sku ?? []).filter(each => productOf(each) && !productOf(each)!.bundle)
      const whole = [...new Set(skus.filter(each => variantOf(each) || !productOf(each)!.variants.length))]
      const products = [...new Set(whole.map(each => productOf(each)!.sku))]
      if (whole.length === 1) return whole
      return products.length === 1 ? products : []
    })
    return [...groups, ...components]
  }
