import { describe, expect, it } from 'vitest'
import { fillStepSchema, linkStep, needsSubjects } from '../fillSteps/fillStep'
import { makeSection } from './makeSection.testing'
import { sectionSchema } from './section'

const common = { subjects: 'page', cap: null, off: false }

describe('a fill step', () => {
  it.each([
    [linkStep('accessory'), true],
    [{ ...linkStep('accessory'), order: 'strength' }, false],
    [{ ...linkStep('accessory'), cap: 0 }, false],
    [{ from: 'traits', traits: ['tag'], attribute: null, least: 2, order: 'strength', ...common }, true],
    [{ from: 'traits', traits: ['tag'], attribute: null, least: 2, order: 'hand', ...common }, false],
    [{ from: 'traits', traits: ['price'], attribute: null, least: 2, order: 'strength', ...common }, false],
    [{ from: 'rule', rule: { when: { all: [] }, pick: { brand: 'same' } }, order: 'shuffle', ...common }, true],
    [{ from: 'rule', rule: { when: { all: [] } }, order: 'shuffle', ...common }, false],
    [{ from: 'bestSellers', of: 'category', ...common }, true],
    [{ from: 'bestSellers', of: 'tag', ...common }, false],
    [{ from: 'somewhere', ...common }, false],
  ])('%j is taken: %s', (step, taken) => {
    expect(fillStepSchema.safeParse(step).success).toBe(taken)
  })

  it('depends on its subjects unless it offers the same to all', () => {
    const of = (part: object) => needsSubjects(fillStepSchema.parse({ ...common, ...part }))
    expect([
      of(linkStep('upsell')),
      of({ from: 'newest', of: 'brand' }),
      of({ from: 'newest', of: 'all' }),
      of({ from: 'chosen', targets: ['A'], order: 'hand' }),
      of({ from: 'recentlyViewed', order: 'hand' }),
    ]).toEqual([true, true, false, false, false])
  })
})

describe('a section', () => {
  it.each([
    [{}, true],
    [{ priceBand: { from: 50, to: 20 } }, true],
    [{ priceBand: {} }, false],
    [{ steps: [] }, false],
    [{ places: 0 }, false],
    [{ minimum: 0 }, false],
    [{ lowestMargin: 101 }, false],
    [{ from: '2026-02-30' }, false],
    [{ guards: ['onlyOnMonday'] }, false],
    [{ key: 'Not a key' }, false],
  ])('with %j is taken: %s', (part, taken) => {
    expect(sectionSchema.safeParse({ ...makeSection('s'), ...part }).success).toBe(taken)
  })
})
