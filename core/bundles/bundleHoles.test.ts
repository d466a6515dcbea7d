import { describe, expect, it } from 'vitest'
import type { Bundle } from '../catalogue/bundle'
import { emptyBundle } from '../catalogue/bundle'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { bundleHoles } from './bundleHoles'
import { bundleObstacle } from './bundleObstacle'
import { settingsOf } from './bundleSettings'
import { holeWords } from './bundleWords'

const catalogue = new Catalogue(
  [
    makeProduct('TOOL'),
    makeProduct('OLD', { status: 'retired' }),
    makeProduct('SUIT', {
      variants: ['S', 'M', 'L'].map(size => makeVariant(`SUIT-${size}`, { status: size === 'L' ? 'retired' : 'active' })),
    }),
  ],
  [],
  [],
)
const base = { price: { by: 'sum' }, marginFloor: null } as const
const fixed = (...skus: string[]): Bundle => ({
  type: 'fixed',
  components: skus.map(sku => ({ key: sku.toLowerCase(), sku, quantity: 1 })),
  ...base,
})
const any = (...set: string[]): Bundle => ({ type: 'pickAny', set, least: 1, most: 3, repeats: true, steps: [], marginFloor: null })
const choice: Bundle = {
  type: 'choice',
  groups: [
    {
      key: 'suit',
      name: { en: 'Suit' },
      quantity: 1,
      products: ['SUIT'],
      options: [{ name: 'size', values: ['S', 'M', 'L', 'XL', 'XXL'] }],
      // XL is not sold, on purpose; of XXL nothing was decided.
      combinations: [...['S', 'M', 'L'].map(size => ({ values: [size], sku: `SUIT-${size}` })), { values: ['XL'], sku: null }],
    },
  ],
  components: [],
  ...base,
}
const told = (bundle: Bundle) => holeWords(bundleHoles(bundle, catalogue), bundle, sku => sku)
const obstacle = (bundle: Bundle, status: 'active' | 'retired' = 'active') =>
  bundleObstacle({ ...settingsOf(makeProduct('SET', { bundle })), key: 'SET', status }, sku => catalogue.item(sku))

describe('choices of a bundle that can’t be bought', () => {
  it('are counted a part: what nothing was decided of, and what is not for sale, but not what is not sold on purpose', () => {
    expect(bundleHoles(choice, catalogue)).toEqual([{ part: 'suit', choices: 4, missing: 2 }])
    expect(told(choice)).toBe('In “Suit” 2 of 4 choices can’t be bought.')
    expect(told(fixed('SUIT', 'TOOL'))).toBe('In “SUIT” 1 of 3 choices can’t be bought.')
    expect(told(any('TOOL', 'OLD', 'SUIT'))).toBe('1 of 3 products can’t be picked.')
    expect(bundleHoles(fixed('TOOL', 'SUIT-M'), catalogue)).toEqual([])
  })
})

describe('a bundle', () => {
  it('can’t be published when it is empty, or has a part of which nothing can be had', () => {
    const empty = 'Nothing is in it yet: put products in first.'
    expect([emptyBundle('fixed'), emptyBundle('choice'), emptyBundle('pickAny')].map(each => obstacle(each))).toEqual([empty, empty, empty])
    const unsold = 'It can’t be sold: a part of it has nothing that shoppers can get.'
    expect([fixed('TOOL', 'OLD'), fixed('TOOL', 'GONE'), any('OLD')].map(each => obstacle(each))).toEqual([unsold, unsold, unsold])
    expect([fixed('TOOL', 'SUIT'), choice, any('OLD', 'TOOL')].map(each => obstacle(each))).toEqual([null, null, null])
  })

  it('can be retired whatever is in it', () => {
    expect(obstacle(emptyBundle('fixed'), 'retired')).toBeNull()
  })
})
