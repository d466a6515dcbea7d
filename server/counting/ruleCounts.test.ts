import fc from 'fast-check'
import { setImmediate as nextTurn } from 'node:timers/promises'
import { expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { anyRule } from '../../core/rules/anyRule.testing'
import type { Rule } from '../../core/rules/rule'
import { countRule } from '../../core/selection/countRule'
import { completed } from '../../core/steps'
import { CountingShop } from './countingShop'
import { followed, skus } from './followed.testing'
import { RuleCounts } from './ruleCounts'

const waited = new AbortController().signal

it('counts in another thread what the live shop has, also after a sale', async () => {
  await fc.assert(
    fc.asyncProperty(anyRule, fc.constantFrom(...skus), (rule, source) =>
      followed([{ sell: 'B' }], async (thread, shop) => {
        const counted = await thread.countRule({ rule, source, most: 3, longest: 5000 }, waited)
        const { matches, ...rest } = completed(countRule(rule, source, shop, shop.now(), 3))
        expect(counted).toEqual({ ...rest, matches: matches.map(each => each.sku) })
      }),
    ),
    { numRuns: 10 },
  )
}, 60_000)

/** More than is counted in one turn. */
const large = () =>
  new CountingShop({
    language: 'en',
    timeZone: 'UTC',
    categories: [],
    articles: [],
    states: new Map(),
    products: Array.from({ length: 30_000 }, (_, i) => makeProduct(`P-${i}`, { price: i })),
    units: new Map(),
    links: [],
  })
const long: Rule = { when: { all: [] }, pick: { any: Array.from({ length: 19 }, (_, i) => ({ price: { from: 100_000 + i } })) } }
const asked = { rule: long, source: 'P-1', most: 3, longest: 60_000 }

it('gives up what takes longer than it may, and stops what nobody waits for any more', async () => {
  const counts = new RuleCounts()
  const early = counts.count(1, asked)
  counts.stop(1)
  const shop = large()
  counts.begin(shop)
  expect(await early).toBe('stopped')
  expect(await counts.count(2, { ...asked, longest: 0 })).toBe('too long')

  const left = counts.count(3, asked)
  const whole = counts.count(4, asked)
  await nextTurn()
  counts.stop(3)
  expect(await left).toBe('stopped')
  const isOver = counts.allDone()
  expect(await whole).toMatchObject({ counts: { 'pick': 0, 'pick.18': 0, 'when': 30_000 }, matches: [], applies: true })
  await isOver
})

it('begins nothing for who has gone already', async () => {
  await followed([], async thread => {
    expect(await thread.countRule({ rule: long, source: 'A', most: 3, longest: 5000 }, AbortSignal.abort())).toBe('stopped')
  })
})
