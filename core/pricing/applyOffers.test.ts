import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCatalogue, skus } from '../bundles/anyBundle.testing'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { forAnyOf, makeOffer } from '../offers/makeOffer.testing'
import type { Offer } from '../offers/offer'
import { inOfferOrder } from '../offers/offered'
import { anyCartOffers } from './anyCartOffers.testing'
import { makeShop } from '../selection/makeShop.testing'
import { priceCart } from './priceCart'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const shop = makeShop([
  makeProduct('EX', { price: 18900, stock: 99 }),
  makeProduct('STR', { price: 2450, stock: 99 }),
  makeProduct('KNIFE', { price: 2199, stock: 99 }),
  makeProduct('GLO', { price: 2400, variants: [makeVariant('GLO-M', { stock: 99 }), makeVariant('GLO-L', { stock: 99, price: 2600 })] }),
  makeProduct('SET', {
    bundle: {
      type: 'fixed',
      components: [
        { key: 'a', sku: 'KNIFE', quantity: 1 },
        { key: 'b', sku: 'STR', quantity: 1 },
      ],
      price: { by: 'percent', percent: 10 },
      marginFloor: null,
    },
  }),
])
const forExtractors = forAnyOf({ products: ['EX'] })
const take = (skus: string[], part: Partial<Offer> = {}) =>
  makeOffer('take', { trigger: forExtractors, offered: { by: 'chosen', skus }, ...part })
const price = (offers: Offer[], ...lines: [string, number][]) =>
  priceCart(
    lines.map(([sku, quantity]) => ({ sku, quantity })),
    { ...shop, offers: inOfferOrder(offers) },
    at,
  )
const told = (...given: Parameters<typeof price>) =>
  price(...given).lines.map(({ sku, total, reductions }) => [sku, total, ...reductions.map(each => `${each.key} ${each.amount}`)].join(' '))

