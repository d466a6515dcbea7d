import type { NamedText } from './namedText'
import type { Translation } from './translations'
import { madeFromOther } from './translations'

/** Something that is not said in a language, or was made there from other words of the shop's own than there are now. */
export interface LanguageGap {
  what: string
  /** BCP 47 */
  language: string
  is: 'missing' | 'older'
}

/**
 * What texts lack in other languages than the shop's own.
 * @param known of the translations
 * @param languages BCP 47 tags of all languages of the shop
 * @param own tag of the shop's own
 */
export const languageGaps = (
  texts: readonly NamedText[],
  known: readonly Translation[],
  languages: readonly string[],
  own: string,
): LanguageGap[] =>
  texts
    .filter(({ text }) => text[own])
    .flatMap(named =>
      languages.flatMap((language): LanguageGap[] => {
        const { what, text } = named
        if (language === own) return []
        if (!text[language]) return [{ what, language, is: 'missing' }]
        return madeFromOther(known, named, language, own) === null ? [] : [{ what, language, is: 'older' }]
      }),
    )
