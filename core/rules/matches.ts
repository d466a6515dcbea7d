import type { Product } from '../catalogue/product'
import { stockOf, valuesOf } from '../catalogue/product'
import type { Trait } from '../catalogue/traits'
import { isWithin, isWithinPercent } from './range'
import type { Condition, ProductTest, TargetTest } from './rule'
import type { Moment } from '../time/moment'

/** What tests look at besides the products. */
export interface RuleFacts {
  /** Units sold. */
  sold(sku: string): number
  /** The keys of a category and of all below it. */
  categoriesFrom(key: string): ReadonlySet<string>
  /** Milliseconds since 1970-01-01 UTC. */
  at: Moment
}

const oneDay = 86_400_000

type Check = (product: Product) => boolean

/** A check whether products are as the first half of a rule asks. */
export function sourceCheck(condition: Condition<ProductTest>, facts: RuleFacts): Check {
  return combined(condition, test => productCheck(test, facts))
}

/**
 * A check whether targets are as the second half of a rule asks, made once for a source: it runs for many targets.
 * @param source with only those of its traits that count
 */
export function targetCheck(condition: Condition<TargetTest>, source: Product, facts: RuleFacts): Check {
  return combined(condition, test => besideCheck(test, source, facts))
}

/** Nothing asked for is true: an empty `all` or `none` holds, an empty `any` doesn't. */
function combined<Test extends object>(condition: Condition<Test>, checkOf: (test: Test) => Check): Check {
  if ('all' in condition) {
    const checks = condition.all.map(part => combined(part, checkOf))
    return product => checks.every(check => check(product))
  }
  if ('any' in condition) {
    const checks = condition.any.map(part => combined(part, checkOf))
    return product => checks.some(check => check(product))
  }
  if ('none' in condition) {
    const checks = condition.none.map(part => combined(part, checkOf))
    return product => !checks.some(check => check(product))
  }
  return checkOf(condition)
}

function productCheck(test: ProductTest, facts: RuleFacts): Check {
  if ('has' in test) return traitCheck(test.has, facts)
  if ('price' in test) return ({ price }) => price !== null && isWithin(price, test.price)
  if ('stock' in test) return product => isWithin(stockOf(product, null), test.stock)
  if ('sold' in test) return ({ sku }) => isWithin(facts.sold(sku), test.sold)
  const latest = facts.at.ms
  const earliest = latest - test.releasedWithin * oneDay
  return ({ released }) => released !== null && isWithin(Date.parse(released), { from: earliest, to: latest })
}

function traitCheck({ of, name, value }: Trait, facts: RuleFacts): Check {
  switch (of) {
    case 'category': {
      const keys = facts.categoriesFrom(name)
      return ({ categories }) => categories.some(key => keys.has(key))
    }
    case 'brand':
      return ({ brand }) => brand === name
    case 'tag':
      return ({ tags }) => tags.includes(name)
    case 'attribute':
      return product => (value === undefined ? valuesOf(product, name).length > 0 : valuesOf(product, name).includes(value))
  }
}

const never: Check = () => false

function besideCheck(test: TargetTest, source: Product, facts: RuleFacts): Check {
  if ('brand' in test) {
    const same = test.brand === 'same'
    return source.brand === null ? never : ({ brand }) => brand !== null && (brand === source.brand) === same
  }
  if ('category' in test) {
    const same = test.category === 'same'
    return ({ categories }) => categories.some(key => source.categories.includes(key)) === same
  }
  if ('attribute' in test) {
    const values = valuesOf(source, test.sourceAttribute)
    return values.length ? product => valuesOf(product, test.attribute).some(value => values.includes(value)) : never
  }
  if ('pricePercent' in test) {
    const of = source.price
    return of === null ? never : ({ price }) => price !== null && isWithinPercent(price, of, test.pricePercent)
  }
  if ('newer' in test) {
    if (source.released === null) return never
    const than = Date.parse(source.released)
    return ({ released }) => released !== null && Date.parse(released) > than
  }
  if ('sharedTags' in test) {
    const tags = [...new Set(source.tags)]
    return target => tags.filter(tag => target.tags.includes(tag)).length >= test.sharedTags
  }
  return productCheck(test, facts)
}
