import { expect, it } from 'vitest'
import type { Bundle } from '../catalogue/bundle'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { surelyIn } from './surelyIn'

const catalogue = new Catalogue(
  [
    makeProduct('KNIFE'),
    makeProduct('GLO', { variants: [makeVariant('GLO-M'), makeVariant('GLO-L')] }),
    makeProduct('SUIT-A'),
    makeProduct('SUIT-B'),
  ],
  [],
  [],
)
const part = (sku: string) => ({ key: sku.toLowerCase(), sku, quantity: 1 })
const told = (bundle: Bundle) => surelyIn(bundle, catalogue).map(({ product, variant }) => (variant ?? product).sku)
const free = { price: { by: 'sum' }, marginFloor: null } as const

it('a bundle surely has its only choices, and the product whose variant is to be chosen', () => {
  const skus = ['KNIFE', 'GLO', 'GLO-L', 'GONE']
  expect(told({ type: 'fixed', components: skus.map(part), ...free })).toEqual(['KNIFE', 'GLO', 'GLO-L'])
})

it('of what can be several products it is only known when it is chosen', () => {
  const combinations = ['SUIT-A', 'SUIT-B'].map(sku => ({ values: [sku], sku }))
  const group = {
    key: 'suit',
    name: {},
    quantity: 1,
    products: [],
    options: [{ name: 'model', values: ['SUIT-A', 'SUIT-B'] }],
    combinations,
  }
  expect(told({ type: 'choice', groups: [group], components: [part('KNIFE')], ...free })).toEqual(['KNIFE'])
  expect(told({ type: 'pickAny', set: ['KNIFE', 'SUIT-A'], least: 2, most: 2, repeats: true, steps: [], marginFloor: null })).toEqual([])
})
