import { describe, expect, it } from 'vitest'
import { languageGaps } from './languageGaps'

const gaps = (text: Record<string, string>, before: Record<string, string> | null) =>
  languageGaps([{ what: 'the heading', text }], before && [{ what: 'the heading', text: before }], ['en', 'de', 'fr'], 'en').map(
    ({ what, language, is }) => `${what} ${language} ${is}`,
  )

describe('what is said in one language only', () => {
  it('is missing in the others', () => {
    expect(gaps({ en: 'Lids', de: 'Deckel' }, null)).toEqual(['the heading fr missing'])
    expect(gaps({ en: 'Lids', de: 'Deckel', fr: '' }, { en: 'Lids', de: 'Deckel' })).toEqual(['the heading fr missing'])
    // What isn't said at all is missed nowhere.
    expect(gaps({}, { en: 'Lids' })).toEqual([])
  })

  it('is older where it stayed as it was while the shop’s own language was reworded', () => {
    const before = { en: 'Lids', de: 'Deckel', fr: 'Couvercles' }
    expect(gaps({ ...before, en: 'All lids' }, before)).toEqual(['the heading de older', 'the heading fr older'])
    expect(gaps({ ...before, en: 'All lids', de: 'Alle Deckel' }, before)).toEqual(['the heading fr older'])
    expect(gaps({ ...before, de: 'Alle Deckel' }, before)).toEqual([])
    // What was said in one language alone before was not made from it.
    expect(gaps(before, { de: 'Deckel', fr: 'Couvercles' })).toEqual([])
  })
})
