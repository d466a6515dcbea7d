import { expect, it } from 'vitest'
import { makePlan } from '../sections/makeSection.testing'
import type { PagePlan } from './pagePlan'
import { emptyScope } from './pagePlan'
import { planDifferences } from './planDifferences'

const plan = (foot: string[], part: Partial<PagePlan> = {}) =>
  makePlan('product', [], {
    zones: [
      { key: 'belowDetails', blocks: ['upsells'] },
      { key: 'foot', blocks: foot },
    ],
    ...part,
  })
const before = plan(['a', 'b'])

it.each<[PagePlan, string[]]>([
  [before, []],
  [plan(['a', 'b'], { name: { en: 'Gifts' } }), ['changes its name']],
  [plan(['a', 'b'], { scope: { ...emptyScope, tags: ['gift'] } }), ['is for other pages']],
  [plan(['a', 'b'], { rank: 3 }), ['goes after plans that it went before']],
  [plan(['a', 'b', 'c']), ['adds “C”']],
  [plan(['b']), ['takes “A” out']],
  [plan(['b', 'a']), ['puts what stands on it in another order']],
  [plan([], { zones: [{ key: 'belowDetails', blocks: ['upsells', 'a', 'b'] }] }), ['moves “A”', 'moves “B”']],
  [plan(['a', 'b'], { off: ['b'], repeats: true }), ['switches “B” off', 'shows a product again that is shown above']],
])('tells what of a plan is another: %#', (after, words) => {
  expect(planDifferences(before, after, key => key.toUpperCase())).toEqual(words)
})

it('tells what is switched on again', () => {
  expect(planDifferences(plan(['a'], { off: ['a'] }), plan(['a']), key => key)).toEqual(['switches “a” on'])
})
