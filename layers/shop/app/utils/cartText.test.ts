import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CartLine } from './cartText'
import { cartPieces, readCart } from './cartText'

const sku = fc
  .string({ minLength: 1, maxLength: 12 })
  .map(text => text.replace(/[,:|\p{Cc}]/gu, '').trim())
  .filter(Boolean)
const quantity = fc.integer({ min: 1, max: 99 })
const choices = fc
  .array(fc.tuple(fc.constantFrom('lab-250', 'pick', 'c1'), sku, quantity), { minLength: 1, maxLength: 4 })
  .map(all => all.map(([part, each, count]) => [part, each, ...(count === 1 ? [] : [count])].join(':')).join())
const from = fc.constantFrom('section:related', 'offer:to-light-it-with')
const line: fc.Arbitrary<CartLine> = fc.oneof(
  fc.record({ sku, quantity }),
  fc.record({ sku, quantity, with: choices }),
  fc.record({ sku, quantity, with: choices, from }),
  fc.record({ sku, quantity, from }),
)

describe('the cart in cookies', () => {
  it('is read as it was written, in letters that a cookie may have', () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 20 }), lines => {
        const pieces = cartPieces(lines)!
        expect(readCart(pieces)).toEqual(lines)
        // cookie-octet of RFC 6265 §4.1.1
        for (const piece of pieces) expect(piece).toMatch(/^[\x21\x23-\x2B\x2D-\x3A\x3C-\x5B\x5D-\x7E]{0,3800}$/)
      }),
    )
  })

  it('holds a hundred bundles with what was chosen in them', () => {
    const lines = Array.from({ length: 100 }, (_, i): CartLine => ({
      sku: 'SET-04',
      quantity: 1,
      with: `pick:SEED-BOR-10:2,pick:SEED-PHA-10:2,pick:SEED-CRO-${i}`,
    }))
    expect(readCart(cartPieces(lines)!)).toEqual(lines)
  })

  it('says when it is too large, and passes over what nobody wrote', () => {
    expect(cartPieces(Array.from({ length: 100 }, () => ({ sku: 'x'.repeat(200), quantity: 1 })))).toBeNull()
    expect(readCart(['%5B%7B|A:0|%E0%A4%A:2|B:2|@section:related|C/@nonsense'])).toEqual([
      { sku: '[{', quantity: 1 },
      { sku: 'B', quantity: 2 },
      { sku: 'C', quantity: 1 },
    ])
  })
})
