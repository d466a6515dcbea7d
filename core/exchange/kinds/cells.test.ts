import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fromCell, joinCell, splitCell, splitPairs, toCell } from './cells'

const oddText = fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom("'", '=', '+', '-', '@', '\t', '1', '.', 'a') }))

describe('cells', () => {
  it('never begin a formula, and give the text back', () => {
    fc.assert(
      fc.property(oddText, text => {
        const cell = toCell(text)
        expect(fromCell(cell)).toBe(text)
        // OWASP, "CSV Injection": fields that begin with =, +, -, @, tab or carriage return. A plain number is none.
        if (!/^[+-]?\d+(\.\d+)?$/.test(cell)) expect(cell).not.toMatch(/^[=+\-@\t\r]/)
      }),
      { numRuns: 2000 },
    )
  })

  it('guard what a spreadsheet would run, and nothing else', () => {
    expect(['=1+1', '+44 20', '-2', '@SUM(A1)', "'=x", 'Hive tool', "'quoted'"].map(toCell)).toEqual([
      "'=1+1",
      "'+44 20",
      '-2',
      "'@SUM(A1)",
      "''=x",
      'Hive tool',
      "'quoted'",
    ])
  })

  it('hold several values', () => {
    expect(splitCell(' a | b||c ')).toEqual(['a', 'b', 'c'])
    expect(joinCell(['a', 'b'])).toBe('a|b')
    expect(splitPairs('fits=National | fits=Commercial|size=a=b')).toEqual([
      ['fits', 'National'],
      ['fits', 'Commercial'],
      ['size', 'a=b'],
    ])
    for (const wrong of ['fits', '=x', 'fits=', 'a=1|b']) expect(splitPairs(wrong)).toBeNull()
    expect(splitPairs('')).toEqual([])
  })
})
