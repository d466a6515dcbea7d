import { describe, expect, it } from 'vitest'
import { askedLanguageSchema, languageTagSchema, lookUpLanguage, textIn } from './text'

describe('textIn', () => {
  // RFC 4647 §3.4: the range "zh-Hant-CN-x-private1-private2" is looked up as zh-Hant-CN-x-private1, zh-Hant-CN, zh-Hant, zh.
  const wanted = 'zh-Hant-CN-x-private1-private2'
  it.each([
    [{ 'zh-Hant-CN-x-private1': 'a', 'zh-Hant-CN': 'b' }, 'a'],
    [{ 'zh-Hant-CN': 'b', 'zh': 'd' }, 'b'],
    [{ 'zh-Hant': 'c', 'zh': 'd' }, 'c'],
    [{ zh: 'd', en: 'e' }, 'd'],
    [{ en: 'e', fr: 'f' }, 'e'],
  ])('falls back step by step: %j', (value: Record<string, string>, expected) => {
    expect(textIn(value, wanted, 'en')).toBe(expected)
  })

  it('never stops at a single-letter subtag', () => {
    expect(textIn({ 'zh-Hant-CN-x': 'wrong', 'zh-Hant-CN': 'right' }, 'zh-Hant-CN-x-private1', 'en')).toBe('right')
  })

  it('takes any language rather than showing nothing', () => {
    expect(textIn({ fr: 'Ruche' }, 'de', 'en')).toBe('Ruche')
    expect(textIn({}, 'de', 'en')).toBe('')
  })
})

describe('languageTag', () => {
  it.each(['en', 'pt-BR', 'zh-Hant'])('accepts %s', tag => expect(languageTagSchema.safeParse(tag).success).toBe(true))
  it.each(['', 'EN', 'english_uk', 'e', '__proto__'])('refuses %j', tag => expect(languageTagSchema.safeParse(tag).success).toBe(false))
})

describe('a language that is asked for', () => {
  it.each([
    ['en-us', 'en-US'],
    ['DE', 'de'],
    ['zh-hant-tw', 'zh-Hant-TW'],
    ['de-DE-1996', 'de-DE-1996'],
  ])('%s is %s', (asked, tag) => {
    expect(askedLanguageSchema.parse(asked)).toBe(tag)
  })
  it.each(['', 'e', 'en_US', 'english please'])('is refused when it is none: %j', asked => {
    expect(askedLanguageSchema.safeParse(asked).success).toBe(false)
  })
  it('is looked up among those that there are', () => {
    const available = new Set(['zh-Hant', 'de', 'en', 'fr-CH'])
    // The example of RFC 4647 §3.4: zh-Hant-CN-x-private1-private2 falls back subtag by subtag to zh-Hant.
    expect(lookUpLanguage('zh-Hant-CN-x-private1-private2', available, 'en')).toBe('zh-Hant')
    expect(['de-AT', 'fr', 'fr-CH', 'it', 'en-US'].map(asked => lookUpLanguage(asked, available, 'en'))).toEqual([
      'de',
      'en',
      'fr-CH',
      'en',
      'en',
    ])
  })
})
