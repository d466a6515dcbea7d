import { describe, expect, it } from 'vitest'
import { languageGaps } from './languageGaps'
import type { Translation } from './translations'

const gaps = (text: Record<string, string>, known: Translation[] = []) =>
  languageGaps([{ key: 'heading', what: 'the heading', text }], known, ['en', 'de', 'fr'], 'en').map(
    ({ what, language, is }) => `${what} ${language} ${is}`,
  )

describe('what is said in one language only', () => {
  it('is missing in the others', () => {
    expect(gaps({ en: 'Lids', de: 'Deckel' })).toEqual(['the heading fr missing'])
    expect(gaps({ en: 'Lids', de: 'Deckel', fr: '' })).toEqual(['the heading fr missing'])
    // What isn't said at all is missed nowhere.
    expect(gaps({})).toEqual([])
  })

  it('is older where it was made from other words of the shop’s own', () => {
    const lids: Translation = { text: 'heading', language: 'de', words: 'Deckel', fits: ['Lids'] }
    const text = { en: 'All lids', de: 'Deckel', fr: 'Couvercles' }
    expect(gaps(text, [lids])).toEqual(['the heading de older'])
    expect(gaps({ ...text, en: 'Lids' }, [lids])).toEqual([])
    expect(gaps({ ...text, de: 'Alle Deckel' }, [lids])).toEqual([])
    expect(gaps(text, [{ ...lids, fits: ['Lids', 'All lids'] }])).toEqual([])
  })
})
