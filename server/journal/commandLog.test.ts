import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import type { Command } from '../../core/records/registry'
import { CommandError } from '../../core/journal/commandError'
import { productFilterSchema } from '../../core/productSearch/productFilter'
import type { Lane } from '../../core/links/lane'
import { pageKindSchema } from '../../core/pagePlans/pagePlan'
import { NotWrittenError } from '../store/port'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'
import type { LikelyCommand } from './likelyCommand.testing'
import { anyLikelyCommand, likelyCommand } from './likelyCommand.testing'
import { skus, products, kinds, categories, articles, anyCommand } from './anyCommand.testing'
import { log as serverLog } from '../log'

/** The kinds, and all lanes of links and dismissed targets, as plain data. */
const lanesOf = (shop: LiveShop) =>
  Object.fromEntries(
    (['links', 'dismissed'] as const)
      .flatMap(of =>
        skus.flatMap(source =>
          [...shop.kinds.keys()].map(kind => [`${of} ${source} ${kind}`, shop[of].lane(source, kind)] as [string, Lane]),
        ),
      )
      .filter(([, lane]) => lane.length)
      .concat(
        skus.map(sku => [`switched off ${sku}`, [...shop.switchedOff(sku)].sort()] as never),
        skus.map(sku => [`neighbours ${sku}`, shop.neighboursOf(sku)] as never),
        [...shop.kinds].map(([key, kind], i) => [`kind ${i} ${key}`, kind] as never),
        ['article:spring', 'category:hives', 'category:tools'].map(source => [source, shop.pageLane(source)] as never),
        [
          ['settings', shop.settings],
          ['offers', shop.offers],
          ['bundles', shop.catalogue.products.filter(each => each.bundle)],
          ['articles', [shop.articles, shop.catalogue.article('spring')]],
          ['sections', sectionsOf(shop)],
          ['put aside', Object.fromEntries(Array.from(shop.putAside.bySource, ([source, found]) => [source, Object.fromEntries(found)]))],
        ] as never[],
      ),
  )
/** Sections and plans in all their versions, and as pages take them. */
const sectionsOf = ({ versions, schedules, sections, plans, looks, drafted }: LiveShop) => [
  ...[versions.sections, versions.plans, versions.looks, schedules, sections, drafted.sections].map(things =>
    Object.fromEntries(things as ReadonlyMap<string, unknown>),
  ),
  ...[looks, drafted.looks].map(book => [book.houseStyle, ...['framed', 'calm'].map(preset => book.styleOf({ preset, own: {} }))]),
  ...[plans, drafted.plans].map(book => pageKindSchema.options.map(page => book.of(page))),
]
/** What the list's counts say. */
const countsOf = (shop: LiveShop) =>
  kinds.map(kind => [1, 2, 3].map(number => [...shop.finder.find(productFilterSchema.parse({ links: `${kind}:${number}` }), null, 'name')]))

type Step =
  { do: 'undo' | 'redo' } | { do: 'revert'; back: number } | { do: 'run'; command: Command } | { do: 'likely'; command: LikelyCommand }
const anyRun: fc.Arbitrary<Step> = fc.oneof(
  anyCommand.map(command => ({ do: 'run' as const, command })),
  { weight: 3, arbitrary: anyLikelyCommand.map(command => ({ do: 'likely' as const, command })) },
)
const anyStep: fc.Arbitrary<Step> = fc.oneof(
  { weight: 3, arbitrary: anyCommand.map(command => ({ do: 'run' as const, command })) },
  { weight: 8, arbitrary: anyLikelyCommand.map(command => ({ do: 'likely' as const, command })) },
  { weight: 2, arbitrary: fc.constant({ do: 'undo' as const }) },
  fc.constant({ do: 'redo' as const }),
  fc.nat(3).map(back => ({ do: 'revert' as const, back })),
)

/** How often each sort of step was carried out, and how often refused. */
const tried = new Map<string, { done: number; refused: number }>()

/** Does a step; a refusal is an answer too. */
async function take(log: CommandLog, shop: LiveShop, any: Step, editor: string, entries: number[]): Promise<boolean> {
  const command = any.do === 'likely' ? likelyCommand(any.command, shop, 'withoutSales') : null
  if (any.do === 'likely' && !command) return false
  const step: Exclude<Step, { do: 'likely' }> = any.do === 'likely' ? { do: 'run', command: command! } : any
  const sort = step.do === 'run' ? step.command.type : step.do
  const count = tried.get(sort) ?? { done: 0, refused: 0 }
  tried.set(sort, count)
  try {
    const takeBack = (step: Exclude<Step, { do: 'likely' | 'run' }>) =>
      step.do === 'revert' ? log.revert(entries.at(-1 - step.back) ?? 0, editor) : log[step.do](editor)
    const done = await (step.do === 'run' ? log.run(step.command, editor) : takeBack(step))
    if (done.entry !== null) entries.push(done.entry)
    count.done++
    return true
  } catch (error) {
    if (!(error instanceof CommandError)) throw error
    count.refused++
    return false
  }
}

