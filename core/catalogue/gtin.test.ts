import fc from 'fast-check'
import { isValid } from 'gtin'
import { describe, expect, it } from 'vitest'
import { gtinCheckDigit, isGtin } from './gtin'

const digits = (length: number) => fc.stringMatching(new RegExp(`^\\d{${length}}$`))

describe('gtinCheckDigit', () => {
  it('gives the digit of the worked example', () => {
    // GS1 General Specifications 7.9.1, worked example for GTIN-13 (from memory): 629104150021 → sum 57 → check digit 3.
    expect(gtinCheckDigit('629104150021')).toBe(3)
  })
})

describe('isGtin', () => {
  it.each([8, 12, 13, 14])('agrees with the gtin package on every GTIN-%i', length => {
    fc.assert(
      fc.property(digits(length), candidate => {
        expect(isGtin(candidate)).toBe(isValid(candidate))
      }),
    )
  })

  it.each([7, 11, 12, 13])('accepts %i digits completed by their check digit, and no other last digit', length => {
    fc.assert(
      fc.property(digits(length), fc.integer({ min: 1, max: 9 }), (body, off) => {
        const right = gtinCheckDigit(body)
        expect(isGtin(`${body}${right}`)).toBe(true)
        expect(isGtin(`${body}${(right + off) % 10}`)).toBe(false)
      }),
    )
  })

  it.each(['', '6291041500213 ', '629104150021X', '12345', '٦٢٩١٠٤١٥٠٠٢١٣', '629-1041-50021-3'])('refuses %j', text => {
    expect(isGtin(text)).toBe(false)
  })
})
