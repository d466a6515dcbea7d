import { describe, expect, it } from 'vitest'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
import type { FillStep } from './fillStep'
import { fillStepSchema, linkStep } from './fillStep'
import { makeSection } from '../sections/makeSection.testing'
import { sectionDifferences } from '../sections/sectionDifferences'
import { sectionProblems } from '../sections/sectionProblems'
import { stepSentence, stepWords } from './stepSentence'

const known = {
  kind: (key: string) => key,
  category: (key: string) => key,
  product: (sku: string) => sku,
  money: String,
  number: String,
  isKnown: ({ name }: { name: string }) => name !== 'gone',
  hasAttribute: (name: string) => name !== 'gone',
  isRetired: (kind: string) => (kind === 'gone' ? null : kind === 'retired'),
  isProductRetired: (sku: string) => (sku === 'GONE' ? null : sku === 'OLD'),
  timeZone: 'UTC',
  looks: new LookBook(builtInLooks),
}
const step = (part: object): FillStep => fillStepSchema.parse({ subjects: 'page', cap: null, off: false, ...part })

describe('a step in words', () => {
  it.each<[FillStep, string]>([
    [linkStep('upsell'), 'products linked by hand as upsell, in hand order'],
    [
      { ...linkStep('accessory', 'cart'), cap: 2 },
      'products linked by hand as accessory, for what is in the cart, in hand order, at most 2',
    ],
    [
      step({ from: 'traits', traits: ['tag', 'brand'], attribute: 'standard', least: 2, order: 'strength' }),
      'products that share at least 2 of its tags, brand, and standard, most in common first',
    ],
    [
      step({
        from: 'rule',
        rule: { when: { has: { of: 'category', name: 'hives' } }, pick: { brand: 'same' } },
        order: 'best-selling',
        cap: 4,
      }),
      'products of the same brand, when it is in hives, best-selling first, at most 4',
    ],
    [step({ from: 'chosen', targets: ['A'], order: 'shuffle' }), '1 chosen product, mixed anew every day'],
    [step({ from: 'category', category: 'hives', below: true, order: 'newest' }), 'products in hives and below it, newest first'],
    [step({ from: 'bestSellers', of: 'brand' }), 'best sellers of the same brand'],
    [step({ from: 'newest', of: 'all' }), 'the newest of the whole shop'],
    [step({ from: 'recentlyViewed', order: 'hand' }), 'what the shopper viewed before, latest first'],
  ])('%j', (given, words) => {
    expect(stepWords(given, known)).toBe(words)
  })

  it('names the field of each phrase that can be changed', () => {
    expect(stepSentence({ ...linkStep('upsell'), cap: 2 }, known).filter(phrase => phrase.field)).toEqual([
      { words: 'upsell', field: 'kind' },
      { words: 'in hand order', field: 'order' },
      { words: '2', field: 'cap' },
    ])
  })
})

describe('what is wrong with a section', () => {
  it.each<[object, [number | null, string][]]>([
    [{}, []],
    [{ steps: [{ ...linkStep('upsell'), off: true }] }, [[null, 'All its steps are switched off, so it shows nothing anywhere.']]],
    [
      { steps: [linkStep('upsell'), linkStep('gone'), linkStep('retired')] },
      [
        [1, 'There is no kind of link “gone”.'],
        [2, 'The kind retired is retired: restore it, or choose another.'],
      ],
    ],
    [{ minimum: 3, places: 2 }, [[null, 'It is hidden under 3 products, and has 2 places: it never shows.']]],
    [{ priceBand: { from: 50, to: 20 } }, [[null, 'No price is from 50 % to 20 % of another: swap the two.']]],
    [{ from: '2026-05-02', until: '2026-05-01' }, [[null, 'It begins after it has ended, so it never shows.']]],
    [
      { leaveOut: { categories: ['gone'], tags: [], brands: ['here'], products: [] } },
      [[null, 'It leaves out the category “gone”, which no product is any more.']],
    ],
    [{ steps: [step({ from: 'category', category: 'gone', below: true, order: 'name' })] }, [[0, 'The category “gone” is gone.']]],
    [
      { steps: [step({ from: 'traits', traits: [], attribute: null, least: 1, order: 'name' })] },
      [[0, 'It counts no traits, so nothing is ever found. Choose at least one.']],
    ],
    [
      { steps: [step({ from: 'chosen', targets: ['A', 'GONE', 'OLD'], order: 'hand' })] },
      [
        [0, 'GONE: no longer in the shop.'],
        [0, 'OLD: retired, so never shown.'],
      ],
    ],
    [
      { steps: [step({ from: 'rule', rule: { when: { all: [] }, pick: { any: [] } }, order: 'name' })] },
      [[0, 'Nothing can be any of nothing: add a condition, or take this group away.']],
    ],
  ])('%j', (part, problems) => {
    expect(sectionProblems(makeSection('s', part), known).map(({ step, words }) => [step, words])).toEqual(problems)
  })
})

it('tells what of a section is another', () => {
  const before = makeSection('s')
  const after = makeSection('s', { steps: [linkStep('upsell')], from: '2026-01-01', until: '2026-02-01', off: true })
  expect(sectionDifferences(before, after)).toEqual(['the fill steps', 'the dates', 'that it is switched off'])
  expect(sectionDifferences(before, before)).toEqual([])
})
