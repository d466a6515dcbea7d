import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { anyCatalogue } from './anyBundle.testing'
import { bundleStock, timesSold } from './bundleStock'
import { everyChoice } from './everyChoice.testing'

describe('timesSold', () => {
  it.each([
    [{ A: 2, B: 1 }, 3],
    [{ A: 7 }, 1],
    [{ A: 9 }, 0],
    [{ B: 1, C: 1 }, 0],
    [{}, 0],
  ])('%j can be sold %i times', (wanted, times) => {
    const stock: Record<string, number> = { A: 7, B: 3, C: -1 }
    expect(timesSold(new Map(Object.entries(wanted)), sku => stock[sku]!)).toBe(times)
  })
})

describe('bundleStock', () => {
  it('is the stock of the scarcest choice, and of the one there is most of, tried one by one', () => {
    fc.assert(
      fc.property(anyCatalogue(1), catalogue => {
        const { bundle } = catalogue.product('B0')!
        const stock = (sku: string) => {
          const { variant, product } = catalogue.item(sku)!
          return Math.max(0, (variant ?? product).stock ?? 1e6)
        }
        const sell = (contents: Record<string, number>) => {
          let times = 0
          while (times < 100 && Object.entries(contents).every(([sku, quantity]) => quantity * (times + 1) <= stock(sku))) times++
          // More often than all that is tracked allows is as often as wanted.
          return times === 100 ? Infinity : times
        }
        const choices = everyChoice(bundle!, catalogue).filter(
          contents => bundle!.type !== 'pickAny' || Object.values(contents).reduce((sum, each) => sum + each) === bundle!.least,
        )
        const times = choices.map(sell)
        expect(bundleStock(bundle!, catalogue)).toEqual({ min: times.length ? Math.min(...times) : 0, max: Math.max(0, ...times) })
      }),
      { numRuns: 2000 },
    )
  })

  it('stays quick with many groups that take from the same stock', () => {
    const glove = makeProduct('G', { variants: Array.from({ length: 12 }, (_, i) => makeVariant(`G-${i}`, { stock: 3 + (i % 2) })) })
    const groups = Array.from({ length: 12 }, (_, i) => ({
      key: `g${i}`,
      name: {},
      quantity: 1,
      products: [],
      options: [{ name: 'size', values: glove.variants.map(each => each.sku) }],
      combinations: glove.variants.map(({ sku }) => ({ values: [sku], sku })),
    }))
    const { min, max } = bundleStock(
      { type: 'choice', groups, components: [], price: { by: 'sum' }, marginFloor: null },
      new Catalogue([glove], [], []),
    )
    expect(min).toBe(0)
    expect(max).toBe(3)
  })
})
