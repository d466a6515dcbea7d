import type { CatalogueItem } from '../catalogue/catalogue'
import type { Product } from '../catalogue/product'
import { keyFor } from '../text/keyFor'
import { textIn } from '../text/text'
import type { Bundle, BundleOfParts, GroupOption, OptionGroup, PickAnyBundle } from '../catalogue/bundle'
import { groupsOf } from '../catalogue/bundle'
import type { Items } from './bundleParts'
import { combinationsOf, matched, optionsOfItems, withCombination } from './combinations'

/*
 * What a merchandiser does to a bundle in one step. Nothing is changed; another bundle is given back.
 */

const newKey = (words: string, bundle: BundleOfParts, fallback: string) =>
  keyFor(words, key => [...groupsOf(bundle), ...bundle.components].some(each => each.key === key), fallback)

/**
 * Puts products or variants in as parts. What is in it already is in it once more; of a product with variants, there are then two to
 * choose.
 */
export function withComponents<T extends BundleOfParts>(bundle: T, skus: readonly string[], items: Items): T {
  return skus.reduce((bundle, sku) => {
    const item = items.item(sku)
    const same = bundle.components.find(each => each.sku === sku)
    if (same && !(item && !item.variant && item.product.variants.length)) {
      return { ...bundle, components: bundle.components.map(each => (each === same ? { ...each, quantity: each.quantity + 1 } : each)) }
    }
    return { ...bundle, components: [...bundle.components, { key: newKey(sku, bundle, 'part'), sku, quantity: 1 }] }
  }, bundle)
}

/** Adds a group for a product: its options, and each combination that is one of its variants. */
export function withGroupFor<T extends Extract<Bundle, { type: 'choice' }>>(bundle: T, product: Product, language: string): T {
  const group: OptionGroup = {
    key: newKey(nameIn(product, language), bundle, 'group'),
    name: product.name,
    quantity: 1,
    products: [],
    options: [],
    combinations: [],
  }
  return {
    ...bundle,
    groups: [
      ...bundle.groups,
      withProductIn(group, product, { item: sku => (sku === product.sku ? { product, variant: null } : undefined) }, language),
    ],
  }
}

const nameIn = (product: Product, language: string) => textIn(product.name, language, language).trim() || product.sku
/** Of a value of an option. */
const maxLetters = 64

/**
 * Lets a group be a product too: its options and values are added, and what is without a product is matched.
 * Of a product without variants its name is the value, unless the group has several options.
 * @param language BCP 47 tag of that name
 */
export function withProductIn(group: OptionGroup, product: Product, items: Items, language: string): OptionGroup {
  const products = group.products.includes(product.sku) ? group.products : [...group.products, product.sku]
  const [option, ...more] = group.options
  if (!product.variants.length && !more.length) {
    const value = nameIn(product, language).slice(0, maxLetters)
    const known = option ?? { name: 'choice', values: [] }
    return withCombination(
      { ...group, products, options: [{ ...known, values: [...new Set([...known.values, value])] }] },
      [value],
      product.sku,
    )
  }
  const options = optionsOfItems(variantsOf(product)).reduce((all, { name, values }) => {
    const same = all.find(each => each.name.toLowerCase() === name.toLowerCase())
    if (!same) return [...all, { name, values }]
    const more = values.filter(value => !same.values.some(each => each.toLowerCase() === value.toLowerCase()))
    return all.map(each => (each === same ? { ...each, values: [...each.values, ...more] } : each))
  }, group.options)
  return rematched({ ...withOptions(group, options), products }, items)
}

/** Decides by their values what nothing was decided of. */
export const rematched = (group: OptionGroup, items: Items): OptionGroup =>
  matched(
    group,
    group.products.flatMap(sku => variantsOf(items.item(sku)?.product ?? null)),
  )

/** Another set of options. What was decided of combinations that are still there stays; with one option more or less, nothing can. */
export function withOptions(group: OptionGroup, options: GroupOption[]): OptionGroup {
  const isSameShape = options.length === group.options.length && options.every((each, i) => each.name === group.options[i]!.name)
  const still = new Set(isSameShape ? combinationsOf(options).map(values => values.join('\n')) : [])
  return { ...group, options, combinations: group.combinations.filter(each => still.has(each.values.join('\n'))) }
}

/** Puts products or variants into the set that is picked from. */
export const withPicks = (bundle: PickAnyBundle, skus: readonly string[]): PickAnyBundle => ({
  ...bundle,
  set: [...new Set([...bundle.set, ...skus])],
})

/** What combinations can be matched to: a product's variants, or itself. */
export function variantsOf(product: Product | null): CatalogueItem[] {
  if (!product) return []
  return product.variants.length ? product.variants.map(variant => ({ product, variant })) : [{ product, variant: null }]
}
