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
        expect(a.positionsUpTo(first.length)).toEqual(ascending(first))
        if (first.length) expect(a.positionsUpTo(first.length - 1)).toBe(null)
        expect(all.filter(each => a.has(each))).toEqual(ascending(first))
        expect(a.copy().keep(b).positions()).toEqual(ascending(first.filter(each => second.includes(each))))
        expect(a.copy().addFrom(b).positions()).toEqual(ascending(new Set([...first, ...second])))
        expect(a.copy().remove(b).positions()).toEqual(ascending(first.filter(each => !second.includes(each))))
        expect(b.copy().addBetween(first, 1, first.length).positions()).toEqual(ascending(new Set([...first.slice(1), ...second])))
        expect(Bitmap.full(size).positions()).toEqual(all)
        const added = new Bitmap(size)
        added.addFromBoth(a, b)
        expect(added.positions()).toEqual(ascending(first.filter(each => second.includes(each))))
        added.addFrom(a)
        expect(added.positions()).toEqual(ascending(first))
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
        expect(before.positions()).toEqual([])
      }),
    )
  })
})
