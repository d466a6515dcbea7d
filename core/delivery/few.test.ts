import fc from 'fast-check'
import { expect, it } from 'vitest'
import { isFew, sureOf } from './few'

it('is few from one to as many as the shop says, and never when it says none', () => {
  const few = (few: number) => [0, 1, 5, 6, -1].map(stock => isFew(stock, { few }))
  expect(few(5)).toEqual([false, true, true, false, false])
  expect(few(0)).toEqual([false, false, false, false, false])
})

it.each([
  [0, 0],
  [1, 1],
  [4, 2],
  [9, 5],
  [10, 10],
  [37, 20],
  [99, 50],
  [1000, 1000],
  [9999, 5000],
])('of %i, %i can be had for sure', (there, sure) => expect(sureOf(there)).toBe(sure))

it('never says more than there is, nor nothing where there is some', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1e9 }), there => {
      const sure = sureOf(there)
      expect(sure).toBeLessThanOrEqual(there)
      expect(sure).toBeGreaterThan(there / 2.5)
      expect(String(sure)).toMatch(/^[125]0*$/)
    }),
  ))
