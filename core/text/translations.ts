import { z } from 'zod'
import { languageTagSchema } from './text'
import type { NamedText } from './namedText'

/**
 * Words in another language than the shop's own that stood while the shop's own were changed, with the shop's own that they go with: those
 * that they were made from, and any that somebody found them to fit.
 */
export const translationSchema = z.strictObject({
  /** Key of the text, among those of one thing. */
  text: z.string(),
  /** BCP 47 */
  language: languageTagSchema,
  words: z.string(),
  /** In the shop's own language, the last at the end. */
  fits: z.array(z.string()).min(1),
})
export type Translation = z.infer<typeof translationSchema>

/** So many are remembered of one thing. */
const maxRemembered = 100

/**
 * What is known of translations after texts have changed. Those that stood still while the shop's own language was reworded are
 * remembered with what they were made from.
 * @param known before
 * @param own BCP 47 tag of the shop's own language
 * @returns `known` itself when nothing is to be remembered
 */
export function withReworded(
  known: readonly Translation[],
  before: readonly NamedText[],
  after: readonly NamedText[],
  own: string,
): readonly Translation[] {
  const stood = after.flatMap(({ key, text }): Translation[] => {
    const was = before.find(each => each.key === key)?.text ?? {}
    const madeFrom = was[own]
    if (!madeFrom || madeFrom === text[own]) return []
    return Object.entries(text)
      .filter(([language, words]) => language !== own && words && words === was[language] && !find(known, key, language, words))
      .map(([language, words]) => ({ text: key, language, words, fits: [madeFrom] }))
  })
  return stood.length ? [...known, ...stood].slice(-maxRemembered) : known
}

/**
 * The words of the shop's own language that a translation goes with, when there are others by now; null: it is as new as they are.
 * @param key of the text
 * @param language BCP 47
 */
export function madeFromOther(known: readonly Translation[], { key, text }: NamedText, language: string, own: string): string | null {
  const fits = find(known, key, language, text[language] ?? '')?.fits
  return fits && text[own] && !fits.includes(text[own]) ? fits.at(-1)! : null
}

/** What is known of translations when somebody found one to fit the shop's own words as they are now. */
export const withFitting = (known: readonly Translation[], { key, text }: NamedText, language: string, own: string): Translation[] =>
  known.map(each =>
    each.text === key && each.language === language && each.words === text[language]
      ? { ...each, fits: [...each.fits, text[own]!].slice(-maxFits) }
      : each,
  )
const maxFits = 20

const find = (known: readonly Translation[], key: string, language: string, words: string) =>
  known.find(each => each.text === key && each.language === language && each.words === words)
