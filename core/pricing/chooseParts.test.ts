import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { momentIn } from '../time/moment'
import { priceCart } from './priceCart'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const catalogue = new Catalogue(
  [
    makeProduct('VEIL', {
      price: 2000,
      variants: [makeVariant('VEIL-S', { stock: 2 }), makeVariant('VEIL-L', { stock: 0 })],
    }),
    makeProduct('TOOL', { price: 990, stock: 9 }),
    makeProduct('TWO-VEILS', {
      price: null,
      stock: 0,
      bundle: {
        type: 'fixed',
        components: [
          { key: 'veil', sku: 'VEIL', quantity: 2, oneByOne: true },
          { key: 'tool', sku: 'TOOL', quantity: 2, oneByOne: true },
        ],
        price: { by: 'percent', percent: 10 },
        marginFloor: null,
      },
    }),
  ],
  [],
  [],
)
const cart = (...choices: [part: string, sku: string][]) =>
  priceCart([{ sku: 'TWO-VEILS', quantity: 1, choices: choices.map(([part, sku]) => ({ part, sku, quantity: 1 })) }], { catalogue }, at)
const warningsOf = (...choices: [part: string, sku: string][]) => cart(...choices).warnings.map(({ code, part }) => `${code} ${part}`)

describe('pieces that are chosen one by one', () => {
  it('each have their choice; where there is nothing to choose, the part is one', () => {
    expect(cart(['veil', 'VEIL-S'], ['veil.2', 'VEIL-S'])).toMatchObject({
      lines: [
        {
          was: 2000 * 2 + 990 * 2,
          components: [
            { part: 'veil', sku: 'VEIL-S', quantity: 1 },
            { part: 'veil.2', sku: 'VEIL-S', quantity: 1 },
            { part: 'tool', sku: 'TOOL', quantity: 2 },
          ],
        },
      ],
      warnings: [],
    })
  })

  it('say which of them is missing, is not sold, or is one too many', () => {
    expect(warningsOf(['veil', 'VEIL-S'])).toEqual(['noChoice veil.2'])
    expect(warningsOf(['veil', 'VEIL-S'], ['veil.2', 'VEIL-L'])).toEqual(['notAvailable VEIL-L'])
    expect(warningsOf(['veil', 'VEIL-S'], ['veil.2', 'TOOL'])).toEqual(['choiceNotSold TOOL'])
    expect(warningsOf(['veil', 'VEIL-S'], ['veil.2', 'VEIL-S'], ['veil.3', 'VEIL-S'])).toEqual(['choiceNotSold VEIL-S'])
  })
})
