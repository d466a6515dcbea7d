import { z } from 'zod'

/** What a price, in minor units, is at most: a cart of the largest quantities of it can still be reckoned with to the last unit. */
const largestPrice = 100_000_000_000

/** A price or an amount in whole minor units of its currency (ISO 4217), for example 1250 for € 12.50. Never negative. */
export const minorUnitsSchema = z
  .int()
  .min(0)
  .max(largestPrice, 'An amount is at most 100,000,000,000 of the smallest units of its currency, such as cents.')

/**
 * What a cart comes to, in minor units, is at most: a hundredth of what numbers hold exactly (2^53, IEEE 754 binary64), so that percentages
 * of it are exact too.
 */
const largestTotal = Math.floor(Number.MAX_SAFE_INTEGER / 100)

/** A cart comes to more than can be reckoned with exactly. */
export class AmountTooLargeError extends Error {
  constructor() {
    super(
      `Together this comes to more than ${largestTotal.toLocaleString('en')} of the smallest units of the currency. Order less at a time.`,
    )
    this.name = 'AmountTooLargeError'
  }
}

/** @throws AmountTooLargeError when an amount is more than can be reckoned with exactly */
export function checkTotal(amount: number): void {
  if (amount > largestTotal) throw new AmountTooLargeError()
}

/** An ISO 4217 alphabetic currency code. */
export const currencyCodeSchema = z.string().regex(/^[A-Z]{3}$/, 'A currency is three capital letters, such as EUR.')

/**
 * How many digits of the currency stand behind the decimal point (ISO 4217 "minor unit": 2 for EUR, 0 for JPY, 3 for KWD).
 * @param currency ISO 4217 code
 */
export function minorDigits(currency: string): number {
  return otherDigits.get(currency) ?? 2
}

/** Currencies that have not two digits: ISO 4217, list one. What `Intl` says are the digits in common use, which are fewer for some. */
const otherDigits = new Map([
  ...'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XOF XPF'.split(' ').map(code => [code, 0] as const),
  ...'BHD IQD JOD KWD LYD OMR TND'.split(' ').map(code => [code, 3] as const),
  ...'CLF UYW'.split(' ').map(code => [code, 4] as const),
])

/**
 * An amount as people read it.
 * @param amount minor units
 * @param currency ISO 4217 code
 * @param language BCP 47 tag
 */
export function formatMoney(amount: number, currency: string, language: string): string {
  return formatter(currency, language).format(amount / 10 ** minorDigits(currency))
}

/**
 * An amount as people type it: `12.5`, `12,50` or `12`. Only what the currency can express is accepted.
 * @param currency ISO 4217 code
 * @returns minor units, or null when it is not an amount
 */
export function parseMoney(text: string, currency: string): number | null {
  const digits = minorDigits(currency)
  const [, whole, fraction = ''] = /^(\d{1,12})(?:[.,](\d+))?$/.exec(text.trim()) ?? []
  if (whole === undefined || fraction.length > digits) return null
  return Number(whole + fraction.padEnd(digits, '0'))
}

/**
 * An amount as people type it, without the currency: `12.50`.
 * @param amount minor units
 * @param currency ISO 4217 code
 */
export function plainMoney(amount: number, currency: string): string {
  const digits = minorDigits(currency)
  const text = String(amount).padStart(digits + 1, '0')
  return digits ? `${text.slice(0, -digits)}.${text.slice(-digits)}` : text
}

const formatters = new Map<string, Intl.NumberFormat>()

function formatter(currency: string, language: string): Intl.NumberFormat {
  const key = `${currency} ${language}`
  let found = formatters.get(key)
  const digits = minorDigits(currency)
  if (!found)
    formatters.set(
      key,
      (found = new Intl.NumberFormat(language, {
        style: 'currency',
        currency,
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
      })),
    )
  return found
}

/**
 * How much dearer (positive) or cheaper (negative) one price is than another, in whole percent of the other.
 * @param price minor units
 * @param than minor units, the 100 %
 * @returns whole percent, or null when there is nothing to compare with
 */
export function percentDifference(price: number | null, than: number | null): number | null {
  if (price === null || !than) return null
  return Math.round(((price - than) * 100) / than)
}
