import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { priceCart } from './priceCart'

const at = Date.parse('2026-05-01T10:00:00Z')
const catalogue = new Catalogue([
  makeProduct('SMOKER', { price: 3990, was: 4500, stock: 3 }),
  makeProduct('VEIL', { price: 2000, was: 2600, variants: [makeVariant('VEIL-S', { stock: 2 }), makeVariant('VEIL-L', { price: 2400, stock: 0 })] }),
  makeProduct('OLD', { status: 'retired', stock: 5 }), makeProduct('SOON', { released: '2026-06-01', stock: 5 }), makeProduct('ASK', { price: null, stock: 5 }),
], [], [])
const price = (...lines: [string, number][]) => priceCart(lines.map(([sku, quantity]) => ({ sku, quantity })), catalogue, at)

describe('priceCart', () => {
  it('prices products and variants, with what they cost before', () => {
    expect(price(['SMOKER', 2], ['VEIL-S', 1])).toEqual({
      lines: [{ sku: 'SMOKER', quantity: 2, unit: 3990, was: 4500, total: 7980 }, { sku: 'VEIL-S', quantity: 1, unit: 2000, was: 2600, total: 2000 }], total: 9980, warnings: [],
    })
  })

  it('leaves out what can’t be sold, and says why', () => {
    const { lines, total, warnings } = price(['GONE', 1], ['OLD', 1], ['SOON', 1], ['ASK', 1], ['VEIL', 1])
    expect([lines, total]).toEqual([[], 0])
    expect(warnings.map(each => `${each.sku} ${each.code}`)).toEqual(['GONE unknown', 'OLD notForSale', 'SOON notForSale', 'ASK notForSale', 'VEIL noChoice'])
  })

  it('says once of how many there are too few, also when several lines want the same', () => {
    expect(price(['SMOKER', 3]).warnings).toEqual([])
    expect(price(['SMOKER', 4]).warnings).toEqual([{ sku: 'SMOKER', code: 'notAvailable', available: 3 }])
    expect(price(['SMOKER', 2], ['SMOKER', 2], ['SMOKER', 9]).warnings).toEqual([{ sku: 'SMOKER', code: 'notAvailable', available: 3 }])
    expect(price(['VEIL-L', 1])).toMatchObject({ lines: [{ unit: 2400, was: null }], warnings: [{ sku: 'VEIL-L', code: 'notAvailable', available: 0 }] })
  })

  it('adds up, for any cart', () => {
    const anyLine = fc.tuple(fc.constantFrom('SMOKER', 'VEIL', 'VEIL-S', 'VEIL-L', 'OLD', 'GONE'), fc.integer({ min: 1, max: 9999 }))
    fc.assert(fc.property(fc.array(anyLine, { maxLength: 12 }), (lines) => {
      const priced = price(...lines)
      expect(priced.total).toBe(priced.lines.reduce((sum, line) => sum + line.total, 0))
      for (const line of priced.lines) expect(BigInt(line.total)).toBe(BigInt(line.unit) * BigInt(line.quantity))
      const sold = new Set(['SMOKER', 'VEIL-S', 'VEIL-L'])
      expect(priced.lines.map(line => [line.sku, line.quantity])).toEqual(lines.filter(([sku]) => sold.has(sku)))
      const stock: Record<string, number> = { 'SMOKER': 3, 'VEIL-S': 2, 'VEIL-L': 0 }
      const short = [...sold].filter(sku => lines.filter(([each]) => each === sku).reduce((sum, [, quantity]) => sum + quantity, 0) > stock[sku]!)
      expect(priced.warnings.filter(each => each.code === 'notAvailable').map(each => each.sku).sort()).toEqual(short.sort())
    }))
  })
})
