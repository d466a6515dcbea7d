import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct } from '../catalogue/makeProduct.testing'
import type { FillStep } from '../fillSteps/fillStep'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { PlanBook } from '../pagePlans/planBook'
import { makeShop, makeShopper } from '../selection/makeShop.testing'
import { resolvePage } from '../selection/resolvePage'
import { hashOf, lazilyMixed, mixed, seedOf } from './shuffle'
import type { Shopper } from './shopper'
import { momentIn } from '../time/moment'

const noon = momentIn('UTC', Date.parse('2026-05-01T12:00:00Z'))

/** What a section of shuffled products shows, by its SKUs. */
function shuffled(skus: string[], order: 'shuffle' | 'shuffle-every-view', places: number) {
  const products = ['SUBJECT', ...skus].map(sku => makeProduct(sku, { categories: sku === 'SUBJECT' ? [] : ['pool'] }))
  const step: FillStep = { from: 'category', category: 'pool', below: false, order, subjects: 'page', cap: null, off: false }
  const shop = makeShop(products, {
    categories: [{ key: 'pool', name: {}, parent: null }],
    sections: new Map([['mix', makeSection('mix', { steps: [step], places })]]),
    plans: new PlanBook([makePlan('product', ['mix'])]),
  })
  return (shopper: Partial<Shopper>) =>
    resolvePage(shop, { kind: 'product', sku: 'SUBJECT' }, makeShopper({ at: noon, ...shopper })).sections[0]!.items.map(
      item => item.product.sku,
    )
}

/** Pearson's statistic (1900): how far counts are from being all alike. */
function chiSquare(counts: number[]): number {
  const expected = counts.reduce((a, b) => a + b, 0) / counts.length
  return counts.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0)
}

describe('the shuffle', () => {
  /*
   * Upper critical values of the chi-square distribution at 0.001, NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.4
   * (the values are written down from memory): 49.728 for 23 degrees of freedom, 20.515 for 5.
   */
  it('makes all 24 orders of four products equally likely', () => {
    const show = shuffled(['A', 'B', 'C', 'D'], 'shuffle', 4)
    const counts = new Map<string, number>()
    for (let i = 0; i < 12_000; i++) {
      const shown = show({ visitor: `visitor ${i}` }).join('')
      counts.set(shown, (counts.get(shown) ?? 0) + 1)
    }
    expect(counts.size).toBe(24)
    expect(chiSquare([...counts.values()])).toBeLessThan(49.728)
  })

  it('puts each of six pooled products equally often into each of four places', () => {
    const pool = ['JAR-1', 'JAR-2', 'JAR-3', 'LID-1', 'LID-2', 'LID-10']
    const show = shuffled(pool, 'shuffle-every-view', 4)
    const views = Array.from({ length: 6000 }, (_, i) => show({ view: String(i) }))
    for (const place of [0, 1, 2, 3]) {
      expect(chiSquare(pool.map(sku => views.filter(shown => shown[place] === sku).length))).toBeLessThan(20.515)
    }
    for (const shown of views) expect(new Set(shown).size).toBe(4)
  })

  it('stays the same for a visitor all through a UTC day, and changes with the day and the visitor', () => {
    const pool = Array.from({ length: 12 }, (_, i) => `P${i}`)
    const show = shuffled(pool, 'shuffle', 12)
    const morning = show({ visitor: 'v', at: momentIn('UTC', Date.parse('2026-05-01T00:00:00Z')), view: '1' })
    expect(show({ visitor: 'v', at: momentIn('UTC', Date.parse('2026-05-01T23:59:59Z')), view: '2' })).toEqual(morning)
    expect(show({ visitor: 'v', at: momentIn('UTC', Date.parse('2026-05-02T00:00:00Z')) })).not.toEqual(morning)
    expect(show({ visitor: 'w', at: momentIn('UTC', Date.parse('2026-05-01T00:00:00Z')) })).not.toEqual(morning)
  })

  it('leaves the others in their order when a product goes', () => {
    const pool = Array.from({ length: 12 }, (_, i) => `P${i}`)
    const all = shuffled(pool, 'shuffle', 12)({ visitor: 'v' })
    expect(shuffled(pool.slice(1), 'shuffle', 12)({ visitor: 'v' })).toEqual(all.filter(sku => sku !== 'P0'))
  })

  it('finds the first of many as it would by sorting them all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 2 ** 32 - 1 }), { maxLength: 400 }),
        fc.array(fc.nat(9), { maxLength: 5 }),
        fc.integer(),
        (hashes, alike, seed) => {
          // Some have the same number: then the position decides.
          const all = [...hashes, ...alike]
          const positions = [...all.keys()]
          const sorted = positions.toSorted((a, b) => mixed(all[a]!, seed) - mixed(all[b]!, seed) || b - a)
          expect([
            ...lazilyMixed(
              positions,
              position => all[position]!,
              seed,
              (a, b) => b - a,
            ),
          ]).toEqual(sorted)
        },
      ),
    )
  })

  it('hashes as FNV-1a does: the 32-bit test vectors of RFC 9923, from memory', () => {
    expect(hashOf('')).toBe(0x811c9dc5)
    expect(hashOf('a')).toBe(0xe40c292c)
    expect(hashOf('foobar')).toBe(0xbf9cf968)
    expect(seedOf('v', noon.ms, 's')).toBe(hashOf('v\n2026-05-01\ns'))
  })
})
