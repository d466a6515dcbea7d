import fc from 'fast-check'
import { expect, it } from 'vitest'
import { spread } from './spread'

it('takes things evenly, in their order, and all when there are few', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 1, max: 80 }), (count, most) => {
      const taken = spread(
        Array.from({ length: count }, (_, i) => i),
        most,
      )
      expect(taken).toHaveLength(Math.min(count, most))
      const gaps = taken.slice(1).map((each, i) => each - taken[i]!)
      expect(gaps.every(gap => gap >= 1)).toBe(true)
      if (gaps.length) expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1)
    }),
  )
})
