import fc from 'fast-check'
import { expect, it } from 'vitest'
import { Gaps } from './gaps'

it('closes lists and columns, and renames positions, as filtering them does', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(255), { minLength: 1, maxLength: 40 }), fc.array(fc.nat(39)), fc.boolean(), (things, chosen, last) => {
      const count = new Set(chosen.filter(each => each < things.length)).size
      const gone = last ? things.map((_, i) => i).slice(things.length - count) : chosen.filter(each => each < things.length)
      const gaps = new Gaps(new Set(gone), things.length)
      const stay = things.map((_, i) => i).filter(each => !gone.includes(each))
      const kept = stay.map(each => things[each]!)
      const closed = [...things]
      gaps.close(closed)
      expect(closed).toEqual(kept)
      expect([...gaps.closed(Uint8Array.from(things))]).toEqual(kept)
      expect([...gaps.closed(Float64Array.from(things))]).toEqual(kept)
      const positions = [...stay].reverse()
      gaps.rename(positions)
      expect(positions.map(each => closed[each])).toEqual([...kept].reverse())
      expect(stay.map(each => gaps.after(each))).toEqual(kept.map((_, i) => i))
    }),
  )
})
