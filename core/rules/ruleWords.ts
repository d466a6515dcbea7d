import type { Trait } from '../catalogue/traits'
import { counted, listed } from '../text/sentence'
import type { Range } from './range'
import type { Condition, ProductTest, Rule, TargetTest } from './rule'

/** The names that sentences use for what has a key, and how amounts are written. */
export interface Names {
  /** One link of a kind: “accessory”. */
  kind(key: string): string
  category(key: string): string
  product(sku: string): string
  /** @param amount minor units */
  money(amount: number): string
  /** A number that stands beside amounts: separated as they are. */
  number(value: number): string
}

/** “products of the same brand priced 10 % to 50 % above …, for a product in Hives” */
export function ruleWords({ when, pick }: Rule, names: Names): string {
  const asked = pickWords(pick, names)
  const only = whenWords(when, names)
  return `products ${asked || 'of any sort'}${only && `, when this product is ${only}`}`
}

/** What targets must be, to stand behind “products”; empty when anything goes. */
export const pickWords = (pick: Condition<TargetTest>, names: Names) => conditionWords(pick, test => targetTestWords(test, names))

/** What the source must be, to stand behind “this product is”; empty when anything goes. */
export const whenWords = (when: Condition<ProductTest>, names: Names) => conditionWords(when, test => productTestWords(test, names))

function conditionWords<Test extends object>(condition: Condition<Test>, testWords: (test: Test) => string): string {
  const within = (part: Condition<Test>) =>
    isGroup(part) && partsOf(part).length > 1 ? `(${conditionWords(part, testWords)})` : conditionWords(part, testWords)
  if ('all' in condition) return listed(condition.all.map(within).filter(Boolean))
  if ('any' in condition)
    return condition.any.length
      ? listed(
          condition.any.map(each => within(each) || 'of any sort'),
          'disjunction',
        )
      : 'of no sort'
  if ('none' in condition)
    return condition.none.length
      ? `not ${listed(
          condition.none.map(each => within(each) || 'of any sort'),
          'disjunction',
        )}`
      : ''
  return testWords(condition)
}

export type Group<Test> = Exclude<Condition<Test>, Test>
export const isGroup = <Test extends object>(condition: Condition<Test>): condition is Group<Test> =>
  'all' in condition || 'any' in condition || 'none' in condition
/** The parts of a group of conditions. */
export const partsOf = <Test>(group: Group<Test>): Condition<Test>[] => Object.values(group)[0]!

/** One thing asked of a target, to stand behind “products”. */
export function targetTestWords(test: TargetTest, names: Names): string {
  if ('brand' in test) return test.brand === 'same' ? 'of the same brand' : 'of another brand'
  if ('category' in test) return test.category === 'same' ? 'of the same category' : 'of another category'
  if ('attribute' in test) {
    return test.attribute === test.sourceAttribute
      ? `with the same ${test.attribute}`
      : `whose ${test.attribute} contains this product’s ${test.sourceAttribute}`
  }
  if ('pricePercent' in test) return `priced ${rangeWords(test.pricePercent, percent => `${percent} %`)} of this one`
  if ('newer' in test) return 'newer than this one'
  if ('sharedTags' in test) return `that share at least ${counted(test.sharedTags, 'tag')}`
  return productTestWords(test, names)
}

/** One thing asked of a product by itself. */
export function productTestWords(test: ProductTest, names: Names): string {
  if ('has' in test) return traitWords(test.has, names)
  if ('price' in test) return `priced ${rangeWords(test.price, names.money)}`
  if ('stock' in test) return `with ${rangeWords(test.stock, names.number)} in stock`
  if ('sold' in test) return `sold ${rangeWords(test.sold, names.number)} times`
  return `released in the last ${test.releasedWithin === 1 ? 'day' : counted(test.releasedWithin, 'day')}`
}

function traitWords({ of, name, value }: Trait, names: Names): string {
  switch (of) {
    case 'category':
      return `in ${names.category(name)}`
    case 'brand':
      return `of the brand ${name}`
    case 'tag':
      return `tagged ${name}`
    case 'attribute':
      return value === undefined ? `with any ${name}` : `with ${name} ${value}`
  }
}

/** “5 % to 60 %”, “at least 3”, “at most €20.00” */
export function rangeWords({ from, to }: Range, words: (value: number) => string): string {
  if (from === undefined) return `at most ${words(to!)}`
  return to === undefined ? `at least ${words(from)}` : `${words(from)} to ${words(to)}`
}
