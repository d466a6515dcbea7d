import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { textIn } from '../text/text'
import { headingOf, headingValues } from './headings'
import { pageKindSchema } from '../pagePlans/pagePlan'

const catalogue = new Catalogue(
  [
    makeProduct('EX', {
      name: { en: 'Two-frame extractor', de: 'Zweiwabenschleuder' },
      brand: 'Corrie',
      categories: ['extractors', 'sale'],
    }),
    makeProduct('BARE', { name: {}, categories: ['gone'] }),
  ],
  [
    { key: 'extractors', name: { en: 'Extractors', de: 'Schleudern' }, parent: null },
    { key: 'sale', name: {}, parent: null },
  ],
  [],
)
const none = { one: {}, without: {} }
const said = (
  heading: string,
  {
    page = 'product',
    about = ['EX'],
    count = 3,
    language = 'en',
    other = none,
  }: {
    page?: (typeof pageKindSchema.options)[number]
    about?: string[]
    count?: number
    language?: string
    other?: { one: Record<string, string>; without: Record<string, string> }
  } = {},
) =>
  headingOf(
    { heading: { en: heading }, otherHeadings: other },
    count,
    () => headingValues(page, about, catalogue),
    text => textIn(text, language, 'en'),
  )

describe('the heading of a section', () => {
  it('is filled from the product that the page is about, or the category', () => {
    expect(said('Goes with your {name}')).toBe('Goes with your Two-frame extractor')
    expect(said('More from {brand}, {category}', { about: ['EX', 'BARE'] })).toBe('More from Corrie, Extractors')
    expect(said('More in {category}', { page: 'category', about: ['extractors'], language: 'de' })).toBe('More in Schleudern')
    expect(said('No {} brackets {')).toBe('No brackets')
  })

  it('is another one for a single product', () => {
    const other = { one: { en: 'This goes with your {name}' }, without: {} }
    expect([said('These', { count: 1, other }), said('These', { count: 2, other }), said('These', { count: 1 })]).toEqual([
      'This goes with your Two-frame extractor',
      'These',
      'These',
    ])
  })

  it('falls back where a word has no value, and never shows the bracket', () => {
    const without = { one: {}, without: { en: 'More like it' } }
    expect(said('More from {brand}', { about: ['BARE'], other: without })).toBe('More like it')
    expect(said('More from {brand}', { about: ['EX'], other: without })).toBe('More from Corrie')
    expect(said('More from {brand} here', { about: ['BARE'] })).toBe('More from here')
    expect(said('More {colour}', { other: without })).toBe('More like it')
    expect(said('More from {brand}', { page: 'cart', about: [], other: without })).toBe('More like it')
  })

  it('has no bracket left, whatever is written and wherever it stands', () => {
    const anyHeading = fc
      .array(fc.constantFrom('More ', '{name}', '{brand}', '{category}', '{colour}', '{', '}', ' with ', '<b>'), { maxLength: 6 })
      .map(parts => parts.join(''))
    fc.assert(
      fc.property(
        anyHeading,
        anyHeading,
        fc.constantFrom(...pageKindSchema.options),
        fc.constantFrom<string[]>([], ['EX'], ['BARE'], ['extractors'], ['GONE']),
        fc.constantFrom('en', 'de', 'fr'),
        (heading, without, page, about, language) => {
          const shown = said(heading, { page, about, language, other: { one: {}, without: { en: without } } })
          expect(shown).not.toMatch(/[{}]/)
        },
      ),
      { numRuns: 2000 },
    )
  })
})
