import type { Text } from './text'

/** A text that shoppers read, and what it is: “the heading”. */
export interface NamedText {
  what: string
  text: Text
}

/** Something that is not said in a language, or is said there as it was before it was changed in the shop's own. */
export interface LanguageGap {
  what: string
  /** BCP 47 */
  language: string
  is: 'missing' | 'older'
}

/**
 * What texts lack in other languages than the shop's own.
 * @param texts as they will be
 * @param before the same as shoppers have them; null: they have none yet
 * @param languages BCP 47 tags of all languages of the shop
 * @param own tag of the shop's own
 */
export function languageGaps(
  texts: readonly NamedText[],
  before: readonly NamedText[] | null,
  languages: readonly string[],
  own: string,
): LanguageGap[] {
  return texts.flatMap(({ what, text }) => {
    const was = before?.find(each => each.what === what)?.text ?? {}
    if (!text[own]) return []
    const isReworded = Boolean(was[own]) && was[own] !== text[own]
    return languages.flatMap((language): LanguageGap[] => {
      if (language === own) return []
      if (!text[language]) return [{ what, language, is: 'missing' }]
      return isReworded && was[language] === text[language] ? [{ what, language, is: 'older' }] : []
    })
  })
}
