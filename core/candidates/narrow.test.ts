import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { targetCheck } from '../rules/matches'
import type { Condition, TargetTest } from '../rules/rule'
import { anyPlainShop, now } from '../selection/anyShop.testing'
import { anyRule } from '../rules/anyRule.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import { makeIndex } from '../selection/makeShop.testing'
import type { Scope } from './narrow'
import { narrow, partIn, partOf } from './narrow'
import type { SelectionIndex } from './selectionIndex'

/** The SKUs of what is in a scope; null is everywhere. */
function within(scope: Scope | null, index: SelectionIndex): Set<string> {
  const positionsIn = (scope: Scope) =>
    'lists' in scope ? scope.lists.flatMap(list => [...index.positions(list)]) : index.list('all', scope.order).slice(scope.from, scope.to)
  const positions = scope === null ? index.positions('all') : positionsIn(scope)
  return new Set(positions.map(position => index.productAt(position).sku))
}

describe('where a rule’s targets must be', () => {
  it('has in it everything that the rule picks', () => {
    fc.assert(
      fc.property(anyPlainShop, anyRule, fc.constantFrom(...skus), ({ products, categories, sold }, { pick }, sku) => {
        const catalogue = new Catalogue(
          products,
          categories.map(each => ({ name: {}, ...each })),
          [],
        )
        const index = makeIndex(products, { sold: each => sold[each] ?? 0 })
        const facts = { sold: (each: string) => sold[each] ?? 0, categoriesFrom: (key: string) => catalogue.categoriesFrom(key), at: now }
        const source = catalogue.product(sku)!
        const scope = within(narrow(pick, source, index, facts), index)
        const picked = products.filter(targetCheck(pick, source, facts)).map(each => each.sku)
        expect(picked.filter(each => !scope.has(each))).toEqual([])
      }),
      { numRuns: 500 },
    )
  }, 120_000)

  it('has exactly what a test of a number picks, in any order that has it together', () => {
    const ofNumbers = anyRule.filter(({ pick }) => ['price', 'pricePercent', 'sold', 'newer', 'releasedWithin'].some(name => name in pick))
    fc.assert(
      fc.property(anyPlainShop, ofNumbers, fc.constantFrom(...skus), ({ products, sold }, { pick }, sku) => {
        const facts = { sold: (each: string) => sold[each] ?? 0, categoriesFrom: () => new Set<string>(), at: now }
        const index = makeIndex(products, facts)
        const source = products.find(each => each.sku === sku)!
        const part = partOf(pick as TargetTest, source, index, facts)!
        const picked = products
          .filter(targetCheck(pick, source, facts))
          .map(each => each.sku)
          .sort()
        for (const order of ['cheapest', 'dearest', 'newest', 'oldest', 'best-selling'] as const) {
          const there = partIn(order, part, index)
          if (there) expect([order, [...within({ ...there, size: 0 }, index)].sort()]).toEqual([order, picked])
        }
      }),
    )
  })

  const many = Array.from({ length: 200 }, (_, i) =>
    makeProduct(`P${String(i).padStart(3, '0')}`, {
      price: 1000 + i,
      brand: i % 2 ? 'Alder' : 'Birch',
      tags: i % 20 ? ['common'] : ['common', 'rare'],
      released: i < 5 ? '2026-04-30' : '2025-01-01',
      attributes: { fits: [`${i % 10}`], standard: [`${i % 10}`] },
    }),
  )
  const index = makeIndex(many, { sold: sku => Number(sku.slice(1)) })
  const facts = { sold: () => 0, categoriesFrom: () => new Set<string>(), at: now }
  it.each<[Condition<TargetTest>, number | null]>([
    [{ has: { of: 'tag', name: 'rare' } }, 10],
    [{ has: { of: 'tag', name: 'nobody' } }, 0],
    // Of several conditions the narrowest counts.
    [{ all: [{ brand: 'same' }, { attribute: 'fits', sourceAttribute: 'standard' }, { price: { from: 1100 } }] }, 20],
    [{ all: [{ brand: 'same' }, { pricePercent: { from: 100, to: 100 } }] }, 1],
    [{ any: [{ has: { of: 'tag', name: 'rare' } }, { attribute: 'fits', sourceAttribute: 'standard' }] }, 30],
    [{ sold: { from: 195 } }, 5],
    [{ releasedWithin: 30 }, 5],
    // An impossible range is in no scope at all.
    [{ price: { from: 1100, to: 1050 } }, 0],
    // What is only excluded may be anywhere.
    [{ none: [{ brand: 'same' }] }, null],
    [{ brand: 'different' }, null],
    [{ any: [{ brand: 'same' }, { stock: { from: 1 } }] }, null],
  ])('%j: %s products at most', (pick, size) => {
    expect(narrow(pick, many[7]!, index, facts)?.size ?? null).toBe(size)
  })
})
