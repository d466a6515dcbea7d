import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { anyCatalogue } from './anyBundle.testing'
import type { Bundle } from '../catalogue/bundle'
import { bundleProblems } from './bundleProblems'
import { naiveBundleProblems } from './naiveBundleProblems.testing'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01'))

describe('bundleProblems', () => {
  it('finds what going through every choice finds', () => {
    fc.assert(
      fc.property(anyCatalogue(3), fc.option(fc.constantFrom(-20, 0, 20, 50)), (catalogue, marginFloor) => {
        const bundle = { ...catalogue.product('B0')!.bundle!, marginFloor }
        expect(
          bundleProblems({ sku: 'B0', bundle }, catalogue, at)
            .map(({ code, about }) => `${code} ${about}`)
            .sort(),
        ).toEqual(naiveBundleProblems('B0', bundle, catalogue, at))
      }),
      { numRuns: 2000 },
    )
  })

  it('has no margin to warn of where some of what can be picked costs nothing', () => {
    const catalogue = new Catalogue([makeProduct('PAID', { price: 1, cost: 1 }), makeProduct('GIFT', { price: 0, cost: 0 })], [], [])
    const bundle: Bundle = { type: 'pickAny', set: ['PAID', 'GIFT'], least: 1, most: 3, repeats: false, steps: [], marginFloor: 50 }
    const codes = bundleProblems({ sku: 'NEW', bundle }, catalogue, at).map(({ code }) => code)
    expect(codes).toContain('givenAway')
    expect(codes).not.toContain('lowMargin')
  })

  it('says what keeps a bundle from being sold first', () => {
    const fixed = (skus: string[], price: Extract<Bundle, { type: 'fixed' }>['price']): Bundle => ({
      type: 'fixed',
      components: skus.map(sku => ({ key: sku.toLowerCase(), sku, quantity: 1 })),
      price,
      marginFloor: 20,
    })
    const catalogue = new Catalogue(
      [
        makeProduct('A', { price: 1000, cost: 900 }),
        makeProduct('OLD', { status: 'retired' }),
        makeProduct('NONE', { stock: 0, cost: 1 }),
        makeProduct('SOON', { released: '2027-01-01' }),
        makeProduct('TWIN', { bundle: fixed(['A'], { by: 'sum' }) }),
        makeProduct('DRAFT', { status: 'draft', bundle: fixed(['A'], { by: 'sum' }) }),
      ],
      [],
      [],
    )
    const codes = (...given: Parameters<typeof fixed>) =>
      bundleProblems({ sku: 'NEW', bundle: fixed(...given) }, catalogue, at).map(({ code, about }) =>
        [code, about].filter(Boolean).join(' '),
      )
    expect(codes(['A'], { by: 'percent', percent: 5 })).toEqual(['lowMargin', 'sameContents TWIN'])
    expect(codes(['TWIN', 'OLD', 'GONE'], { by: 'sum' })).toEqual(['bundleInside TWIN', 'partMissing GONE', 'partRetired OLD'])
    expect(codes(['A', 'NONE'], { by: 'own', price: 2500 })).toEqual(['partOutOfStock NONE', 'dearerThanParts'])
    expect(codes(['SOON', 'A'], { by: 'amount', amount: 9999 })).toEqual(['partNotForSale SOON', 'givenAway'])
    expect(codes([], { by: 'sum' })).toEqual(['empty'])
  })
})
