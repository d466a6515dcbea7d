import { describe, expect, it } from 'vitest'
import { makeProduct } from './makeProduct.testing'
import type { NumberSortOrder } from './sortOrders'
import { marginOf, sortNumber } from './sortOrders'

const products = [
  makeProduct('A', { price: 1000, cost: 600, released: '2026-01-01' }),
  makeProduct('B', { price: 500, cost: 100, released: '2026-03-01T10:00:00Z' }),
  makeProduct('C', { price: null, cost: 100, released: null }),
  makeProduct('D', { price: 2000, cost: null, released: '2025-01-01' }),
  makeProduct('E', { price: 0, cost: 0 }),
]
const sold: Record<string, number> = { A: 2, D: 7 }

describe('the numbers of an order', () => {
  it.each<[NumberSortOrder, string]>([
    ['cheapest', 'EBADC'],
    ['dearest', 'DABEC'],
    ['newest', 'BADCE'],
    ['oldest', 'DABCE'],
    ['best-selling', 'DABCE'],
    ['margin', 'BACDE'],
  ])('%s: %s; what can’t be ordered comes last', (order, expected) => {
    expect(
      products
        .toSorted((a, b) => sortNumber(order, a, sold[a.sku] ?? 0) - sortNumber(order, b, sold[b.sku] ?? 0))
        .map(each => each.sku)
        .join(''),
    ).toBe(expected)
  })

  it('of margins are percents of the price, and none where price or cost is missing', () => {
    expect(products.map(marginOf)).toEqual([40, 80, null, null, null])
    expect(marginOf({ price: 500, cost: 600 })).toBe(-20)
  })
})
