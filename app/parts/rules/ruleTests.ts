import type { ProductTest, TargetTest } from '../../../core/rules/rule'

/** The sorts of tests as a person chooses them, each with the test that it begins as. */
export interface TestSort {
  name: string
  words: string
  isOf: (test: TargetTest) => boolean
  make: (known: { category: string; attribute: string }) => TargetTest
}

const trait = (of: 'category' | 'brand' | 'tag' | 'attribute', words: string, make: TestSort['make']): TestSort => ({
  name: `has ${of}`,
  words,
  isOf: test => 'has' in test && test.has.of === of,
  make,
})
const named = (name: string, words: string, make: TestSort['make']): TestSort => ({
  name,
  words,
  isOf: test => name in test && !('sourceAttribute' in test && name !== 'attribute'),
  make,
})

/** What can be asked of any product by itself. */
export const productTests: TestSort[] = [
  trait('category', 'in the category', ({ category }) => ({ has: { of: 'category', name: category } })),
  trait('brand', 'of the brand', () => ({ has: { of: 'brand', name: '' } })),
  trait('tag', 'tagged', () => ({ has: { of: 'tag', name: '' } })),
  trait('attribute', 'with the attribute', ({ attribute }) => ({ has: { of: 'attribute', name: attribute } })),
  named('price', 'priced', () => ({ price: { from: 0 } })),
  named('stock', 'in stock', () => ({ stock: { from: 1 } })),
  named('sold', 'sold so many times', () => ({ sold: { from: 1 } })),
  named('releasedWithin', 'released in the last days', () => ({ releasedWithin: 90 })),
]

/** What can be asked of a target compared with the source, and by itself. */
export const targetTests: TestSort[] = [
  named('category', 'category, compared', () => ({ category: 'same' })),
  named('brand', 'brand, compared', () => ({ brand: 'same' })),
  named('attribute', 'attribute, compared', ({ attribute }) => ({ attribute, sourceAttribute: attribute })),
  named('pricePercent', 'price, compared', () => ({ pricePercent: { from: 50, to: 150 } })),
  named('sharedTags', 'tags in common', () => ({ sharedTags: 1 })),
  named('newer', 'newer than this one', () => ({ newer: true })),
  ...productTests,
]

export const sortOf = (test: TargetTest | ProductTest) => targetTests.find(sort => sort.isOf(test))!

/** A test that is not filled in yet is told to nobody: no product has a trait without a name. */
export const isFilledIn = (test: TargetTest) => !('has' in test) || test.has.name !== ''
