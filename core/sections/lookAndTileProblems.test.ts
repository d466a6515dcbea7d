import { describe, expect, it } from 'vitest'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import type { LookParts } from '../looks/look'
import { linkStep } from '../fillSteps/fillStep'
import { makeSection } from './makeSection.testing'
import type { Section } from './section'
import type { KnownThings } from './sectionProblems'
import { sectionProblems } from './sectionProblems'

const known: KnownThings = {
  kind: key => key,
  category: key => key,
  product: sku => sku,
  money: String,
  number: String,
  isKnown: () => true,
  hasAttribute: () => true,
  isRetired: () => false,
  isProductRetired: () => false,
  timeZone: 'UTC',
  looks: new LookBook(builtInLooks),
}
const problemsOf = (part: Partial<Section>) =>
  sectionProblems(makeSection('s', part), known).map(({ step, of, words }) => [step, of, words])
const related = { from: 'relatedCategories', of: 'beside', order: 'best-selling', subjects: 'page', cap: null, off: false } as const

describe('what is wrong with a section of tiles', () => {
  it('is that no step finds categories', () => {
    expect(problemsOf({ layout: 'tiles', steps: [linkStep('accessory')] })).toEqual([
      [
        null,
        undefined,
        'Tiles show categories, and none of its steps finds any. Add a step of related categories, or choose another layout.',
      ],
    ])
    expect(problemsOf({ layout: 'tiles', steps: [linkStep('accessory'), related] })).toEqual([])
    expect(problemsOf({ layout: 'grid', steps: [related] })).toEqual([])
  })
})

describe('what is wrong with the look of a section', () => {
  const own = (parts: Partial<LookParts>, preset = 'plain') => problemsOf({ look: { preset, own: parts } })

  it('is told as of its look, with every text that is hard to read', () => {
    expect(own({})).toEqual([])
    const told = own({ ink: '#cccccc', soft: '#cccccc' })
    expect(told.map(([step, of]) => [step, of])).toEqual([
      [null, 'look'],
      [null, 'look'],
    ])
    expect(told.map(([, , words]) => words)).toEqual([
      expect.stringMatching(/^The text has/),
      expect.stringMatching(/^The second text has/),
    ])
  })

  it('follows the preset that it has', () => {
    expect(own({ ink: '#f7f3e8' }).length).toBe(1)
    expect(own({ ink: '#f7f3e8' }, 'dusk')).toEqual([])
  })

  it('is that the look is gone', () => {
    expect(own({}, 'gone')).toEqual([[null, 'look', 'Its look “gone” is gone. It looks like the shop itself.']])
  })
})
