import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Bitmap } from './bitmap'

const pairs = fc.integer({ min: 0, max: 300 }).chain(size => {
  const some = fc.uniqueArray(fc.nat(Math.max(0, size - 1)), { maxLength: size })
  return fc.tuple(fc.constant(size), some, some)
})
const ascending = (positions: Iterable<number>) => [...positions].sort((a, b) => a - b)

describe('a bitmap', () => {
  it('is the set of its positions, by itself and combined', () => {
    fc.assert(
      fc.property(pairs, ([size, first, second]) => {
        const [a, b] = [new Bitmap(size).addAll(first), new Bitmap(size).addAll(second)]
        const all = Array.from({ length: size }, (_, i) => i)
        expect(a.positions()).toEqual(ascending(first))
        expect(a.count).toBe(first.length)
        expect(all.filter(each => a.has(each))).toEqual(ascending(first))
        expect(a.and(b).positions()).toEqual(ascending(first.filter(each => second.includes(each))))
        expect(a.or(b).positions()).toEqual(ascending(new Set([...first, ...second])))
        expect(a.without(b).positions()).toEqual(ascending(first.filter(each => !second.includes(each))))
        expect(Bitmap.full(size).positions()).toEqual(all)
        // What it was combined with is as it was.
        expect([a.positions(), b.positions()]).toEqual([ascending(first), ascending(second)])
      }),
    )
  })

  it('takes single positions in and out', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(99), fc.boolean())), steps => {
        const bitmap = new Bitmap(100)
        const before = bitmap.copy()
        const set = new Set<number>()
        for (const [position, isIn] of steps) {
          bitmap.set(position, isIn)
          if (isIn) set.add(position)
          else set.delete(position)
        }
        expect(bitmap.positions()).toEqual(ascending(set))
        expect(before.count).toBe(0)
      }),
    )
  })
})
