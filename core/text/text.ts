import { z } from 'zod'

/** A BCP 47 language tag in its canonical case, for example `en`, `de` or `pt-BR`. */
export const languageTagSchema = z.string().refine(isLanguageTag, 'This is not a BCP 47 language tag, such as en or pt-BR.')

/** Text that shoppers read: language tag → text. */
export const textSchema = z.record(languageTagSchema, z.string().max(20_000))
export type Text = z.infer<typeof textSchema>

function isLanguageTag(tag: string): boolean {
  return canonicalTag(tag) === tag
}

/** Tags as they were written, and in their canonical case; every page is asked for in a language, and shops have few. */
const known = new Map<string, string | null>()
const maxKnown = 1000

function canonicalTag(tag: string): string | null {
  let canonical = known.get(tag)
  if (canonical === undefined) {
    canonical = workedOut(tag)
    if (known.size < maxKnown && tag.length < 36) known.set(tag, canonical)
  }
  return canonical
}

function workedOut(tag: string): string | null {
  try {
    return Intl.getCanonicalLocales(tag)[0] ?? null
  } catch {
    return null
  }
}

/** A language that somebody asks for, in whatever case; it becomes the canonical tag. */
export const askedLanguageSchema = z.string().transform((tag, context) => {
  const canonical = canonicalTag(tag)
  if (canonical === null) context.addIssue('This is not a BCP 47 language tag, such as en or pt-BR.')
  return canonical ?? ''
})

/**
 * The language that comes nearest to a wanted one: the tag itself, or else ever shorter forms of it (RFC 4647 §3.4, lookup).
 * @param wanted canonical BCP 47 tag
 * @param available tags of the languages that there are
 * @param fallback the tag when none comes near
 */
export function lookUpLanguage(wanted: string, available: ReadonlySet<string>, fallback: string): string {
  for (let tag = wanted; tag; tag = shorter(tag)) if (available.has(tag)) return tag
  return fallback
}

/**
 * The text in the wanted language. Looks for the tag itself, then for ever shorter forms of it
 * (RFC 4647 §3.4, lookup), then for the default language, then takes whatever there is.
 * @param value the text in all its languages
 * @param language BCP 47 tag the reader wants
 * @param fallback BCP 47 tag of the shop's default language
 * @returns the text, or an empty string when there is none in any language
 */
export function textIn(value: Text, language: string, fallback: string): string {
  for (let tag = language; tag; tag = shorter(tag)) {
    const found = value[tag]
    if (found !== undefined) return found
  }
  return value[fallback] ?? Object.values(value)[0] ?? ''
}

/** RFC 4647 §3.4: drop the last subtag, and a single letter that would then stand at the end. */
function shorter(tag: string): string {
  const cut = tag.lastIndexOf('-')
  if (cut < 0) return ''
  const rest = tag.slice(0, cut)
  return rest.at(-2) === '-' ? rest.slice(0, -2) : rest
}
