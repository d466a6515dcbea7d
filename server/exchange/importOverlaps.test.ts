import { setTimeout as pause } from 'node:timers/promises'
import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { loadLiveShop } from '../live/loadLiveShop'
import { priceCart } from '../../core/pricing/priceCart'
import { placeOrder } from '../orders/placeOrder'
import { withStore } from '../store/temporaryStore.testing'
import { momentIn } from '../../core/time/moment'
import { products, shopWith } from './importing.testing'

describe('imports that overlap other work', () => {
  it('lose nothing, edits and sales neither, whenever each of them begins', async () => {
    const step = fc.record({
      sku: fc.constantFrom('B', 'N'),
      part: fc.constantFrom('price', 'brand', 'description', 'sale', 'link'),
      after: fc.constantFrom(0, 60, 120, 180),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 6 }), fc.constantFrom(0, 100, 200), async (steps, delay) => {
        await withStore({ products: products.map(each => ({ ...each, price: 100, stock: 50 })) }, async store => {
          const { shop, log, take } = await shopWith(store)
          // A large change takes a while to be taken over; in the meantime it is written, and not yet known.
          const apply = shop.apply.bind(shop)
          vi.spyOn(shop, 'apply').mockImplementation(async (...change) => {
            await pause(delay)
            return apply(...change)
          })
          const sold = new Map<string, number>()
          await Promise.all(
            steps.map(async ({ sku, part, after }, i) => {
              await pause(after)
              const isNew = sku === 'N'
              if (part === 'link')
                await log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: ['B'] }, 'two').catch(() => undefined)
              else if (part === 'sale') {
                if (isNew) return
                const total = priceCart([{ sku, quantity: 1 }], shop, momentIn('UTC')).total
                await placeOrder({ store, shop, log }, [{ sku, quantity: 1 }], total).then(
                  () => sold.set(sku, (sold.get(sku) ?? 0) + 1),
                  () => undefined,
                )
              } else await take('products', `sku,name,${part}\n${sku},Name,${part === 'price' ? `${i + 1}.00` : `${part} ${sku}`}\n`)
            }),
          )
          const stored = await store.productsBySku(['B', 'N'])
          for (const sku of ['B', 'N']) {
            const did = (part: string) => steps.some(each => each.sku === sku && each.part === part)
            const product = stored.get(sku)
            if (!product) {
              expect(['price', 'brand', 'description'].some(did)).toBe(false)
              continue
            }
            if (did('brand')) expect(product.brand).toBe(`brand ${sku}`)
            if (did('description')) expect(product.description).toEqual({ en: `description ${sku}` })
            if (did('price'))
              expect(steps.some((each, i) => each.sku === sku && each.part === 'price' && (i + 1) * 100 === product.price)).toBe(true)
            if (sku !== 'N') expect(product.stock).toBe(50 - (sold.get(sku) ?? 0))
          }
          const fresh = await loadLiveShop(store)
          expect(shop.catalogue.products).toEqual(fresh.catalogue.products)
        })
      }),
      {
        numRuns: 6,
        examples: [60, 120, 180].map(after => [
          [
            { sku: 'N', part: 'brand', after: 0 },
            { sku: 'N', part: 'description', after },
          ],
          200,
        ]),
      },
    )
  }, 120_000)
})
