import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { anyCatalogue } from './anyBundle.testing'
import { bundleRange, percentFor, priceBy } from './bundlePrice'
import { everyChoice } from './everyChoice.testing'

describe('priceBy', () => {
  // Common practice: the price is the sum of the parts unless it is lowered.
  it.each([
    [{ by: 'sum' }, 19880, 19880],
    [{ by: 'percent', percent: 12 }, 19880, 17494],
    [{ by: 'amount', amount: 2000 }, 19880, 17880],
    [{ by: 'own', price: 17500 }, 19880, 17500],
    [{ by: 'percent', percent: 100 }, 999, 0],
    [{ by: 'percent', percent: 50 }, 5, 2],
    [{ by: 'amount', amount: 2000 }, 1999, 0],
    [{ by: 'own', price: 25000 }, 19880, 25000],
  ] as const)('%j of %i is %i', (price, sum, result) => expect(priceBy(price, sum)).toBe(result))
})

it('percentFor takes the highest step reached', () => {
  const steps = [
    { count: 5, percent: 15 },
    { count: 3, percent: 10 },
  ]
  expect([2, 3, 4, 5, 9].map(count => percentFor({ steps }, count))).toEqual([0, 10, 10, 15, 15])
})

describe('bundleRange', () => {
  it('has the cheapest and the dearest choice, and the lowest margin of all, tried one by one', () => {
    fc.assert(
      fc.property(anyCatalogue(1), catalogue => {
        const { bundle } = catalogue.product('B0')!
        const all = everyChoice(bundle!, catalogue).map(contents => {
          const each = Object.entries(contents).map(([sku, quantity]) => ({ quantity, ...catalogue.item(sku)! }))
          const sum = each.reduce((sum, { quantity, product, variant }) => sum + quantity * (variant?.price ?? product.price)!, 0)
          const count = each.reduce((sum, { quantity }) => sum + quantity, 0)
          const percent =
            bundle!.type === 'pickAny'
              ? Math.max(
                  0,
                  ...bundle!.steps
                    .filter(step => step.count <= count)
                    .sort((a, b) => b.count - a.count)
                    .slice(0, 1)
                    .map(step => step.percent),
                )
              : 0
          const price = bundle!.type === 'pickAny' ? sum - Math.floor((sum * percent) / 100 + 0.5) : priceBy(bundle!.price, sum)
          const cost = each.some(({ product }) => product.cost === null)
            ? null
            : each.reduce((sum, { quantity, product }) => sum + quantity * product.cost!, 0)
          return { price, sum, cost, exact: bundle!.type === 'pickAny' ? (sum * (100 - percent)) / 100 : price }
        })
        const range = bundleRange(bundle!, catalogue)
        expect(range === null).toBe(!all.length)
        if (!range) return
        const prices = all.map(each => each.price)
        expect([range.from.price, range.to.price]).toEqual([Math.min(...prices), Math.max(...prices)])
        expect(range.leastSaving.sum - range.leastSaving.price).toBe(Math.min(...all.map(each => each.sum - each.price)))
        for (const { price, sum, cost } of [range.from, range.to, range.leastSaving])
          expect(all.filter(each => each.price === price && each.sum === sum).map(each => each.cost)).toContain(cost)
        if (all.some(each => each.cost === null)) expect(range.leastMargin).toBeNull()
        else if (all.every(each => each.exact))
          expect(range.leastMargin).toBeCloseTo(Math.min(...all.map(({ exact, cost }) => ((exact - cost!) * 100) / exact)), 6)
      }),
      { numRuns: 2000 },
    )
  })

  it('goes from the cheapest to the dearest size', () => {
    const catalogue = new Catalogue(
      [
        makeProduct('SUIT', {
          price: 11900,
          cost: 6000,
          variants: [
            makeVariant('SUIT-M'),
            makeVariant('SUIT-XL', { price: 12400 }),
            makeVariant('SUIT-S', { price: 100, status: 'retired' }),
          ],
        }),
        makeProduct('TOOL', { price: 990, cost: 500 }),
      ],
      [],
      [],
    )
    const components = [
      { key: 'a', sku: 'SUIT', quantity: 1 },
      { key: 'b', sku: 'TOOL', quantity: 2 },
    ]
    expect(bundleRange({ type: 'fixed', components, price: { by: 'percent', percent: 12 }, marginFloor: null }, catalogue)).toEqual({
      from: { price: 12214, sum: 13880, cost: 7000 },
      to: { price: 12654, sum: 14380, cost: 7000 },
      leastSaving: { price: 12214, sum: 13880, cost: 7000 },
      leastMargin: ((12214 - 7000) * 100) / 12214,
    })
  })
})
