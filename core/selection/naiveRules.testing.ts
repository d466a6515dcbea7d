import type { Product } from '../catalogue/product'
import { common } from '../fillSteps/naiveStep.testing'
import type { Condition, ProductTest, TargetTest } from '../rules/rule'

export const within = (value: number, range: { from?: number; to?: number }) =>
  value >= (range.from ?? -Infinity) && value <= (range.to ?? Infinity)
export const percentWithin = (price: number, of: number, { from, to }: { from?: number; to?: number }) =>
  !(from !== undefined && price * 100 < from * of) && !(to !== undefined && price * 100 > to * of)
const day = 24 * 60 * 60 * 1000

/** Not tracked is any number. */
export const units = ({ stock }: Pick<Product, 'stock'>) => (stock === null ? Number.POSITIVE_INFINITY : Math.max(0, stock))

export const onHand = (product: Product) =>
  product.variants.length
    ? product.variants
        .filter(one => (one.status ?? product.status) === 'active')
        .map(units)
        .reduce((a, b) => a + b, 0)
    : units(product)

/** What rules ask of products, as plainly as it can be said. For the tests alone. */
export function naiveRules(facts: { isIn: (product: Product, category: string) => boolean; soldOf: (sku: string) => number; now: number }) {
  function testProduct(test: ProductTest, product: Product): boolean {
    if ('has' in test) {
      const { of, name, value } = test.has
      if (of === 'category') return facts.isIn(product, name)
      if (of === 'brand') return product.brand === name
      if (of === 'tag') return product.tags.includes(name)
      return Object.entries(product.attributes).some(([key, values]) => key === name && (value === undefined || values.includes(value)))
    }
    if ('price' in test) return product.price !== null && within(product.price, test.price)
    if ('stock' in test) return within(onHand(product), test.stock)
    if ('sold' in test) return within(facts.soldOf(product.sku), test.sold)
    const age = product.released === null ? -1 : facts.now - new Date(product.released).getTime()
    return age >= 0 && age <= test.releasedWithin * day
  }
  function testTarget(test: TargetTest, target: Product, source: Product): boolean {
    if ('brand' in test)
      return !!target.brand && !!source.brand && (test.brand === 'same' ? target.brand === source.brand : target.brand !== source.brand)
    if ('category' in test)
      return test.category === 'same'
        ? common(target.categories, source.categories).length > 0
        : common(target.categories, source.categories).length === 0
    if ('attribute' in test) return common(target.attributes[test.attribute], source.attributes[test.sourceAttribute]).length > 0
    if ('pricePercent' in test)
      return target.price !== null && source.price !== null && percentWithin(target.price, source.price, test.pricePercent)
    if ('newer' in test) return !!target.released && !!source.released && new Date(target.released) > new Date(source.released)
    if ('sharedTags' in test) return common(source.tags, target.tags).length >= test.sharedTags
    return testProduct(test, target)
  }
  function holds<T extends object>(condition: Condition<T>, test: (leaf: T) => boolean): boolean {
    if ('all' in condition) return !condition.all.some(part => !holds(part, test))
    if ('any' in condition) return condition.any.filter(part => holds(part, test)).length > 0
    if ('none' in condition) return condition.none.filter(part => holds(part, test)).length === 0
    return test(condition)
  }
  return { testProduct, testTarget, holds }
}

/** In percent of the price; null: it is not known. */
export const marginOf = (price: number | null, cost: number | null) => (price && cost !== null ? ((price - cost) / price) * 100 : null)
