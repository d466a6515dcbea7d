import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Lane } from '../../links/lane'
import { reachOf, withinCeilings } from './wideEdits'

const laneOf = (skus: readonly string[]): Lane => skus.map(target => ({ target }))
const anyLane = fc.uniqueArray(fc.constantFrom(...'abcdefgh'), { maxLength: 8 }).map(laneOf)
const anyEdits = fc
  .array(fc.record({ before: anyLane, after: anyLane }), { maxLength: 6 })
  .map(all => all.map((lanes, i) => ({ owner: `P${i}`, key: 'accessory', ...lanes })))
const skus = (lane: Lane) => lane.map(each => each.target)
const kindWith = (ceiling: number | null) => () => ({ ceiling })

describe('edits of many lanes', () => {
  it('say how many they are, what they add and remove, and what becomes of the largest', () => {
    fc.assert(
      fc.property(anyEdits, fc.option(fc.integer({ min: 1, max: 6 }), { nil: null }), (edits, ceiling) => {
        const reach = reachOf(edits, kindWith(ceiling))
        const grow = edits.filter(({ before, after }) => skus(after).some(sku => !skus(before).includes(sku)))
        const longest = Math.max(0, ...grow.map(each => each.after.length))
        expect(reach.lanes).toBe(edits.length)
        expect(reach.largest?.links ?? 0).toBe(longest)
        expect(reach.pastCeiling).toBe(grow.filter(each => ceiling !== null && each.after.length > ceiling).length)
        // What is added less what is removed is how much longer all lanes become.
        const length = (which: 'before' | 'after') => edits.reduce((sum, each) => sum + each[which].length, 0)
        expect(reach.added - reach.removed).toBe(length('after') - length('before'))
      }),
    )
  })

  it('keep ceilings: nothing grows past one, nothing that stood there goes, and no more is left out than must', () => {
    let cut = 0
    fc.assert(
      fc.property(anyEdits, fc.option(fc.integer({ min: 1, max: 6 }), { nil: null }), (edits, ceiling) => {
        const kept = withinCeilings(edits, kindWith(ceiling))
        expect(reachOf(kept, kindWith(ceiling)).pastCeiling).toBe(0)
        for (const [i, { before, after }] of edits.entries()) {
          const [was, wanted, is] = [before, after, kept[i]!.after].map(skus) as [string[], string[], string[]]
          // In their order, and all that stood there and was to stay.
          expect(wanted.filter(sku => is.includes(sku))).toEqual(is)
          expect(wanted.filter(sku => was.includes(sku) && !is.includes(sku))).toEqual([])
          const stays = wanted.filter(sku => was.includes(sku)).length
          expect(is.length).toBe(ceiling === null ? wanted.length : Math.min(wanted.length, Math.max(ceiling, stays)))
          if (is.length < wanted.length) cut++
        }
      }),
    )
    expect(cut).toBeGreaterThan(20)
  })
})
