import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { firstIndex, roundRobin, lazilySorted, merged, putIn, takeOut } from './sorted'

const ascending = (a: number, b: number) => a - b
const numbers = fc.array(fc.integer({ min: 0, max: 40 }), { maxLength: 60 })

describe('lists in order', () => {
  it('lazilySorted gives what sorting gives, and its beginning alone when no more is asked for', () => {
    fc.assert(
      fc.property(numbers, fc.nat(10), (items, wanted) => {
        const sorted = items.toSorted(ascending)
        expect([...lazilySorted([...items], ascending)]).toEqual(sorted)
        const first: number[] = []
        for (const item of lazilySorted([...items], ascending)) if (first.push(item) > wanted) break
        expect(first).toEqual(sorted.slice(0, wanted + 1))
      }),
    )
  })

  it('takeOut and putIn leave the list in order, however many go and come', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(60)), fc.uniqueArray(fc.nat(60)), fc.infiniteStream(fc.boolean()), (before, others, random) => {
        const list = before.toSorted(ascending)
        const leaving = before.filter(() => random.next().value)
        const coming = others.filter(each => !before.includes(each))
        takeOut(list, leaving, ascending)
        expect(list).toEqual(before.filter(each => !leaving.includes(each)).toSorted(ascending))
        const all = [...list, ...coming].toSorted(ascending)
        putIn(list, coming, ascending)
        expect(list).toEqual(all)
      }),
    )
  })

  it('merged gives every number of all lists once, in order', () => {
    fc.assert(
      fc.property(fc.array(numbers, { maxLength: 5 }), lists => {
        const inOrder = lists.map(list => [...new Set(list)].sort(ascending))
        const all = [...new Set(lists.flat())].sort(ascending)
        const isEven = (item: number) => item % 2 === 0
        expect([...merged(inOrder, ascending)]).toEqual(all)
        expect([...merged(inOrder, ascending, isEven)]).toEqual(all.filter(isEven))
        expect([...lazilySorted([...all].reverse(), ascending, isEven)]).toEqual(all.filter(isEven))
      }),
    )
  })

  it('roundRobin goes round until every list is at its end', () => {
    expect([...roundRobin([['a1', 'a2', 'a3'], [], ['c1'], ['d1', 'd2']])]).toEqual(['a1', 'c1', 'd1', 'a2', 'd2', 'a3'])
  })

  it('firstIndex finds what a walk from the start finds', () => {
    fc.assert(
      fc.property(numbers, fc.integer({ min: -1, max: 41 }), (items, bound) => {
        const sorted = items.toSorted(ascending)
        const walked = sorted.findIndex(item => item >= bound)
        expect(firstIndex(sorted, item => item >= bound)).toBe(walked < 0 ? sorted.length : walked)
      }),
    )
  })
})
