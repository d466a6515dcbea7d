import { setTimeout as pause } from 'node:timers/promises'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Change } from '../../core/commands/change'
import type { Command } from '../../core/commands/command'
import { CommandError } from '../../core/commands/commandError'
import { fillCounter, fillSummary } from '../../core/checks/fill'
import { linkStep } from '../../core/sections/fillStep'
import { loadLiveShop } from '../engine/liveShop'
import { CommandLog } from '../journal/commandLog'
import { withDatabase } from '../testing/temporaryShop.testing'
import { CountingThread } from './countingThread'

const skus = ['A', 'B', 'C', 'D', 'E']
const products = skus.map((sku, i) => makeProduct(sku, { price: 500 + i, stock: i, status: sku === 'E' ? 'retired' : 'active', brand: i % 2 ? 'Alder' : 'Birch', variants: sku === 'D' ? [makeVariant('D-1')] : [] }))
const sku = fc.constantFrom(...skus)
const sameBrand = { from: 'bestSellers' as const, of: 'brand' as const, subjects: 'page' as const, cap: 1, off: false }
const anyCommand = fc.oneof(
  { weight: 4, arbitrary: fc.record({ type: fc.constant('link' as const), kind: fc.constantFrom('accessory', 'upsell'), on: sku.map(source => [{ source }]), targets: fc.uniqueArray(fc.constantFrom(...skus, 'D-1'), { minLength: 1, maxLength: 3 }) }) },
  fc.record({ type: fc.constant('unlink' as const), kind: fc.constant('accessory'), on: sku.map(source => [{ source }]), targets: sku.map(each => [each]) }),
  fc.record({ type: fc.constant('switchSection' as const), source: sku, section: fc.constantFrom('accessories', 'upsells'), off: fc.boolean() }),
  fc.constantFrom([linkStep('accessory')], [linkStep('accessory'), sameBrand]).map(steps => ({ type: 'changeSection' as const, key: 'accessories', settings: { steps }, seen: {} })),
  fc.constant({ type: 'publish' as const, sections: ['accessories'], plans: [] }),
  fc.record({ restock: sku, to: fc.constantFrom(0, 2) }),
)

describe('fill meters', () => {
  it('count in another thread what the live shop shows, and follow its changes', async () => {
    await fc.assert(fc.asyncProperty(fc.array(anyCommand, { minLength: 1, maxLength: 8 }), async commands => withDatabase({ products }, async (db) => {
      const shop = await loadLiveShop(db)
      const log = new CommandLog(db, shop)
      const meters = new CountingThread({ db, shop, log })
      const settled = async () => {
        for (;;) {
          const answer = await meters.ask('accessories', 'product')
          if (answer.settled) return answer
          await pause(5)
        }
      }
      /** By walking through the live shop. */
      const walked = (version: 'live' | 'draft') => {
        const from = version === 'live' ? shop : shop.drafted
        const count = fillCounter(from, 'accessories', 'product')!
        const pages = Array<number>(7).fill(0)
        for (const product of shop.catalogue.products) if (product.status === 'active') pages[count(product.sku, Date.now())]!++
        return { places: 6, pages }
      }
      try {
        expect(await settled()).toMatchObject({ live: { fill: walked('live') }, draft: { fill: walked('draft') } })
        for (const command of commands) {
          if ('restock' in command) {
            const before = { ...shop.catalogue.product(command.restock)!, description: {} }
            const change: Change = { of: 'product', source: command.restock, kind: '', before, after: { ...before, stock: command.to } }
            await log.runImport({ type: 'import', kind: 'products', file: 'stock.csv' }, () => Promise.resolve([change]), () => 'Imported', 'one')
          } else {
            await log.run(command as Command, 'one').catch((error: unknown) => {
              if (!(error instanceof CommandError)) throw error
            })
          }
        }
        expect(await settled()).toMatchObject({ live: { fill: walked('live') }, draft: { fill: walked('draft') } })
        const { blank } = fillSummary(walked('draft'))
        expect(await meters.list({ section: 'accessories', page: 'product', version: 'draft' }, 0, 0, 0, 100)).toMatchObject({ total: blank })
      } finally {
        await meters.stop()
      }
    })), { numRuns: 12 })
  }, 120_000)
})
