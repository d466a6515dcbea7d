/** A point in time, and which day it is then where the shop is: a date without a time of day means the whole day there. */
export interface Moment {
  /** Milliseconds since 1970-01-01 UTC. */
  ms: number
  /** ISO 8601 calendar date in the shop's time zone. */
  day: string
}

/** After every date. */
export const endOfTime: Moment = { ms: Infinity, day: '9999-12-31' }

/** All time zones are off by whole quarters of an hour, so that no day begins within one. */
const quarter = 900_000
/** By time zone: how days are written, and the day that was asked for last, since writing one takes longer than all else. */
const zones = new Map<string, { format: Intl.DateTimeFormat; quarter: number; day: string }>()

/**
 * @param timeZone name in the IANA time zone database, such as Europe/London
 * @param ms milliseconds since 1970-01-01 UTC; left out: now
 */
export function momentIn(timeZone: string, ms = Date.now()): Moment {
  let zone = zones.get(timeZone)
  // Swedish dates are written as ISO 8601 has them.
  if (!zone)
    zones.set(
      timeZone,
      (zone = {
        format: new Intl.DateTimeFormat('sv', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }),
        quarter: NaN,
        day: '',
      }),
    )
  const now = Math.floor(ms / quarter)
  if (zone.quarter !== now) Object.assign(zone, { quarter: now, day: zone.format.format(ms) })
  return { ms, day: zone.day }
}

const isDay = (date: string) => !date.includes('T')

/** Whether an ISO 8601 day or UTC date and time has come. */
export const hasBegun = (date: string, at: Moment): boolean => (isDay(date) ? date <= at.day : Date.parse(date) <= at.ms)

/** Whether what lasts until a moment, or to the end of a day, is over. */
export const isOver = (until: string, at: Moment): boolean => (isDay(until) ? until < at.day : Date.parse(until) <= at.ms)

/** Whether there is no moment from one date until another. @param timeZone where the days are meant */
export function isNever(from: string, until: string, timeZone: string): boolean {
  if (isDay(from)) return isDay(until) ? until < from : momentIn(timeZone, Date.parse(until) - 1).day < from
  return isOver(until, momentIn(timeZone, Date.parse(from)))
}
