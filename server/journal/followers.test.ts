import fc from 'fast-check'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import { CommandError } from '../../core/journal/commandError'
import type { WantedLine } from '../../core/pricing/cart'
import { priceCart } from '../../core/pricing/priceCart'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import type { Change, Command } from '../../core/records/registry'
import { databaseFile } from '../store/sqlite/database'
import { openSqliteStore } from '../store/sqlite/sqliteStore'
import { everythingKnown } from '../live/everythingKnown.testing'
import { loadLiveShop } from '../live/loadLiveShop'
import type { Running } from '../running/useShop'
import { OrderRefused, placeOrder } from '../orders/placeOrder'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'
import { anyLikelyCommand, likelyCommand } from './likelyCommand.testing'
import { log as serverLog } from '../log'

const products = ['A', 'B', 'C', 'D'].map((sku, i) =>
  makeProduct(sku, {
    price: 500 + 100 * i,
    stock: 4,
    cost: 200,
    brand: i % 2 ? 'Alder' : 'Birch',
    variants: sku === 'D' ? [makeVariant('D-1', { stock: 3 }), makeVariant('D-2', { stock: 0 })] : [],
  }),
)
const contents = {
  products,
  categories: [{ key: 'hives', name: { en: 'Hives' }, parent: null }],
  articles: [{ key: 'spring', title: { en: 'Spring' }, body: {}, image: null, products: ['A', 'B'] }],
  orders: [{ number: '1', placed: '2026-01-01', lines: [{ sku: 'A', quantity: 2, unitPrice: 500 }] }],
}

const anyStep = fc.oneof(
  { weight: 6, arbitrary: anyLikelyCommand.map(command => ({ do: 'command' as const, command })) },
  { weight: 2, arbitrary: fc.nat(99).map(which => ({ do: 'order' as const, which })) },
  {
    weight: 2,
    arbitrary: fc.record({
      do: fc.constant('import' as const),
      sku: fc.constantFrom('A', 'B', 'C', 'E'),
      stock: fc.nat(6),
      price: fc.constantFrom(null, 400, 700),
    }),
  },
  { weight: 2, arbitrary: fc.constant({ do: 'undo' as const }) },
  fc.constant({ do: 'redo' as const }),
)
type Step = typeof anyStep extends fc.Arbitrary<infer T> ? T : never
const tried = new Map<Step['do'], { done: number; refused: number }>()

/** Does a step as one editor of one of the processes; a refusal is an answer too. */
async function take(step: Step, running: Running, editor: string): Promise<void> {
  const count = tried.get(step.do) ?? { done: 0, refused: 0 }
  tried.set(step.do, count)
  try {
    await carryOut(step, running, editor)
    count.done++
  } catch (error) {
    if (!(error instanceof CommandError || error instanceof OrderRefused)) throw error
    count.refused++
  }
}

async function carryOut(step: Step, running: Running, editor: string): Promise<void> {
  const { store, log, shop } = running
  if (step.do === 'undo' || step.do === 'redo') await log[step.do](editor)
  else if (step.do === 'command') {
    const command = likelyCommand(step.command, shop)
    if (!command) throw new CommandError('not-linked', 'There is nothing that it could be about.')
    await log.run(command, editor)
  } else if (step.do === 'order') {
    const lines = wantedLines(running)
    if (!lines.length) throw new CommandError('not-linked', 'Nothing is for sale.')
    const line = lines[step.which % lines.length]!
    await placeOrder(running, [line], priceCart([line], shop, shop.now()).total)
  } else {
    await log.runImport(
      { type: 'import', kind: 'products', file: 'products.csv' },
      async (): Promise<Change[]> => {
        const before = (await store.productsBySku([step.sku])).get(step.sku) ?? null
        return [
          {
            of: 'product',
            owner: step.sku,
            key: '',
            before,
            after: { ...(before ?? makeProduct(step.sku)), stock: step.stock, price: step.price },
          },
        ]
      },
      () => 'Imported',
      editor,
    )
  }
}

/** Everything that can be bought, with the first of what has to be chosen. */
function wantedLines({ shop }: Running): WantedLine[] {
  const { catalogue } = shop
  const sold = (sku: string) => catalogue.product(sku)?.variants[0]?.sku ?? sku
  const all = catalogue.products.map(({ sku, bundle }): WantedLine => {
    if (bundle?.type === 'pickAny')
      return { sku, quantity: 1, choices: [{ part: 'pick', sku: sold(bundle.set[0]!), quantity: bundle.least }] }
    if (!bundle) return { sku: sold(sku), quantity: 1 }
    const chosen = bundle.components
      .filter(each => sold(each.sku) !== each.sku)
      .map(each => ({ part: each.key, sku: sold(each.sku), quantity: each.quantity }))
    const groups =
      bundle.type === 'choice'
        ? bundle.groups.map(each => ({ part: each.key, sku: each.combinations[0]!.sku!, quantity: each.quantity }))
        : []
    return { sku, quantity: 1, choices: [...chosen, ...groups] }
  })
  return all.filter(line => !priceCart([line], shop, shop.now()).warnings.length)
}

async function started(store: Running['store']): Promise<Running> {
  const shop = await loadLiveShop(store)
  return { store, shop, log: new CommandLog(store, shop) }
}

