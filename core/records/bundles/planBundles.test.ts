import { describe, expect, it } from 'vitest'
import type { Bundle } from '../../catalogue/bundle'
import { emptyBundle } from '../../catalogue/bundle'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../catalogue/makeProduct.testing'
import { commandSchema } from '../registry'
import { describeCommand } from '../registry'
import type { KeyedBundle } from '../../bundles/bundleSettings'
import { versionsOf } from '../../bundles/bundleVersions'
import { noDrafts } from '../../releases/noDrafts.testing'
import type { Versions } from '../../sections/versions'
import { followingProduct, followingVersions } from './bundleRecord'
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
    makeProduct('ONCE', { status: 'draft', bundle: fixed('SMOKER') }),
  ],
  [{ key: 'kits', name: { en: 'Kits' }, parent: null }],
  [],
)
const kept = (sku: string) => catalogue.product(sku)
const versions = { ...noDrafts, bundles: new Map(Array.from(catalogue.bundles, sku => [sku, versionsOf(kept(sku)!)])) }
const unitsSold = (sku: string) => (sku === 'ONCE' ? 3 : 0)
const context = {
  item: (sku: string) => catalogue.item(sku),
  category: (key: string) => catalogue.category(key),
  versions,
  unitsSold,
}
const parsed = (given: object) => commandSchema.parse(given) as Parameters<typeof planBundles>[0]
const plan = (given: object) => planBundles(parsed(given), context)
const words = (given: object) => describeCommand(parsed(given), context as unknown as CommandContext, 'en')
const { key: _, ...harvest } = versions.bundles.get('SET')!.draft!

describe('commands on bundles', () => {
  it('add a draft', () => {
    const [change] = plan({ type: 'addBundle', sku: 'NEW', name: { en: 'Any three' }, bundle: emptyBundle('pickAny') })
    expect(change).toMatchObject({
      of: 'bundle',
      key: 'NEW',
      before: null,
      after: { live: null, draft: { key: 'NEW', name: { en: 'Any three' }, bundle: emptyBundle('pickAny') } },
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

  it('change the draft of one that is as it was seen, and never what shoppers have', () => {
    const change = (settings: object, seen: object = {}, sku = 'SET') => plan({ type: 'changeBundle', sku, settings, seen })
    expect(change({ bundle: fixed('GONE', 'VEIL') })[0]!.after).toEqual({
      live: null,
      draft: { key: 'SET', ...harvest, bundle: fixed('GONE', 'VEIL') },
    })
    const { live } = versions.bundles.get('SOLD')!
    expect(change({ status: 'retired' }, { status: 'active' }, 'SOLD')[0]!.after).toEqual({ live, draft: { ...live, status: 'retired' } })
    expect(() => change({ status: 'active' }, { status: 'retired' })).toThrow('changed in the meantime')
    expect(() => change({ bundle: fixed('SET') })).toThrow('a part of itself')
    expect(() => change({ bundle: fixed('NOWHERE') })).toThrow('no product with the SKU NOWHERE')
    expect(() => change({ categories: ['kits', 'none'] })).toThrow('There is no category “none”.')
    expect(() => change({}, {}, 'SMOKER')).toThrow('There is no bundle with the key SMOKER.')
  })

  it('remove what was never sold alone', () => {
    expect(plan({ type: 'removeBundle', sku: 'SET' })[0]!.after).toBeNull()
    for (const sku of ['SOLD', 'ONCE']) expect(() => plan({ type: 'removeBundle', sku })).toThrow('Retire it instead.')
  })

  it('are told in words', () => {
    const changed = (settings: object) => words({ type: 'changeBundle', sku: 'SET', settings, seen: {} })
    expect(words({ type: 'addBundle', sku: 'NEW', name: { en: 'Any three' }, bundle: fixed() })).toBe('Added the bundle “Any three”')
    expect(words({ type: 'removeBundle', sku: 'SET' })).toBe('Removed the bundle “Harvest day”')
    expect(changed({ status: 'retired' })).toBe('Retired the bundle “Harvest day”')
    expect(changed({ bundle: { ...fixed('SMOKER'), price: { by: 'own', price: 100 } } })).toBe(
      'Changed the parts and the price of the bundle “Harvest day”',
    )
    expect(changed({ name: { en: 'Day out' }, bundle: emptyBundle('choice') })).toBe(
      'Changed the name and the type of the bundle “Day out”',
    )
  })
})

describe('the product that a bundle is', () => {
  const { live, draft } = versions.bundles.get('SOLD')!
  const after = (next: Versions<KeyedBundle> | null) =>
    followingProduct({ of: 'bundle', owner: '', key: 'SOLD', before: { live, draft }, after: next }, kept('SOLD')).after

  it('stays as shoppers have it while a draft is another', () => {
    expect(after({ live, draft: { ...draft!, bundle: fixed('VEIL') } })).toEqual(kept('SOLD'))
  })

  it('is as it was drafted once that is published, a draft once it is taken from shoppers, and gone with its bundle', () => {
    const next = { ...draft!, bundle: fixed('VEIL'), description: { en: 'New.' } }
    expect(after({ live: next, draft: next })).toMatchObject({ status: 'active', bundle: fixed('VEIL'), description: { en: 'New.' } })
    expect(after({ live: null, draft: next })).toMatchObject({ status: 'draft', bundle: fixed('VEIL') })
    expect(after(null)).toBeNull()
  })

  it('is changed by a file in all its versions, in what the file says and no more', () => {
    const before = kept('SOLD')!
    const changed = { live: live!, draft: { ...draft!, image: '/pictures/own.svg', tags: ['new'] } }
    const { after: next } = followingVersions(before, { ...before, name: { en: 'By file' }, tags: ['by file'] }, changed)
    expect(next).toEqual({
      live: { ...live, name: { en: 'By file' }, tags: ['by file'] },
      draft: { ...changed.draft, name: { en: 'By file' }, tags: ['by file'] },
    })
  })
})
