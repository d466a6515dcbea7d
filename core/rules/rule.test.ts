import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { sourceCheck, targetCheck } from './matches'
import { isWithinPercent } from './range'
import { ruleSchema } from './rule'
import { momentIn } from '../time/moment'

const facts = { sold: () => 3, categoriesFrom: (key: string) => new Set([key]), at: momentIn('UTC', Date.parse('2026-05-01T00:00:00Z')) }

describe('a rule', () => {
  it.each([
    [{ when: { all: [] }, pick: { brand: 'same' } }, true],
    [{ when: { has: { of: 'attribute', name: 'standard' } }, pick: { attribute: 'fits', sourceAttribute: 'standard' } }, true],
    [{ when: { all: [] }, pick: { all: [{ any: [{ none: [{ newer: true }] }] }] } }, true],
    // Half-finished: it can be kept, and picks nothing.
    [{ when: { all: [] }, pick: { pricePercent: { from: 50, to: 20 } } }, true],
    [{ when: { brand: 'same' }, pick: { all: [] } }, false],
    [{ when: { all: [] }, pick: { pricePercent: {} } }, false],
    [{ when: { all: [] }, pick: { sharedTags: 0 } }, false],
    [{ when: { all: [] }, pick: { all: [{ all: [{ all: [{ all: [{ all: [] }] }] }] }] } }, false],
    [{ when: { all: [] }, pick: { brand: 'same', category: 'same' } }, false],
    [{ pick: { brand: 'same' } }, false],
  ])('%j is taken: %s', (data, taken) => {
    expect(ruleSchema.safeParse(data).success).toBe(taken)
  })

  it('has at most 100 conditions, and more are not even looked at', () => {
    const many = (count: number) => ({ when: { all: [] }, pick: { any: Array.from({ length: count }, () => ({ newer: true })) } })
    const inGroups = { when: { all: [] }, pick: { any: Array.from({ length: 14 }, () => many(6).pick) } }
    expect(ruleSchema.safeParse(inGroups).success).toBe(true)
    const nested = (depth: number): object => (depth ? { all: Array.from({ length: 20 }, () => nested(depth - 1)) } : { newer: 1 })
    for (const tooMany of [many(8000), { when: { all: [] }, pick: nested(3) }]) {
      expect(ruleSchema.safeParse(tooMany).error!.issues).toMatchObject([{ message: 'A rule has at most 100 conditions altogether.' }])
    }
  })

  it('takes an attribute by its name only, however it is called', () => {
    const source = makeProduct('S', { attributes: { standard: ['National'] } })
    const constructor = makeProduct('T', { attributes: JSON.parse('{"constructor":["National"]}') as Record<string, string[]> })
    const check = targetCheck({ attribute: 'constructor', sourceAttribute: 'standard' }, source, facts)
    expect([check(constructor), check(makeProduct('U'))]).toEqual([true, false])
    expect(sourceCheck({ has: { of: 'attribute', name: 'toString' } }, facts)(makeProduct('U'))).toBe(false)
  })
})

describe('ranges', () => {
  it('take prices in percent exactly at their ends, without rounding', () => {
    // 110 % of 3.33 are 3.663: 3.66 is below, 3.67 above.
    expect([366, 367].map(price => isWithinPercent(price, 333, { from: 110 }))).toEqual([false, true])
    expect([366, 367].map(price => isWithinPercent(price, 333, { to: 110 }))).toEqual([true, false])
    expect(isWithinPercent(500, 1000, { from: 50, to: 50 })).toBe(true)
  })
})
