import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCatalogue, skus } from '../bundles/anyBundle.testing'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { forAnyOf, makeOffer } from '../offers/makeOffer.testing'
import { makeShop } from '../selection/makeShop.testing'
import { momentIn } from '../time/moment'
import type { WantedLine } from './cart'
import { anyCartOffers } from './anyCartOffers.testing'
import { priceCart } from './priceCart'
import { PricesBeside } from './pricesBeside'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))

describe('prices beside what is in a cart', () => {
  const offer = makeOffer('take', { trigger: forAnyOf({ products: ['EX'] }), offered: { by: 'chosen', skus: ['STR', 'GLO'] } })
  const shop = makeShop(
    [
      makeProduct('EX', { price: 18900, stock: 9 }),
      makeProduct('STR', { price: 2450, stock: 9 }),
      makeProduct('GLO', { price: 2400, variants: [makeVariant('GLO-M', { stock: 9, price: 2600 }), makeVariant('GLO-L', { stock: 9 })] }),
    ],
    { offers: [offer] },
  )
  const item = (sku: string) => shop.catalogue.item(sku)!
  const of = (sku: string, cart: WantedLine[], along?: string) =>
    new PricesBeside(cart, shop, at).of(item(sku), along === undefined ? undefined : item(along).product)

  it('are less as long as the offer gives something off one more', () => {
    expect(of('STR', [])).toBeNull()
    expect(of('STR', [{ sku: 'EX', quantity: 1 }])).toEqual({ price: 2205, offer: 'take' })
    // It is given once.
    const both = [
      { sku: 'EX', quantity: 1 },
      { sku: 'STR', quantity: 1 },
    ]
    expect(of('STR', both)).toBeNull()
    expect(of('EX', both)).toBeNull()
  })

  it('are those of what goes into the cart together with a product', () => {
    expect(of('STR', [], 'EX')).toEqual({ price: 2205, offer: 'take' })
    expect(of('STR', [], 'GLO')).toBeNull()
  })

  it('are of a product with variants those of one that costs what the product does', () => {
    expect(of('GLO', [], 'EX')).toEqual({ price: 2160, offer: 'take' })
    expect(of('GLO-M', [], 'EX')).toEqual({ price: 2340, offer: 'take' })
  })

  it('are what the cart then says, for any cart and offers', () => {
    const anyCart = fc.array(fc.record({ sku: fc.constantFrom(...skus, 'B0'), quantity: fc.integer({ min: 1, max: 3 }) }), { maxLength: 4 })
    let less = 0
    fc.assert(
      fc.property(anyCatalogue(1), anyCart, anyCartOffers, (generated, cart, offers) => {
        const any = makeShop([], { catalogue: generated, offers })
        const prices = new PricesBeside(cart, any, at)
        for (const sku of [...skus, 'B0']) {
          const found = generated.item(sku)
          if (!found || (!found.variant && found.product.variants.length)) continue
          const line = priceCart([...cart, { sku, quantity: 1 }], any, at).lines.find(each => each.line === cart.length)
          const isLess = line?.reductions.some(each => each.code === 'offer') ?? false
          expect(prices.of(found)?.price ?? null).toBe(isLess ? line!.total : null)
          if (isLess) less++
        }
      }),
      { numRuns: 500 },
    )
    expect(less).toBeGreaterThan(50)
  })
})