describe('together offers in a cart', () => {
  it('reduce what is offered, once for each product that it is offered for, up to the limit', () => {
    expect(told([take(['STR'])], ['EX', 1], ['STR', 1])).toEqual(['EX 18900', 'STR 2205 take 245'])
    expect(told([take(['STR'])], ['EX', 3], ['STR', 5])).toEqual(['EX 56700', 'STR 12005 take 245'])
    expect(told([take(['STR'], { limit: 5 })], ['EX', 3], ['STR', 5])).toEqual(['EX 56700', 'STR 11515 take 735'])
    expect(told([take(['STR'], { limit: 2 })], ['EX', 3], ['STR', 5])).toEqual(['EX 56700', 'STR 11760 take 490'])
  })

  it('give nothing without the product that they are for, nor to that product itself', () => {
    expect(told([take(['STR'])], ['STR', 2])).toEqual(['STR 4900'])
    expect(told([take(['EX', 'STR'])], ['EX', 2])).toEqual(['EX 37800'])
    expect(told([makeOffer('all', { offered: { by: 'chosen', skus: ['STR'] } })], ['STR', 2])).toEqual(['STR 4900'])
    expect(told([take(['STR'], { reduction: null })], ['EX', 1], ['STR', 1])).toEqual(['EX 18900', 'STR 2450'])
  })

  it('are for any variant of a product, or for one', () => {
    expect(told([take(['GLO'])], ['EX', 1], ['GLO-L', 1])).toEqual(['EX 18900', 'GLO-L 2340 take 260'])
    expect(told([take(['GLO-M'])], ['EX', 1], ['GLO-L', 1], ['GLO-M', 1])).toEqual(['EX 18900', 'GLO-L 2600', 'GLO-M 2160 take 240'])
  })

  it('take a percentage off each by itself, half a cent rounded up', () => {
    // 0.03 % of 24.50 and of 24.00 is a cent each; of both together it were a cent once.
    const two = take(['STR', 'GLO'], { reduction: { by: 'percent', percent: 0.03 } })
    expect(told([two], ['EX', 1], ['STR', 1], ['GLO-M', 1])).toEqual(['EX 18900', 'STR 2449 take 1', 'GLO-M 2399 take 1'])
    expect(told([take(['STR', 'KNIFE', 'GLO'])], ['EX', 1], ['STR', 1], ['KNIFE', 1], ['GLO-M', 1])).toEqual([
      'EX 18900',
      'STR 2205 take 245',
      'KNIFE 1979 take 220',
      'GLO-M 2160 take 240',
    ])
  })

  it('take an amount off each, and never more than it costs', () => {
    expect(told([take(['STR', 'KNIFE'], { reduction: { by: 'amount', amount: 500 } })], ['EX', 1], ['STR', 1], ['KNIFE', 1])).toEqual([
      'EX 18900',
      'STR 1950 take 500',
      'KNIFE 1699 take 500',
    ])
    expect(told([take(['STR'], { reduction: { by: 'amount', amount: 9999 } })], ['EX', 1], ['STR', 1])).toEqual([
      'EX 18900',
      'STR 0 take 2450',
    ])
  })

  it('reduce no unit twice, unless set so, and leave bundles that are reduced alone', () => {
    const both = [take(['STR'], { key: 'first' }), take(['STR'], { key: 'second', rank: 1, reduction: { by: 'percent', percent: 50 } })]
    expect(told(both, ['EX', 1], ['STR', 1])).toEqual(['EX 18900', 'STR 2205 first 245'])
    expect(told(both, ['EX', 1], ['STR', 2])).toEqual(['EX 18900', 'STR 3430 first 245 second 1225'])
    expect(told([both[0]!, { ...both[1]!, stacks: true }], ['EX', 1], ['STR', 1])).toEqual(['EX 18900', 'STR 1102 first 245 second 1103'])
    expect(told([take(['SET'])], ['EX', 1], ['SET', 1])).toEqual(['EX 18900', 'SET 4184 SET 465'])
    const { lines } = price([take(['SET'], { stacks: true })], ['EX', 1], ['SET', 1])
    expect(lines[1]).toMatchObject({
      total: 3766,
      reductions: [
        { code: 'bundle', amount: 465 },
        { code: 'offer', amount: 418 },
      ],
    })
    expect(lines[1]!.components.reduce((sum, each) => sum + each.total, 0)).toBe(3766)
  })

  it('add up, keep to their limits and reduce no unit twice, for any cart and offers', () => {
    const anyLines = fc.array(fc.record({ sku: fc.constantFrom(...skus, 'B0'), quantity: fc.integer({ min: 1, max: 4 }) }), {
      maxLength: 6,
    })
    fc.assert(
      fc.property(anyCatalogue(1), anyLines, anyCartOffers, (catalogue, wanted, offers) => {
        const shop = makeShop([], { catalogue, offers })
        const cart = priceCart(wanted, shop, at)
        const plain = priceCart(wanted, { ...shop, offers: [] }, at)
        expect(cart.lines.map(line => line.line)).toEqual(plain.lines.map(line => line.line))
        expect(cart.total).toBe(sum(cart.lines.map(line => line.total)))
        expect(cart.subtotal).toBe(plain.subtotal)
        expect(cart.subtotal - sum(cart.reductions.map(each => each.amount))).toBe(cart.total)
        for (const [i, line] of cart.lines.entries()) {
          const given = line.reductions.filter(each => each.code === 'offer')
          expect(line.total).toBe(plain.lines[i]!.total - sum(given.map(each => each.amount)))
          expect(line.total).toBeGreaterThanOrEqual(0)
          if (line.components.length) expect(sum(line.components.map(each => each.total))).toBe(line.total)
          for (const { key, amount } of given) {
            const { limit, reduction, trigger } = offers.find(each => each.key === key)!
            // No more units are reduced than there are of what it is for, beside the product itself.
            const isTriggered = (sku: string) => trigger === null || trigger.all[0]!.products.includes(catalogue.item(sku)!.product.sku)
            const triggers = sum(
              cart.lines
                .filter(each => isTriggered(each.sku) && catalogue.item(each.sku)!.product !== catalogue.item(line.sku)!.product)
                .map(each => each.quantity),
            )
            const most = Math.min(limit, triggers, line.quantity)
            expect(most).toBeGreaterThan(0)
            if (reduction!.by === 'amount') expect(amount).toBeLessThanOrEqual(reduction!.amount * most)
          }
          if (offers.every(each => !each.stacks))
            expect(line.reductions.some(each => each.code === 'bundle') && given.length > 0).toBe(false)
        }
      }),
      { numRuns: 1000 },
    )
  })
})

const sum = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0)
