import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parsePercent, percentWords, reductionPercentSchema, shareOf } from './percent'

const anyPercent = fc.integer({ min: 0, max: 10_000 }).map(each => each / 100)

describe('a percentage of an amount', () => {
  it('rounds half a unit up, without a fraction on the way', () => {
    const anyAmount = fc.oneof(fc.integer({ min: 0, max: 100_000 }), fc.integer({ min: 0, max: Math.floor(Number.MAX_SAFE_INTEGER / 100) }))
    fc.assert(
      fc.property(anyAmount, anyPercent, (amount, percent) => {
        const exact = BigInt(amount) * BigInt(Math.round(percent * 100))
        expect(BigInt(shareOf(amount, percent))).toBe(exact / 10_000n + (exact % 10_000n >= 5000n ? 1n : 0n))
      }),
    )
    expect([shareOf(4000, 12.5), shareOf(999, 0.05), shareOf(999, 0.06)]).toEqual([500, 0, 1])
  })

  it('has at most two digits after the point', () => {
    const schema = reductionPercentSchema(0.01, 'At least a hundredth.')
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), each => {
        expect(schema.safeParse(each / 100).success).toBe(true)
        expect(schema.safeParse((each - 0.5) / 100).error?.issues[0]?.message).toBe('A reduction has at most two digits after the point.')
      }),
    )
    expect([0, 100.01, -1].map(each => schema.safeParse(each).success)).toEqual([false, false, false])
  })

  it('is read as it is written, with a point or a comma', () => {
    fc.assert(
      fc.property(anyPercent, fc.constantFrom('en', 'de'), (percent, language) => {
        expect(parsePercent(percentWords(percent, language))).toBe(percent)
      }),
    )
    expect(['12.5', ' 7,25 ', '100', '100.01', '1.234', '-1', 'ten', ''].map(parsePercent)).toEqual([
      12.5,
      7.25,
      100,
      null,
      null,
      null,
      null,
      null,
    ])
  })
})
