import { setTimeout as pause } from 'node:timers/promises'
import type { Product } from '../../core/catalogue/product'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Fill } from '../../core/checks/fill'
import { countedPages, subjectsOf } from '../../core/checks/countedPages'
import type { PageKind } from '../../core/pageTypes/registry'
import { shownFor } from '../../core/checks/fill'
import type { Change } from '../../core/records/registry'
import type { Command } from '../../core/records/registry'
import { CommandError } from '../../core/journal/commandError'
import { priceCart } from '../../core/pricing/priceCart'
import type { Section } from '../../core/sections/section'
import type { Shop } from '../../core/selection/shop'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import type { Running } from '../running/useShop'
import { OrderRefused, placeOrder } from '../orders/placeOrder'
import { CommandLog } from '../journal/commandLog'
import { withStore } from '../store/temporaryStore.testing'
import { CountingThread } from './countingThread'
import type { Moment } from '../../core/time/moment'
import { momentIn } from '../../core/time/moment'

export const skus = ['A', 'B', 'C', 'D', 'E']
const products: Product[] = skus.map((sku, i) =>
  makeProduct(sku, {
    price: 500 + i,
    stock: i,
    status: sku === 'E' ? 'retired' : 'active',
    brand: i % 2 ? 'Alder' : 'Birch',
    categories: i % 2 ? ['frames'] : ['hives'],
    variants: sku === 'D' ? [makeVariant('D-1')] : [],
  }),
)

const categories = ['hives', 'frames', 'tools'].map(key => ({ key, name: { en: key }, parent: null }))
const articles = [{ key: 'spring', title: { en: 'Spring' }, body: { en: '' }, image: null, products: ['A', 'C'] }]

/** A command, an import that sets the stock of a product, or an order for one of it. */
export type Step = Command | { restock: string; to: number } | { sell: string }

/** Orders and commands that were carried out, of those that were tried. */
export const tried = { done: 0, refused: 0 }

/** Runs commands on a shop while its counting thread is awake, and checks both before and after them. */
export async function followed(steps: readonly Step[], check: (thread: CountingThread, shop: LiveShop) => Promise<void>): Promise<void> {
  await withStore({ products, categories, articles }, async store => {
    const shop = await loadLiveShop(store)
    const log = new CommandLog(store, shop)
    const thread = new CountingThread({ store, shop, log })
    try {
      await check(thread, shop)
      for (const step of steps) {
        if ('restock' in step) {
          const before = { ...shop.catalogue.product(step.restock)!, description: {} }
          const change: Change = { of: 'product', owner: step.restock, key: '', before, after: { ...before, stock: step.to } }
          await log.runImport(
            { type: 'import', kind: 'products', file: 'stock.csv' },
            () => Promise.resolve([change]),
            () => 'Imported',
            'one',
          )
        } else {
          await ('sell' in step ? sell(step.sell, { store, shop, log }) : log.run(step, 'one')).then(
            () => tried.done++,
            (error: unknown) => {
              if (!(error instanceof CommandError || error instanceof OrderRefused)) throw error
              tried.refused++
            },
          )
        }
      }
      await check(thread, shop)
    } finally {
      await thread.stop()
    }
  })
}

const sell = (sku: string, running: Running) =>
  placeOrder(running, [{ sku, quantity: 1 }], priceCart([{ sku, quantity: 1 }], running.shop, momentIn('UTC')).total)

/** How a section is filled, by walking through the pages of a shop. */
export function walked(shop: Shop, section: Section, page: PageKind, at: Moment): Fill {
  const shown = shownFor(shop, section.key, page)!
  const fill = { places: section.places, pages: Array<number>(section.places + 1).fill(0), steps: section.steps.map(() => 0), unpicked: 0 }
  const byHand = section.steps.map(step => ['links', 'chosen', 'named'].includes(step.from))
  for (const subject of subjectsOf(countedPages(shop, page))) {
    const items = shown(subject, at)
    if (!items) continue
    fill.pages[items.length]!++
    for (const { step } of items) fill.steps[step]!++
    if (byHand.includes(true) && items.length && !items.some(({ step }) => byHand[step])) fill.unpicked++
  }
  return fill
}

/** Asks until every change is counted in. */
export async function settled<T extends { settled: boolean }>(ask: () => Promise<T>): Promise<T> {
  for (;;) {
    const answer = await ask()
    if (answer.settled) return answer
    await pause(5)
  }
}
