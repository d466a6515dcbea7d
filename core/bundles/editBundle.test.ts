import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Bundle } from '../catalogue/bundle'
import { bundleSchema as schema, emptyBundle } from '../catalogue/bundle'
import { combinationTable } from './combinations'
import { withComponents, withGroupFor, withOptions, withPicks, withProductIn } from './editBundle'

const suit = makeProduct('SUIT', {
  name: { en: 'Full suit' },
  variants: [
    ['S', 'white'],
    ['S', 'sand'],
    ['M', 'white'],
  ].map(([size, colour], i) => makeVariant(`SUIT-${i}`, { options: { size: size!, colour: colour! } })),
})
const light = makeProduct('LIGHT', {
  name: { en: 'Light suit' },
  variants: [
    makeVariant('LIGHT-XL', { options: { Size: 'XL', Colour: 'white' } }),
    makeVariant('LIGHT-S', { options: { Size: 's', Colour: 'WHITE' } }),
  ],
})
const catalogue = new Catalogue([suit, light, makeProduct('TOOL'), makeProduct('SMOKER')], [], [])
const choice = emptyBundle('choice') as Extract<Bundle, { type: 'choice' }>
const fixed = emptyBundle('fixed') as Extract<Bundle, { type: 'fixed' }>

describe('a bundle', () => {
  it('takes parts in, once more when they are in it already', () => {
    const { components } = withComponents(
      withComponents(fixed, ['TOOL', 'SUIT', 'SUIT-1'], catalogue),
      ['TOOL', 'SUIT', 'SUIT-1'],
      catalogue,
    )
    expect(components.map(each => [each.key, each.sku, each.quantity])).toEqual([
      ['tool', 'TOOL', 2],
      ['suit', 'SUIT', 1],
      ['suit-1', 'SUIT-1', 2],
      ['suit-2', 'SUIT', 1],
    ])
  })

  it('makes a group of a product, with its options and everything matched that there is', () => {
    const both = withGroupFor(withGroupFor(choice, suit, 'en'), makeProduct('TOOL', { name: { en: 'Full suit' } }), 'en')
    expect(schema.safeParse(both).success).toBe(true)
    const [group, other] = both.groups
    expect(group).toMatchObject({
      key: 'full-suit',
      products: ['SUIT'],
      options: [
        { name: 'size', values: ['S', 'M'] },
        { name: 'colour', values: ['white', 'sand'] },
      ],
    })
    expect(combinationTable(group!).map(row => [row.values.join(' '), row.sku])).toEqual([
      ['M sand', undefined],
      ['S white', 'SUIT-0'],
      ['S sand', 'SUIT-1'],
      ['M white', 'SUIT-2'],
    ])
    expect(other).toMatchObject({
      key: 'full-suit-2',
      options: [{ name: 'choice', values: ['Full suit'] }],
      combinations: [{ values: ['Full suit'], sku: 'TOOL' }],
    })
    expect(withProductIn(other!, catalogue.product('SMOKER')!, catalogue, 'en').combinations).toEqual([
      { values: ['Full suit'], sku: 'TOOL' },
      { values: ['SMOKER'], sku: 'SMOKER' },
    ])
  })

  it('lets a group be another product too, and keeps what was decided', () => {
    const [group] = withGroupFor(choice, suit, 'en').groups
    const more = withProductIn(
      { ...group!, combinations: [...group!.combinations, { values: ['M', 'sand'], sku: null }] },
      light,
      catalogue,
      'en',
    )
    expect(more.options).toEqual([
      { name: 'size', values: ['S', 'M', 'XL'] },
      { name: 'colour', values: ['white', 'sand'] },
    ])
    const table = new Map(combinationTable(more).map(row => [row.values.join(' '), row.sku]))
    expect([table.get('M sand'), table.get('XL white'), table.get('XL sand'), table.get('S white')]).toEqual([
      null,
      'LIGHT-XL',
      undefined,
      'SUIT-0',
    ])
  })

  it('keeps decisions of combinations that stay, and none when an option comes or goes', () => {
    const [group] = withGroupFor(choice, suit, 'en').groups
    const [size, colour] = group!.options
    expect(withOptions(group!, [{ ...size!, values: ['S', 'L'] }, colour!]).combinations.map(each => each.values)).toEqual([
      ['S', 'white'],
      ['S', 'sand'],
    ])
    expect(withOptions(group!, [size!]).combinations).toEqual([])
    expect(withOptions(group!, [size!, colour!, { name: 'length', values: ['long'] }]).combinations).toEqual([])
  })

  it('has a product in the set to pick from once', () => {
    const pick = emptyBundle('pickAny') as Extract<Bundle, { type: 'pickAny' }>
    expect(withPicks(withPicks(pick, ['TOOL', 'SUIT']), ['SMOKER', 'TOOL']).set).toEqual(['TOOL', 'SUIT', 'SMOKER'])
  })
})
