import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NumberLists } from './numberLists'

const list = fc.nat(12)
const number = fc.nat(2 ** 31 - 1)
const steps = fc.array(
  fc.oneof(
    { weight: 4, arbitrary: fc.record({ do: fc.constant('add' as const), list, number }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('set' as const), list, numbers: fc.uniqueArray(number, { maxLength: 30 }) }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('remove' as const), list, index: fc.nat(30) }) },
  ),
  { maxLength: 400, size: 'max' },
)

describe('lists of numbers', () => {
  it('are as many arrays, whatever is set, added and removed', () => {
    let removed = 0
    fc.assert(
      fc.property(steps, each => {
        const lists = new NumberLists()
        const plain = new Map<number, number[]>()
        for (const step of each) {
          const before = plain.get(step.list) ?? []
          if (step.do === 'set') {
            lists.set(step.list, step.numbers)
            plain.set(step.list, [...step.numbers])
          } else if (step.do === 'add') {
            if (before.includes(step.number)) continue
            lists.add(step.list, step.number)
            plain.set(step.list, [...before, step.number])
          } else if (before.length) {
            const gone = before[step.index % before.length]!
            lists.remove(step.list, gone)
            before[before.indexOf(gone)] = before.at(-1)!
            before.pop()
            removed++
          }
        }
        for (let name = 0; name <= 13; name++) {
          const expected = plain.get(name) ?? []
          expect(lists.of(name)).toEqual(expected)
          expect(lists.length(name)).toBe(expected.length)
          expect(expected.map((_, i) => lists.at(name, i))).toEqual(expected)
        }
        expect([...lists.lists()]).toEqual([...plain.keys()].filter(name => plain.get(name)!.length).sort((a, b) => a - b))
      }),
      { numRuns: 150 },
    )
    expect(removed).toBeGreaterThan(1000)
  })
})
