import { allocate as dineroAllocate, dinero, toSnapshot } from 'dinero.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allocate } from './allocate'

const amount = fc.integer({ min: 0, max: 10_000_000_000 })
const weights = fc.array(fc.oneof(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 1_000_000_000 })), {
  minLength: 1,
  maxLength: 12,
})
const sumOf = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0)
const euro = { code: 'EUR', base: 10, exponent: 2 }
/** A general-purpose money library's shares; it gives what is left over to the first shares, whatever they lost. */
const byLibrary = (amount: number, weights: number[]) =>
  dineroAllocate(dinero({ amount, currency: euro }), weights).map(share => toSnapshot(share).amount)

describe('allocate', () => {
  it.each([
    [100, [1, 1, 1], [34, 33, 33]],
    // 14.28 + 3.12 + 4.08 + 2.38 = 23.86
    [2386, [11900, 2600, 3400, 1980], [1428, 312, 408, 238]],
    [5, [1, 3], [1, 4]],
    [0, [4, 5], [0, 0]],
    [7, [0, 0], [4, 3]],
    [3, [0, 9], [0, 3]],
    [3, [], []],
  ])('shares %i by %j', (amount, weights, shares) => expect(allocate(amount, weights)).toEqual(shares))

  it('follows the worked example of ten seats for six parties', () => {
    // Votes and seats of the example in the article “Largest remainder method” (Hare quota) of several textbooks on electoral systems; from
    // memory.
    expect(allocate(10, [47_000, 16_000, 15_800, 12_000, 6_100, 3_100])).toEqual([5, 2, 1, 1, 1, 0])
  })

  it('adds up, stays within a unit of the exact share, and gives nobody less who lost more', () => {
    fc.assert(
      fc.property(
        amount,
        weights.filter(all => sumOf(all) > 0),
        (amount, weights) => {
          const shares = allocate(amount, weights)
          const sum = BigInt(sumOf(weights))
          expect(sumOf(shares)).toBe(amount)
          const rounds = shares.map((share, i) => {
            const exact = BigInt(weights[i]!) * BigInt(amount)
            expect([exact / sum, exact / sum + 1n]).toContain(BigInt(share))
            return { isUp: BigInt(share) > exact / sum, lost: exact % sum }
          })
          const leastUp = rounds
            .filter(each => each.isUp)
            .map(each => each.lost)
            .sort(ascending)[0]
          const mostDown = rounds
            .filter(each => !each.isUp)
            .map(each => each.lost)
            .sort(ascending)
            .at(-1)
          if (leastUp !== undefined && mostDown !== undefined) expect(leastUp >= mostDown).toBe(true)
          if (amount <= sumOf(weights)) for (const [i, share] of shares.entries()) expect(share).toBeLessThanOrEqual(weights[i]!)
        },
      ),
    )
  })

  it('agrees with dinero.js to the unit, and wholly where nothing is left over or all lose alike', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1_000_000 }),
        fc.array(fc.integer({ min: 1, max: 1_000_000 }), { minLength: 1, maxLength: 8 }),
        (amount, weights) => {
          const [ours, theirs] = [allocate(amount, weights), byLibrary(amount, weights)]
          expect(sumOf(ours)).toBe(sumOf(theirs))
          for (const [i, share] of ours.entries()) expect(Math.abs(share - theirs[i]!)).toBeLessThanOrEqual(1)
          const small = weights.map(weight => (weight % 1000) + 1)
          const even = sumOf(small) * (amount % 1000)
          expect(allocate(even, small)).toEqual(byLibrary(even, small))
          const alike = weights.map(() => weights[0]!)
          expect(allocate(amount, alike)).toEqual(byLibrary(amount, alike))
        },
      ),
    )
  })
})

const ascending = (a: bigint, b: bigint) => Number(a > b) - Number(a < b)
