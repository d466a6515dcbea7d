import { z } from 'zod'
import type { Text } from '../text/text'
import { textSchema } from '../text/text'
import { tokensOf } from '../text/tokens'

/** Words that are filled in where what is taken is reckoned: how many, what they cost together, what they cost before, what is saved. */
export const amountTokens = ['count', 'total', 'before', 'saving'] as const
export type AmountToken = (typeof amountTokens)[number]

const short = textSchema.refine(value => Object.values(value).every(each => each.length <= 100), 'These words have at most 100 characters.')

/**
 * What an offer says besides its heading, with {@link amountTokens}. Languages without words of their own get the shop's; `before` and
 * `saving` are said only where something is saved.
 */
export const offerTextsSchema = z.strictObject({ button: short, total: short, before: short, saving: short })
export type OfferTexts = z.infer<typeof offerTextsSchema>

export const plainTexts: OfferTexts = { button: {}, total: {}, before: {}, saving: {} }

/** The tokens of some texts that stand for nothing there. @param known names of those that do */
export const unknownTokens = (texts: readonly Text[], known: readonly string[]): string[] => [
  ...new Set(
    texts
      .flatMap(text => Object.values(text))
      .flatMap(tokensOf)
      .filter(name => !known.includes(name)),
  ),
]
