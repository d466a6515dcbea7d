import { z } from 'zod'

/** Two digits after the point: a reduction of 12.25 % is 1,225 hundredths. */
const hundredths = 100
const areHundredths = (percent: number) => Math.round(percent * hundredths) / hundredths === percent

/** A reduction in percent, of at most 100 % and with at most two digits after the point. @param least what it is at least */
export const reductionPercentSchema = (least: number, atLeast: string) =>
  z
    .number()
    .refine(areHundredths, 'A reduction has at most two digits after the point.')
    .min(least, atLeast)
    .max(100, 'A reduction is at most 100 %.')

/**
 * A percentage of an amount, half a unit rounded up. It is worked out in whole numbers throughout.
 * @param amount whole minor units, not below 0
 * @param percent with at most two digits after the point
 * @returns whole minor units
 */
export function shareOf(amount: number, percent: number): number {
  const all = 100 * hundredths
  const share = Math.round(percent * hundredths)
  // What is left of whole multiples stays small, and so does its product.
  return Math.floor(amount / all) * share + Math.floor(((amount % all) * share + all / 2) / all)
}

/** A percentage as it is read in a language: “12.5 %”, “12,5 %”. @param language BCP 47 tag */
export const percentWords = (percent: number, language: string): string =>
  `${new Intl.NumberFormat(language, { maximumFractionDigits: 2 }).format(percent)} %`

/** What somebody has typed, with a point or a comma; null: that is no percentage from 0 to 100 with at most two digits after it. */
export function parsePercent(text: string): number | null {
  const typed = /^(\d{1,3})(?:[.,](\d{1,2}))?\s*%?$/.exec(text.trim())
  if (!typed) return null
  const percent = Number(`${typed[1]}.${typed[2] ?? '0'}`)
  return percent <= 100 ? percent : null
}
