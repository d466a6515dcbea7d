import { describe, expect, it } from 'vitest'
import type { Bundle } from '../../catalogue/bundle'
import { emptyBundle } from '../../catalogue/bundle'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import { commandSchema } from '../registry'
import { describeCommand } from '../registry'
import type { CommandContext } from '../../journal/commandContext'
import { planBundles } from './planBundles'

const fixed = (...skus: string[]): Bundle => ({
  type: 'fixed',
  components: skus.map((sku, i) => ({ key: `c${i}`, sku, quantity: 1 })),
  price: { by: 'sum' },
  marginFloor: null,
})
const catalogue = new Catalogue(
  [
    makeProduct('SMOKER'),
    makeProduct('VEIL', { variants: [makeVariant('VEIL-S')] }),
    makeProduct('SET', { name: { en: 'Harvest day' }, status: 'draft', price: null, stock: 0, bundle: fixed('SMOKER', 'GONE') }),
    makeProduct('SOLD', { bundle: fixed('SMOKER') }),
  ],
  [{ key: 'kits', name: { en: 'Kits' }, parent: null }],
  [],
)
const contextFor = (sku: string) => ({
  item: (each: string) => catalogue.item(each),
  category: (key: string) => catalogue.category(key),
  stored: () => catalogue.product(sku),
})
const plan = (given: { sku: string; [part: string]: unknown }) =>
  planBundles(commandSchema.parse(given) as Parameters<typeof planBundles>[0], contextFor(given.sku))
const words = (given: { sku: string; [part: string]: unknown }) =>
  describeCommand(commandSchema.parse(given), contextFor(given.sku) as unknown as CommandContext, 'en')

describe('commands on bundles', () => {
  it('add a draft, which is a product', () => {
    const [change] = plan({ type: 'addBundle', sku: 'NEW', name: { en: 'Any three' }, bundle: emptyBundle('pickAny') })
    expect(change).toMatchObject({
      of: 'product',
      owner: 'NEW',
      before: null,
      after: { sku: 'NEW', name: { en: 'Any three' }, status: 'draft', price: null, stock: 0, bundle: emptyBundle('pickAny') },
    })
  })

  it('refuse a SKU that is taken, a name that is empty, and what the shop doesn’t have', () => {
    const add = (sku: string, bundle: Bundle = fixed(), name = 'Set') => plan({ type: 'addBundle', sku, name: { en: name }, bundle })
    expect(() => add('SMOKER')).toThrow('SMOKER is the SKU of another product already.')
    expect(() => add('VEIL-S')).toThrow('VEIL-S is the SKU of a variant of VEIL already.')
    expect(() => add('NEW', fixed(), ' ')).toThrow('A bundle needs a name.')
    expect(() => add('NEW', fixed('SMOKER', 'NOWHERE'))).toThrow('The shop has no product with the SKU NOWHERE.')
    expect(() => add('NEW', fixed('NEW'))).toThrow('A bundle can’t be a part of itself.')
  })

  it('change parts of one that are as they were seen', () => {
    const change = (settings: object, seen: object = {}, sku = 'SET') => plan({ type: 'changeBundle', sku, settings, seen })
    expect(change({ status: 'active' }, { status: 'draft' })[0]).toMatchObject({
      before: { status: 'draft' },
      after: { status: 'active', name: { en: 'Harvest day' } },
    })
    expect(change({ bundle: fixed('GONE', 'VEIL') })[0]!.after!.bundle).toEqual(fixed('GONE', 'VEIL'))
    expect(() => change({ status: 'active' }, { status: 'retired' })).toThrow('changed in the meantime')
    expect(() => change({ bundle: fixed('SET') })).toThrow('a part of itself')
    expect(() => change({ bundle: fixed('NOWHERE') })).toThrow('no product with the SKU NOWHERE')
    expect(() => change({ categories: ['kits', 'none'] })).toThrow('There is no category “none”.')
    expect(() => change({}, {}, 'SMOKER')).toThrow('There is no bundle with the SKU SMOKER.')
  })

  it('remove a draft alone', () => {
    expect(plan({ type: 'removeBundle', sku: 'SET' })[0]!.after).toBeNull()
    expect(() => plan({ type: 'removeBundle', sku: 'SOLD' })).toThrow('Retire it instead.')
  })

  it('are told in words', () => {
    const changed = (settings: object) => words({ type: 'changeBundle', sku: 'SET', settings, seen: {} })
    expect(words({ type: 'addBundle', sku: 'NEW', name: { en: 'Any three' }, bundle: fixed() })).toBe('Added the bundle “Any three”')
    expect(words({ type: 'removeBundle', sku: 'SET' })).toBe('Removed the bundle “Harvest day”')
    expect(changed({ status: 'active' })).toBe('Made the bundle “Harvest day” active')
    expect(changed({ status: 'retired' })).toBe('Retired the bundle “Harvest day”')
    expect(changed({ bundle: { ...fixed('SMOKER'), price: { by: 'own', price: 100 } } })).toBe(
      'Changed the parts and the price of the bundle “Harvest day”',
    )
    expect(changed({ name: { en: 'Day out' }, bundle: emptyBundle('choice') })).toBe(
      'Changed the name and the type of the bundle “Day out”',
    )
  })
})
