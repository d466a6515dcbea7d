import fc from 'fast-check'
import { describe, expect, it, vi } from 'vitest'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Command } from '../../core/records/registry'
import { CommandError } from '../../core/journal/commandError'
import { productFilterSchema } from '../../core/productSearch/productFilter'
import type { KindSettings, LinkKind } from '../../core/links/kind'
import type { Lane } from '../../core/links/lane'
import { makeKind } from '../../core/links/makeKind.testing'
import { emptyScope, pageKindSchema } from '../../core/pagePlans/pagePlan'
import { makeSection } from '../../core/sections/makeSection.testing'
import { NotWrittenError } from '../store/port'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'
import type { LikelyCommand } from './likelyCommand.testing'
import { anyLikelyCommand, likelyCommand } from './likelyCommand.testing'

const skus = ['A', 'B', 'C', 'D']
const products = skus.map(sku => makeProduct(sku, { variants: sku === 'D' ? [makeVariant('D-1'), makeVariant('D-2')] : [] }))
const kinds = ['related', 'upsell']
const categories = ['hives', 'tools', 'jars'].map(key => ({ key, name: { en: key }, parent: null }))
const articles = [{ key: 'spring', title: { en: 'In spring' }, body: {}, image: null, products: ['C', 'A'] }]

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
const sectionsOf = ({ sectionVersions, planVersions, lookVersions, schedules, sections, plans, looks, drafted }: LiveShop) => [
  ...[sectionVersions, planVersions, lookVersions, schedules, sections, drafted.sections].map(things =>
    Object.fromEntries(things as ReadonlyMap<string, unknown>),
  ),
  ...[looks, drafted.looks].map(book => [book.houseStyle, ...['framed', 'calm'].map(preset => book.styleOf({ preset, own: {} }))]),
  ...[plans, drafted.plans].map(book => pageKindSchema.options.map(page => book.of(page))),
]
/** What the list's counts say. */
const countsOf = (shop: LiveShop) =>
  kinds.map(kind => [1, 2, 3].map(number => [...shop.finder.find(productFilterSchema.parse({ links: `${kind}:${number}` }), null, 'name')]))

const settingsOf = ({ key: _, retired: __, ...settings }: LinkKind): KindSettings => settings
const anyKind = fc.constantFrom('related', 'upsell', 'accessory', 'refill')

