import { Temporal } from '@js-temporal/polyfill'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hasBegun, isNever, isOver, momentIn } from './moment'

/** With days that begin at another time than midnight, have 23, 24 or 25 hours, and are far from those of UTC. */
const zones = ['UTC', 'Europe/London', 'Europe/Berlin', 'Pacific/Auckland', 'America/St_Johns', 'America/Sao_Paulo', 'Asia/Kolkata']
const zone = fc.constantFrom(...zones)
const ms = fc.integer({ min: Date.UTC(2017, 0, 1), max: Date.UTC(2030, 0, 1) })
const day = ms.map(each => new Date(each).toISOString().slice(0, 10))
const date = fc.oneof(
  day,
  ms.map(each => new Date(each).toISOString()),
)

/** The same by a general library: when a date begins and ends, in milliseconds. */
function spanOf(date: string, timeZone: string): { from: number; until: number } {
  if (date.includes('T')) return { from: Date.parse(date), until: Date.parse(date) }
  const start = Temporal.PlainDate.from(date)
  const startOf = (each: Temporal.PlainDate) => each.toZonedDateTime(timeZone).epochMilliseconds
  return { from: startOf(start), until: startOf(start.add({ days: 1 })) }
}

describe('dates in the time zone of the shop', () => {
  it('begin and end when a general library says so', () => {
    fc.assert(
      fc.property(zone, ms, date, (timeZone, at, each) => {
        const { from, until } = spanOf(each, timeZone)
        for (const moment of [at, from - 1, from, until - 1, until]) {
          expect(hasBegun(each, momentIn(timeZone, moment))).toBe(moment >= from)
          expect(isOver(each, momentIn(timeZone, moment))).toBe(moment >= until)
        }
      }),
    )
  })

  it('leave no time when what they begin with is not before what they end with', () => {
    fc.assert(
      fc.property(zone, date, date, (timeZone, from, until) => {
        expect(isNever(from, until, timeZone)).toBe(spanOf(from, timeZone).from >= spanOf(until, timeZone).until)
      }),
    )
  })

  it('lets something last from noon until the end of the day', () => {
    expect(isNever('2026-12-24T12:00:00Z', '2026-12-24', 'Europe/London')).toBe(false)
    expect(isNever('2026-12-24T12:00:00Z', '2026-12-23', 'Europe/London')).toBe(true)
  })
})
