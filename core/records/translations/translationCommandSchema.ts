import { z } from 'zod'
import { draftedSortNames } from '../../releases/draftedSorts'
import { languageTagSchema } from '../../text/text'
import type { TranslatedSort } from './translationRecord'

const wordsSchema = z.string().min(1).max(20_000)

/** Says that what a draft, or the shop's settings, say in a language still fits the shop's own words, though these have changed. */
export const translationCommandSchema = z.discriminatedUnion('type', [
  z.strictObject({
    type: z.literal('keepTranslation'),
    of: z.enum(['settings', ...draftedSortNames] as [TranslatedSort, ...TranslatedSort[]]),
    /** Key of the thing, and of the text among those of it. */
    key: z.string().min(1).max(64),
    text: z.string().min(1).max(80),
    language: languageTagSchema,
    /** What was read: the words in that language, and the shop's own. */
    words: wordsSchema,
    own: wordsSchema,
  }),
])
export type TranslationCommand = z.infer<typeof translationCommandSchema>
