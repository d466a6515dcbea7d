import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { LaneRow } from './workbench'
import { mergeLanes } from './mergedLane'

const row = (target: string, part: Partial<LaneRow> = {}): LaneRow => ({
  target,
  sku: target,
  name: target,
  image: null,
  price: 100,
  difference: 10,
  stock: 1,
  sold: 0,
  problem: null,
  from: null,
  until: null,
  note: null,
  later: false,
  returned: null,
  ...part,
})
const lane = (source: string, ...targets: string[]) => ({ source, rows: targets.map(target => row(target)) })
const told = (lanes: Parameters<typeof mergeLanes>[0]) => mergeLanes(lanes).map(each => `${each.target}:${each.on.join('')}`)

describe('mergeLanes', () => {
  it('is the lane itself for one product', () => {
    const rows = [row('A'), row('B', { problem: 'over' })]
    expect(mergeLanes([{ source: 'S', rows }])).toEqual(rows.map(each => ({ ...each, on: ['S'] })))
  })

  it('puts a link where it stands on average, and says who has it', () => {
    expect(told([lane('S', 'A', 'B', 'C'), lane('T', 'C', 'A'), lane('U', 'D')])).toEqual(['D:U', 'A:ST', 'B:S', 'C:ST'])
  })

  it('has every link once and forgets none', () => {
    const targets = fc.uniqueArray(fc.constantFrom<string>('A', 'B', 'C', 'D', 'E'))
    fc.assert(
      fc.property(fc.array(targets, { maxLength: 5 }), all => {
        const merged = mergeLanes(all.map((each, i) => lane(String(i), ...each)))
        expect(merged.map(each => each.target).sort()).toEqual([...new Set(all.flat())].sort())
        for (const { target, on } of merged) expect(on).toEqual(all.flatMap((each, i) => (each.includes(target) ? [String(i)] : [])))
      }),
    )
  })
})
