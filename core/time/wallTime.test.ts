import { Temporal } from '@js-temporal/polyfill'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dayWords, momentWords, nearWords, timeWords } from './dateWords'
import { msOfWallTime, wallTimeAt } from './wallTime'

const zones = ['UTC', 'Europe/London', 'Europe/Berlin', 'Pacific/Auckland', 'America/St_Johns', 'Asia/Kolkata', 'Australia/Lord_Howe']
const zone = fc.constantFrom(...zones)
const minute = fc.integer({ min: Date.UTC(2017, 0, 1) / 60_000, max: Date.UTC(2030, 0, 1) / 60_000 }).map(each => each * 60_000)

/** When clocks are put by an hour in these zones: the nights in which times are skipped or come twice. */
const nights = ['2026-03-29', '2026-10-25', '2026-03-08', '2026-11-01', '2026-04-05', '2026-09-27', '2026-10-04']
const wallTime = fc.oneof(
  minute.map(each => new Date(each).toISOString().slice(0, 16)),
  fc
    .tuple(fc.constantFrom(...nights), fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
    .map(([night, hour, min]) => `${night}T${String(hour).padStart(2, '0')}:${String(min).padStart(2, '0')}`),
)

describe('the time on the wall', () => {
  it('is what a general library says', () => {
    fc.assert(
      fc.property(zone, minute, (timeZone, ms) => {
        const zoned = Temporal.Instant.fromEpochMilliseconds(ms).toZonedDateTimeISO(timeZone)
        expect(wallTimeAt(ms, timeZone)).toBe(zoned.toPlainDateTime().toString({ smallestUnit: 'minute' }))
      }),
    )
  })

  it('is at the moment that a general library says, also when it is skipped or comes twice', () => {
    fc.assert(
      fc.property(zone, wallTime, (timeZone, wall) => {
        const zoned = Temporal.PlainDateTime.from(wall).toZonedDateTime(timeZone, { disambiguation: 'compatible' })
        expect(msOfWallTime(wall, timeZone)).toBe(zoned.epochMilliseconds)
      }),
      { numRuns: 2000 },
    )
    expect(msOfWallTime('', 'UTC')).toBeNaN()
  })
})

describe('dates in words', () => {
  it('are where the shop is; a day alone is the same everywhere', () => {
    const at = '2026-12-02T23:00:00Z'
    expect(momentWords(at, 'UTC')).toBe('2 Dec 2026, 23:00')
    expect(momentWords(at, 'Europe/Berlin')).toBe('3 Dec 2026, 00:00')
    expect([dayWords(at, 'Europe/Berlin'), timeWords(at, 'Asia/Kolkata')]).toEqual(['3 Dec 2026', '04:30'])
    expect(dayWords('2026-12-02', 'Pacific/Auckland')).toBe('2 Dec 2026')
  })

  it('have no year when it is this one, there', () => {
    const at = '2026-12-31T23:30:00Z'
    expect(nearWords(at, 'UTC', Date.UTC(2026, 5, 1))).toBe('31 Dec, 23:30')
    expect(nearWords(at, 'Europe/Berlin', Date.UTC(2026, 5, 1))).toBe('1 Jan 2027, 00:30')
  })
})