const { key: _, rank: __, ...offer } = makeOffer('first', { offered: { by: 'chosen', skus: ['B'] } })
const firstOffer: Command = { type: 'addOffer', settings: offer }
const firstBundle: Command = {
  type: 'addBundle',
  sku: 'SET-1',
  name: { en: 'A set' },
  bundle: {
    type: 'fixed',
    components: [
      { key: 'one', sku: 'A', quantity: 1 },
      { key: 'two', sku: 'D-1', quantity: 1 },
    ],
    price: { by: 'percent', percent: 10 },
    marginFloor: null,
  },
}
const firstReleases = [3, 4].flatMap((places): Command[] => [
  { type: 'changeSection', key: 'upsells', settings: { places }, seen: {} },
  { type: 'publish', sections: ['upsells'], plans: [], looks: [] },
])

describe('whoever follows the log of changes', () => {
  afterEach(() => vi.restoreAllMocks())

  it('knows what one knows who begins anew, in two processes that write by turns', async () => {
    // Each of some thousand writes waits until it is on the disk: how long that takes is the machine’s.
    // The server says so when it has to build a shop anew, which is not following.
    const said = vi.spyOn(serverLog, 'error')
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(anyStep, fc.nat(1), fc.constantFrom('one', 'two')), { minLength: 10, maxLength: 40, size: 'max' }),
        async steps => {
          await withStore(contents, async (store, folder) => {
            const other = await openSqliteStore(databaseFile(folder))
            const processes = [await started(store), await started(other)] as const
            // There is something to offer, to sell as a bundle, to publish and to go back to.
            for (const [i, which] of [firstOffer, firstBundle, ...firstReleases].entries()) await processes[i % 2]!.log.run(which, 'zero')
            for (const [step, process, editor] of steps) await take(step, processes[process]!, editor)
            const fresh = everythingKnown(await loadLiveShop(store))
            for (const { log, shop } of processes) {
              // What changes nothing takes over what others have written all the same.
              await log.run({ type: 'changeKind', key: 'related', settings: {} }, 'one')
              expect(everythingKnown(shop)).toEqual(fresh)
            }
            expect(said).not.toHaveBeenCalled()
            await other.close()
          })
        },
      ),
      // Looking for a smaller case takes longer than a test may, and nothing would be said of the one that was found.
      { numRuns: 30, endOnFailure: true },
    )
    // Had most been refused, little would have been tried.
    for (const sort of ['command', 'order', 'import', 'undo'] as const)
      expect([sort, tried.get(sort)]).toEqual([sort, expect.toSatisfy(({ done, refused }) => done > refused / 4)])
  }, 600_000)

  it('has what went and came again where whoever begins anew has it, when it hears of both at once', async () => {
    await withStore(contents, async (store, folder) => {
      const other = await openSqliteStore(databaseFile(folder))
      const [one, two] = [await started(store), await started(other)]
      await one.log.run(firstBundle, 'one')
      await one.log.run({ ...firstBundle, sku: 'SET-2' }, 'one')
      await two.log.run({ type: 'changeKind', key: 'related', settings: {} }, 'two')
      await one.log.run({ type: 'removeBundle', sku: 'SET-1' }, 'one')
      await one.log.undo('one')
      await two.log.run({ type: 'changeKind', key: 'related', settings: {} }, 'two')
      const fresh = await loadLiveShop(store)
      expect(fresh.catalogue.products.map(each => each.sku)).toEqual(['A', 'B', 'C', 'D', 'SET-2', 'SET-1'])
      expect(everythingKnown(two.shop)).toEqual(everythingKnown(fresh))
      for (const { number, sku } of await store.productNumbers(['SET-1', 'SET-2']))
        expect(two.shop.catalogue.products[two.shop.positionOf(number)!]!.sku).toBe(sku)
      await other.close()
    })
  })

  it('is told of every write once and in order, from any number on, while others are made', async () => {
    await withStore(contents, async store => {
      const { log, shop } = await started(store)
      const link = (target: string) => log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: [target] }, 'one')
      await link('B')
      await placeOrder({ store, log, shop }, [{ sku: 'B', quantity: 1 }], 600)
      await link('C')
      const heard: Record<number, number[]> = { 0: [], 1: [], 2: [], 3: [] }
      for (const after of [0, 1, 2, 3]) log.follow(({ number }) => heard[after]!.push(number), after)
      await link('D')
      await log.undo('one')
      await expect.poll(() => heard).toEqual({ 0: [1, 2, 3, 4, 5], 1: [2, 3, 4, 5], 2: [3, 4, 5], 3: [4, 5] })
      expect(await store.lastWrite()).toBe(5)
      const written = []
      for await (const { number, type, entry, changes } of store.writesAfter(0))
        written.push([number, type, entry, changes.map(change => change.of)])
      expect(written).toEqual([
        [1, 'link', 1, ['links']],
        [2, 'beside', null, ['sold', 'product']],
        [3, 'link', 2, ['links']],
        [4, 'link', 3, ['links']],
        [5, 'undo', 4, ['links']],
      ])
    })
  })

  it('is told that it missed something when what it missed can’t be read', async () => {
    await withStore(contents, async store => {
      const { log } = await started(store)
      const link = (target: string) => log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: [target] }, 'one')
      await link('B')
      vi.spyOn(serverLog, 'error').mockImplementation(() => undefined)
      vi.spyOn(store.database, 'select').mockRejectedValueOnce(new Error('no disk'))
      const heard: [number, boolean][] = []
      log.follow(({ number, rebuilt }) => heard.push([number, rebuilt]), 0)
      await expect.poll(() => heard).toEqual([[1, true]])
      await link('C')
      expect(heard).toEqual([
        [1, true],
        [2, false],
      ])
    })
  })
})
