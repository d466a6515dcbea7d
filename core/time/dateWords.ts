/* How days and moments are written for people: one way everywhere, in the time zone of the shop. */

const formats = new Map<string, Intl.DateTimeFormat>()
function formatOf(timeZone: string, style: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${timeZone} ${Object.keys(style).join()}`
  let format = formats.get(key)
  if (!format) formats.set(key, (format = new Intl.DateTimeFormat('en-GB', { ...style, timeZone })))
  return format
}
const day = { day: 'numeric', month: 'short' } as const
const year = { year: 'numeric' } as const
const time = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const

/**
 * A day: “1 Mar 2026”.
 * @param date ISO 8601, a day or a date and time
 * @param timeZone name in the IANA time zone database; a day without a time of day is the same everywhere
 */
export const dayWords = (date: string, timeZone: string): string =>
  formatOf(date.includes('T') ? timeZone : 'UTC', { ...day, ...year }).format(new Date(date))

/** A time of day: “08:00”. @param at ISO 8601 date and time @param timeZone name in the IANA time zone database */
export const timeWords = (at: string, timeZone: string): string => formatOf(timeZone, time).format(new Date(at))

/** A moment to the minute: “3 Dec 2026, 08:00”. @param at ISO 8601 date and time @param timeZone name in the IANA time zone database */
export const momentWords = (at: string, timeZone: string): string => `${dayWords(at, timeZone)}, ${timeWords(at, timeZone)}`

/**
 * A moment that is near: without its year when that is this one, “3 Dec, 08:00”.
 * @param at ISO 8601 date and time
 * @param timeZone name in the IANA time zone database
 * @param now milliseconds since 1970-01-01 UTC
 */
export function nearWords(at: string, timeZone: string, now: number): string {
  const yearOf = (ms: number | Date) => formatOf(timeZone, year).format(ms)
  const isThisYear = yearOf(new Date(at)) === yearOf(now)
  return isThisYear ? `${formatOf(timeZone, day).format(new Date(at))}, ${timeWords(at, timeZone)}` : momentWords(at, timeZone)
}
