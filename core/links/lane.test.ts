import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Lane } from './lane'
import { arrangeLinks, insertLinks, moveLink, removeLinks, sameLane, targetsOf, timeOf } from './lane'
import { momentIn } from '../time/moment'

const skus = fc.uniqueArray(fc.stringMatching(/^[A-D]\d$/), { maxLength: 12 })
const laneOf = (targets: string[]): Lane => targets.map(target => ({ target }))

describe('moveLink', () => {
  it('puts the link at its place and keeps the others in their order', () => {
    fc.assert(
      fc.property(
        skus.filter(all => all.length > 0),
        fc.nat(),
        fc.nat(),
        (all, a, b) => {
          const target = all[a % all.length]!
          const place = (b % all.length) + 1
          const moved = targetsOf(moveLink(laneOf(all), target, place))
          expect(moved.indexOf(target) + 1).toBe(place)
          expect(moved.filter(each => each !== target)).toEqual(all.filter(each => each !== target))
        },
      ),
    )
  })
})

describe('insertLinks and removeLinks', () => {
  it('removing what was inserted gives the lane back', () => {
    fc.assert(
      fc.property(skus, fc.nat(), fc.nat(), (all, cut, at) => {
        const before = laneOf(all.slice(cut % (all.length + 1)))
        const more = all.slice(0, cut % (all.length + 1))
        const place = (at % (before.length + 1)) + 1
        const after = insertLinks(before, laneOf(more), place)
        expect(targetsOf(after).slice(place - 1, place - 1 + more.length)).toEqual(more)
        expect(sameLane(removeLinks(after, more), before)).toBe(true)
      }),
    )
  })

  it('appends when no place is given', () => {
    expect(targetsOf(insertLinks(laneOf(['A', 'B']), laneOf(['C', 'D'])))).toEqual(['A', 'B', 'C', 'D'])
  })
})

describe('sameLane', () => {
  it('sees another order, and a missing end', () => {
    expect(sameLane(laneOf(['A', 'B']), laneOf(['A', 'B']))).toBe(true)
    expect(sameLane(laneOf(['A', 'B']), laneOf(['B', 'A']))).toBe(false)
    expect(sameLane(laneOf(['A', 'B']), laneOf(['A']))).toBe(false)
  })
})

describe('arrangeLinks', () => {
  it('puts those that are named first, in their order, and keeps the rest as it stood', () => {
    fc.assert(
      fc.property(skus, skus, (all, order) => {
        const expected = [...order.filter(target => all.includes(target)), ...all.filter(target => !order.includes(target))]
        expect(targetsOf(arrangeLinks(laneOf(all), order))).toEqual(expected)
      }),
    )
  })
})

describe('timeOf', () => {
  it.each([
    [{}, 'now'],
    [{ from: '2026-05-01' }, 'now'],
    [{ from: '2026-05-02' }, 'later'],
    [{ until: '2026-05-01' }, 'now'],
    [{ until: '2026-04-30' }, 'over'],
    [{ from: '2026-05-01T12:00:01Z' }, 'later'],
    [{ until: '2026-05-01T12:00:00Z' }, 'over'],
  ])('%j at noon on 1 May: %s', (dates, expected) => {
    expect(timeOf(dates, momentIn('UTC', Date.parse('2026-05-01T12:00:00Z')))).toBe(expected)
  })
})
