import { describe, expect, it } from 'vitest'
import type { PageAnswer } from '../../../core/delivery/contract/pages'
import { sketched } from './pageSketch'

const items = (...skus: string[]) => skus.map(sku => ({ sku, variant: null, image: null, name: sku }))
const page = (sections: Record<string, string[]>, offers: Record<string, string[]> = {}) =>
  ({
    sections: Object.entries(sections).map(([key, skus]) => ({ key, heading: '', items: items(...skus), categories: [] })),
    offers: Object.entries(offers).map(([key, skus]) => ({ key, heading: key, sectionsAbove: 0, items: items(...skus) })),
  }) as unknown as PageAnswer
const told = (sides: ReturnType<typeof sketched>) =>
  [sides.before, sides.after].map(side => side.map(({ heading, became, words }) => [heading, became, words].join(' ').trim()))

describe('a page beside what it will be', () => {
  it('marks what comes, goes, and changes', () => {
    const before = page({ a: ['1', '2'], b: ['3'], c: ['4'], d: ['5'], e: ['6'] })
    const after = page({ a: ['1'], b: ['3', '7'], c: ['8'], d: ['5'], f: ['9'] })
    expect(told(sketched(before, after))).toEqual([
      ['a same', 'b same', 'c same', 'd same', 'e less goes'],
      ['a less 1 fewer', 'b more 1 more', 'c others others', 'd same', 'f more new here'],
    ])
  })

  it('has offers too, and tells a section from an offer of the same name', () => {
    expect(told(sketched(page({ a: ['1'] }), page({}, { a: ['1'] })))).toEqual([['a less goes'], ['a more new here']])
  })
})