const kind = fc.constantFrom(...kinds, 'refill')
const on = fc.subarray(skus, { minLength: 1, maxLength: 2 }).map(sources => sources.map(source => ({ source })))
const targets = fc.uniqueArray(fc.constantFrom(...skus, 'D-1', 'D-2'), { minLength: 1, maxLength: 3 })
const { key: _key, ...sectionSettings } = makeSection('x', { heading: { en: 'Seen lately' } })
const anySection = fc.constantFrom('upsells', 'just-added', 'seen-lately', 'seen-lately-2')
const anyPlan = fc.constantFrom('product-default', 'cart-default', 'gifts', 'gifts-2')
const anyLook = fc.constantFrom('house', 'framed', 'calm', 'calm-2')
const sectionCommands: fc.Arbitrary<Command>[] = [
  fc.constant({ type: 'addSection' as const, settings: sectionSettings }),
  fc.record({
    type: fc.constant('changeSection' as const),
    key: anySection,
    settings: fc.record(
      { places: fc.constantFrom(1, 2), off: fc.boolean(), look: anyLook.map(preset => ({ preset, own: {} })) },
      { requiredKeys: [] },
    ),
    seen: fc.constantFrom({}, { places: 2 }),
  }),
  fc.record({ type: fc.constant('removeSection' as const), key: anySection }),
  fc.record({
    type: fc.constant('addPlan' as const),
    page: fc.constantFrom('product' as const, 'cart' as const),
    name: fc.constant({ en: 'Gifts' }),
    scope: fc.constantFrom<string[]>(['gift'], ['oak']).map(tags => ({ ...emptyScope, tags })),
  }),
  fc.record({
    type: fc.constant('changePlan' as const),
    key: anyPlan,
    settings: fc.record({ repeats: fc.boolean(), scope: fc.constantFrom(null, emptyScope) }, { requiredKeys: [] }),
    seen: fc.constantFrom({}, { repeats: false }),
  }),
  fc.record({ type: fc.constant('removePlan' as const), key: anyPlan }),
  fc.record({ type: fc.constant('rankPlan' as const), key: anyPlan, place: fc.integer({ min: 1, max: 3 }) }),
  fc.record({
    type: fc.constant('placeSection' as const),
    key: anySection,
    plan: anyPlan,
    zone: fc.constantFrom('foot', 'belowLines'),
    place: fc.constantFrom(undefined, 1),
  }),
  fc.record({ type: fc.constant('unplaceSection' as const), key: anySection, plan: anyPlan }),
  fc.record({ type: fc.constant('switchInPlan' as const), key: anySection, plan: anyPlan, off: fc.boolean() }),
  fc.constant({ type: 'addLook' as const, settings: { name: { en: 'Calm' }, parts: { gap: 30 }, page: null } }),
  fc.record({
    type: fc.constant('changeLook' as const),
    key: anyLook,
    settings: fc.record({ parts: fc.constantFrom({}, { corner: 3 }) }),
    seen: fc.constantFrom({}, { parts: {} }),
  }),
  fc.record({ type: fc.constant('removeLook' as const), key: anyLook }),
  fc.record({ type: fc.constant('goBack' as const), release: fc.integer({ min: 1, max: 4 }) }),
  fc.record({
    type: fc.constant('schedulePublish' as const),
    at: fc.constant('2026-05-01T10:00:00Z'),
    sections: fc.uniqueArray(anySection),
    plans: fc.uniqueArray(anyPlan),
    looks: fc.uniqueArray(anyLook),
    note: fc.constantFrom('', 'spring'),
  }),
  fc.record({ type: fc.constantFrom('cancelSchedule' as const, 'runSchedule' as const), key: fc.constantFrom('1', '2') }),
  fc.record({
    type: fc.constantFrom('publish' as const, 'discard' as const),
    sections: fc.uniqueArray(anySection),
    plans: fc.uniqueArray(anyPlan),
    looks: fc.uniqueArray(anyLook),
  }),
]
const finding = fc.record({
  check: fc.constantFrom('returnMissing' as const, 'linkOver' as const, 'overCeiling' as const),
  source: fc.constantFrom(...skus),
  kind,
  target: fc.constantFrom(...skus),
})
const findings = fc.array(finding, { minLength: 1, maxLength: 3 })
/** On what an article names, and on related categories. */
const onPage: fc.Arbitrary<{ kind: string; on: { source: string }[] }> = fc.constantFrom(
  { kind: 'named', on: [{ source: 'article:spring' }] },
  { kind: 'named', on: [{ source: 'article:gone' }] },
  { kind: 'related-categories', on: [{ source: 'category:hives' }, { source: 'category:tools' }] },
)
const pageTargets = fc.uniqueArray(fc.constantFrom('A', 'B', 'D-1', 'hives', 'tools', 'jars'), { minLength: 1, maxLength: 2 })
const pageCommands: fc.Arbitrary<Command>[] = [
  fc
    .record({ lane: onPage, type: fc.constantFrom('link' as const, 'unlink' as const, 'dismiss' as const), targets: pageTargets })
    .map(({ lane, ...edit }) => ({ ...lane, ...edit })),
  fc
    .record({
      lane: onPage,
      type: fc.constant('move' as const),
      target: fc.constantFrom('A', 'jars'),
      place: fc.integer({ min: 1, max: 2 }),
    })
    .map(({ lane, ...edit }) => ({ ...lane, ...edit })),
  fc.record({ lane: onPage, type: fc.constant('arrange' as const), order: pageTargets }).map(({ lane, ...edit }) => ({ ...lane, ...edit })),
]
const anyCommand: fc.Arbitrary<Command> = fc.oneof(
  ...pageCommands.map(arbitrary => ({ weight: 2, arbitrary })),
  fc.record({ type: fc.constant('putAside' as const), findings, reason: fc.constantFrom('on purpose', 'seen') }),
  fc.record({ type: fc.constantFrom('takeUp' as const, 'mend' as const), findings }),
  {
    weight: 4,
    arbitrary: fc.record({
      type: fc.constant('link' as const),
      kind,
      on,
      targets,
      place: fc.constantFrom(undefined, 1),
      bothWays: fc.boolean(),
    }),
  },
  fc.record({ type: fc.constant('unlink' as const), kind, on, targets }),
  fc.record({ type: fc.constant('move' as const), kind, on, target: fc.constantFrom(...skus), place: fc.integer({ min: 1, max: 3 }) }),
  fc.record({ type: fc.constant('arrange' as const), kind, on, order: targets }),
  fc.record({
    type: fc.constant('detail' as const),
    kind,
    on,
    targets,
    details: fc.record({ from: fc.constantFrom(null, '2026-05-01'), note: fc.constantFrom(null, 'mild') }),
  }),
  fc.record({ type: fc.constant('dismiss' as const), kind, on, targets: fc.subarray(skus, { minLength: 1, maxLength: 2 }) }),
  fc.record({ type: fc.constant('bringBack' as const), kind, on, targets: fc.subarray(skus, { minLength: 1, maxLength: 2 }) }),
  fc.record({
    type: fc.constant('copy' as const),
    from: fc.constantFrom(...skus),
    kinds: fc.constant(kinds),
    to: fc.subarray(skus, { minLength: 1, maxLength: 2 }),
    replace: fc.boolean(),
  }),
  fc
    .constantFrom('Refill', 'Finishing touch')
    .map(name => ({ type: 'addKind' as const, settings: settingsOf(makeKind('x', { name: { en: name }, plural: { en: `${name}s` } })) })),
  fc.record({
    type: fc.constant('changeKind' as const),
    key: anyKind,
    settings: fc.record(
      { ceiling: fc.constantFrom(null, 3), glyph: fc.constantFrom('drop' as const, 'leaf' as const) },
      { requiredKeys: [] },
    ),
  }),
  fc.record({ type: fc.constant('orderKinds' as const), order: fc.uniqueArray(anyKind, { minLength: 1 }) }),
  fc.record({ type: fc.constantFrom('retireKind' as const, 'restoreKind' as const), key: anyKind }),
  fc.record({
    type: fc.constant('switchSection' as const),
    source: fc.constantFrom(...skus, 'D-1'),
    section: fc.constantFrom('related', 'upsells', 'no-such-section'),
    off: fc.boolean(),
  }),
  ...sectionCommands,
  fc.record({
    type: fc.constant('setNeighbours' as const),
    source: fc.constantFrom(...skus),
    settings: fc.record(
      { ignored: fc.subarray([{ of: 'brand' as const, name: 'Corrie' }]), leaveOut: fc.subarray(['no-such-category']) },
      { noNullPrototype: true },
    ),
  }),
)
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
      const said = vi.spyOn(console, 'error').mockImplementation(() => undefined)
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
      const said = vi.spyOn(console, 'error').mockImplementation(() => undefined)
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
