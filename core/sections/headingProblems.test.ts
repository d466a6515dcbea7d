import { describe, expect, it } from 'vitest'
import { builtInLooks } from '../looks/builtInLooks'
import { LookBook } from '../looks/lookBook'
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
const none = { one: {}, without: {} }
const said = (heading: Section['heading'], otherHeadings: Section['otherHeadings'] = none) =>
  sectionProblems(makeSection('s', { heading, otherHeadings }), known).map(each => each.words)
const missing = 'Where a word of the heading has no value, it is left out. Say what stands there instead.'

describe('a heading', () => {
  it('is well when nothing in it has to be filled, or there is another for where it can’t be', () => {
    expect(said({ en: 'Also worth a look', de: 'Preis < 5 €' })).toEqual([])
    expect(said({ en: 'More from {brand}' }, { one: {}, without: { en: 'More like it' } })).toEqual([])
  })

  it('is said to lack another, in whatever language and for whatever number it is filled', () => {
    expect(said({ en: 'More', de: 'Mehr von {brand}' })).toEqual([missing])
    expect(said({ en: 'More' }, { one: { en: 'The one for {name}' }, without: {} })).toEqual([missing])
  })

  it('is said to have words that stand for nothing, each once', () => {
    expect(said({ en: 'In {colour}', de: 'In {colour}' }, { one: {}, without: { en: 'In {}' } })).toEqual([
      '“{colour}” in the heading stands for nothing. There are {name}, {brand}, and {category}.',
      '“{}” in the heading stands for nothing. There are {name}, {brand}, and {category}.',
    ])
  })

  it('is said to be shown as it is written where it has markup', () => {
    const markup = 'Shoppers see the “<” of the heading as it is written: headings have no markup.'
    expect([
      said({ en: '<b>More</b>' }),
      said({ en: 'More' }, { one: { en: 'One</p>' }, without: {} }),
      said({ en: 'More' }, { one: {}, without: { en: '<!-- -->' } }),
    ]).toEqual([[markup], [markup], [markup]])
  })
})
