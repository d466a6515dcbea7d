import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Finding } from '../../../core/checks/check'
import type { FindingRow } from '../../../core/studio/checkAnswers'
import { useMarkedFindings } from './useMarkedFindings'

const size = 9
const findingAt = (index: number): Finding => ({ check: 'targetOutOfStock', source: `P${index}`, kind: 'related', target: 'T' })
/** Rows come anew with every answer, so that none is the same object twice. */
const rowAt = (index: number) => (index < size ? ({ finding: findingAt(index) } as FindingRow) : undefined)
const rowsBetween = async (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, i) => rowAt(first + i)!).filter(Boolean)

describe('marked findings', () => {
  it('are those clicked, and all from the last click to where the range ends, whatever was marked before', async () => {
    const step = fc.record({ does: fc.constantFrom('toggle' as const, 'extend' as const), index: fc.nat(size) })
    await fc.assert(
      fc.asyncProperty(fc.array(step), async steps => {
        const { marked, isMarked, toggle, extend } = useMarkedFindings({ rowAt, rowsBetween })
        const plain = new Set<number>()
        let last = 0
        for (const { does, index } of steps) {
          if (does === 'extend') {
            await extend(index)
            for (let i = 0; i < size; i++) if ((i - last) * (i - index) <= 0) plain.add(i)
          } else {
            toggle(index)
            // Where no row is, nothing happens.
            if (index >= size) continue
            last = index
            if (!plain.delete(index)) plain.add(index)
          }
        }
        expect(marked.value.map(each => each.source).sort()).toEqual([...plain].map(each => `P${each}`).sort())
        expect(Array.from({ length: size }, (_, i) => i).filter(i => isMarked(rowAt(i)))).toEqual([...plain].sort((a, b) => a - b))
      }),
    )
  })

  it('are none after they were cleared, and none where there is no row', () => {
    const { marked, isMarked, toggle, clear } = useMarkedFindings({ rowAt, rowsBetween })
    toggle(1)
    toggle(size)
    expect(marked.value).toEqual([findingAt(1)])
    clear()
    expect([marked.value, isMarked(rowAt(1)), isMarked(undefined)]).toEqual([[], false, false])
  })
})
