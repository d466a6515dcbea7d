import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { deliveredProduct } from './deliveredItem'

const settings = makeSettings({ languages: ['en', 'de'] })
const variant = makeVariant('GLO-M', { options: { size: 'M' } })
const gloves = makeProduct('GLO', { name: { en: 'Gloves', de: 'Handschuhe' }, price: 2400, variants: [variant] })
const bundle = (...skus: string[]) =>
  makeProduct(`SET-${skus.join('-')}`, {
    bundle: {
      type: 'fixed',
      components: skus.map((sku, i) => ({ key: `c${i}`, sku, quantity: 1 })),
      price: { by: 'sum' },
      marginFloor: null,
    },
  })
const sized = makeProduct('SUIT', { variants: [makeVariant('SUIT-M'), makeVariant('SUIT-XL', { price: 1200 })] })
const catalogue = new Catalogue([gloves, makeProduct('TOOL'), sized], [], [])

describe('a delivered product', () => {
  it('says of a bundle whether it has choices, and whether its price is that of the cheapest', () => {
    const told = (...skus: string[]) => {
      const { hasOptions, bundle: of } = deliveredProduct({ product: bundle(...skus), variant: null }, settings, 'en', catalogue)
      return [hasOptions, of]
    }
    expect(told('TOOL', 'SUIT-M')).toEqual([false, { type: 'fixed', isFrom: false }])
    // One variant is no choice.
    expect(told('TOOL', 'GLO')).toEqual([false, { type: 'fixed', isFrom: false }])
    expect(told('TOOL', 'SUIT')).toEqual([true, { type: 'fixed', isFrom: true }])
  })
})
