import { expect, it } from 'vitest'
import { addressOf } from './addressOf'

it('leads to the bundle, to the bench of the product, or to the section on the page that the finding is about', () => {
  expect(addressOf({ check: 'linkOver', source: 'a/b ü', kind: 'upsell', target: 'B' })).toBe('/products/a%2Fb%20%C3%BC')
  expect(addressOf({ check: 'bundleUnmapped', source: 'SET 1', kind: '', target: 'suit' })).toBe('/bundles/SET%201')
  expect(addressOf({ check: 'sectionBlank', source: 'related', kind: 'cart', target: '' })).toBe('/sections/related?page=cart')
  expect(addressOf({ check: 'ruleNever', source: 'related', kind: '0', target: '' })).toBe('/sections/related')
})
