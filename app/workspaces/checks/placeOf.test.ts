import { expect, it } from 'vitest'
import { placeOf } from './placeOf'

it('leads to the bundle, to the bench of the product, or to the section on the page that the finding is about', () => {
  expect(placeOf({ check: 'linkOver', source: 'a/b ü', kind: 'upsell', target: 'B' })).toBe('/products/a%2Fb%20%C3%BC')
  expect(placeOf({ check: 'bundleUnmapped', source: 'SET 1', kind: '', target: 'suit' })).toBe('/bundles/SET%201')
  expect(placeOf({ check: 'sectionBlank', source: 'related', kind: 'cart', target: '' })).toBe('/sections/related?page=cart')
  expect(placeOf({ check: 'ruleNever', source: 'related', kind: '0', target: '' })).toBe('/sections/related')
})