describe('CommandLog', () => {
  it('keeps the live shop and the database the same, whatever is done, undone and taken back by two editors', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(anyStep, fc.constantFrom('one', 'two')), { minLength: 1, maxLength: 40, size: 'max' }),
        async steps => {
          await withStore({ products, categories, articles }, async store => {
            const shop = await loadLiveShop(store)
            const log = new CommandLog(store, shop)
            const entries: number[] = []
            // Much is linked already, so that there is something to remove, to move and to describe.
            for (const kind of kinds) await log.run({ type: 'link', kind, on: skus.map(source => ({ source })), targets: skus }, 'zero')
            // There are releases to go back to.
            for (const places of [5, 6]) {
              await log.run({ type: 'changeSection', key: 'upsells', settings: { places }, seen: {} }, 'zero')
              await log.run({ type: 'publish', sections: ['upsells'], plans: [], looks: [] }, 'zero')
            }
            for (const [step, editor] of steps) await take(log, shop, step, editor, entries)
            const fresh = await loadLiveShop(store)
            expect(lanesOf(shop)).toEqual(lanesOf(fresh))
            expect(countsOf(shop)).toEqual(countsOf(fresh))
          })
        },
      ),
      { numRuns: 25 },
    )
    // Had most been refused, little would have been tried.
    const counts = [...tried.values()]
    expect(counts.reduce((sum, each) => sum + each.done, 0)).toBeGreaterThan(counts.reduce((sum, each) => sum + each.refused, 0) / 4)
    const doneOf = (...sorts: string[]) => sorts.reduce((sum, sort) => sum + (tried.get(sort)?.done ?? 0), 0)
    for (const sort of ['undo', 'revert', 'move'])
      expect([sort, doneOf(sort)]).toEqual([sort, expect.toSatisfy((done: number) => done > 0)])
    // Each of these may be missing in a run, for they need something before them.
    expect(doneOf('redo', 'link', 'unlink', 'publish', 'goBack')).toBeGreaterThan(5)
  }, 120_000)

  it('undoes everything that one editor did, step by step, and does it all again', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyRun, { minLength: 1, maxLength: 12 }), async commands => {
        await withStore({ products, categories, articles }, async store => {
          const shop = await loadLiveShop(store)
          const log = new CommandLog(store, shop)
          const states = [lanesOf(shop)]
          for (const command of commands) {
            const before = await log.undoState('one')
            if (
              (await take(log, shop, command, 'one', [])) &&
              (await log.undoState('one')).undo !== null &&
              JSON.stringify(lanesOf(shop)) !== JSON.stringify(states.at(-1))
            )
              states.push(lanesOf(shop))
            else expect(await log.undoState('one')).toEqual(before)
          }
          for (const state of states.slice(0, -1).reverse()) {
            await log.undo('one')
            expect(lanesOf(shop)).toEqual(state)
          }
          await expect(log.undo('one')).rejects.toThrow('There is nothing to undo.')
          for (const state of states.slice(1)) {
            await log.redo('one')
            expect(lanesOf(shop)).toEqual(state)
          }
          await expect(log.redo('one')).rejects.toThrow('There is nothing to redo.')
        })
      }),
      { numRuns: 25 },
    )
  }, 120_000)

  it('tells its listeners of every change, and of none that was refused', async () => {
    await withStore({ products }, async store => {
      const log = new CommandLog(store, await loadLiveShop(store))
      const heard: string[] = []
      const stop = log.follow(done => heard.push(done.words))
      const link = (target: string) => log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: [target] }, 'one')
      await link('B')
      await expect(link('B')).rejects.toThrow('stands in this lane already')
      stop()
      await link('C')
      expect(heard).toEqual(['Linked B to A as upsell'])
    })
  })

  it('goes on after a listener that fails: the change is made, and the others hear of it', async () => {
    await withStore({ products }, async store => {
      const log = new CommandLog(store, await loadLiveShop(store))
      const said = vi.spyOn(serverLog, 'error').mockImplementation(() => undefined)
      const heard: string[] = []
      log.follow(() => {
        throw new Error('deaf')
      })
      log.follow(done => heard.push(done.words))
      await expect(log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: ['B'] }, 'one')).resolves.toMatchObject({
        words: 'Linked B to A as upsell',
      })
      expect(heard).toEqual(['Linked B to A as upsell'])
      expect(said).toHaveBeenCalledOnce()
      said.mockRestore()
    })
  })

  it('builds the live shop anew when it can’t take over what is written', async () => {
    await withStore({ products }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const said = vi.spyOn(serverLog, 'error').mockImplementation(() => undefined)
      const rebuilt: boolean[] = []
      log.follow(told => rebuilt.push(told.rebuilt))
      const link = (target: string) => log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: [target] }, 'one')
      await link('B')
      // It stops half-way.
      vi.spyOn(shop.finder, 'relinked').mockImplementationOnce(() => {
        throw new Error('no memory')
      })
      await expect(link('C')).resolves.toMatchObject({ words: 'Linked C to A as upsell' })
      await link('D')
      expect(rebuilt).toEqual([false, true, false])
      expect(lanesOf(shop)).toEqual(lanesOf(await loadLiveShop(store)))
      expect(countsOf(shop)).toEqual(countsOf(await loadLiveShop(store)))
      await log.undo('one')
      expect(shop.links.lane('A', 'upsell').map(link => link.target)).toEqual(['B', 'C'])
      said.mockRestore()
    })
  })

  it('says that nothing was written when the database could not', async () => {
    await withStore({ products }, async store => {
      const log = new CommandLog(store, await loadLiveShop(store))
      await store.database.sequelize.query("CREATE TRIGGER full BEFORE INSERT ON links BEGIN SELECT raise(ABORT, 'disk full'); END")
      const link = () => log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: ['B'] }, 'one')
      await expect(link()).rejects.toThrow(NotWrittenError)
      await store.database.sequelize.query('DROP TRIGGER full')
      await expect(link()).resolves.toMatchObject({ words: 'Linked B to A as upsell' })
    })
  })
})
