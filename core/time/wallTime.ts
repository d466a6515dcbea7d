/* The time that clocks on the wall show where the shop is. */

const formats = new Map<string, Intl.DateTimeFormat>()

/**
 * @param ms milliseconds since 1970-01-01 UTC
 * @param timeZone name in the IANA time zone database
 * @returns ISO 8601 date and time to the minute, without an offset: `2026-12-03T08:00`
 */
export function wallTimeAt(ms: number, timeZone: string): string {
  let format = formats.get(timeZone)
  // Swedish dates are written as ISO 8601 has them.
  if (!format)
    formats.set(
      timeZone,
      (format = new Intl.DateTimeFormat('sv', {
        timeZone,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        hourCycle: 'h23',
      })),
    )
  return format.format(ms).replace(' ', 'T')
}

const day = 24 * 3600_000

/**
 * The moment at which clocks show a time. One that they show twice, when they are put back, is the first; one that they skip is as much
 * later as they are put forward, as RFC 5545 (3.3.5) has it.
 * @param wallTime ISO 8601 date and time to the minute, without an offset
 * @param timeZone name in the IANA time zone database
 * @returns milliseconds since 1970-01-01 UTC; NaN: it is no date and time
 */
export function msOfWallTime(wallTime: string, timeZone: string): number {
  const asUtc = Date.parse(`${wallTime}Z`)
  if (Number.isNaN(asUtc)) return NaN
  const offsetAt = (ms: number) => Date.parse(`${wallTimeAt(ms, timeZone)}Z`) - ms
  // No clock is put by as much as a day, and none is off by more.
  const offsets = [offsetAt(asUtc - day), offsetAt(asUtc + day)]
  const first = asUtc - Math.max(...offsets)
  return offsetAt(first) === Math.max(...offsets) ? first : asUtc - Math.min(...offsets)
}
