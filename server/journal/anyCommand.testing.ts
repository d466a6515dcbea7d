import fc from 'fast-check'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Command } from '../../core/records/registry'
import type { KindSettings, LinkKind } from '../../core/links/kind'
import { makeKind } from '../../core/links/makeKind.testing'
import { offerBlock, otherOffers } from '../../core/pagePlans/block'
import { emptyScope } from '../../core/pagePlans/pagePlan'
import { makeSection } from '../../core/sections/makeSection.testing'

export const skus = ['A', 'B', 'C', 'D']
export const products = skus.map(sku => makeProduct(sku, { variants: sku === 'D' ? [makeVariant('D-1'), makeVariant('D-2')] : [] }))
export const kinds = ['related', 'upsell']
export const categories = ['hives', 'tools', 'jars'].map(key => ({ key, name: { en: key }, parent: null }))
export const articles = [{ key: 'spring', title: { en: 'In spring' }, body: {}, image: null, products: ['C', 'A'] }]

const settingsOf = ({ key: _, retired: __, ...settings }: LinkKind): KindSettings => settings
const anyKind = fc.constantFrom('related', 'upsell', 'accessory', 'refill')

const kind = fc.constantFrom(...kinds, 'refill')
const on = fc.subarray(skus, { minLength: 1, maxLength: 2 }).map(sources => sources.map(source => ({ source })))
const targets = fc.uniqueArray(fc.constantFrom(...skus, 'D-1', 'D-2'), { minLength: 1, maxLength: 3 })
const { key: _key, ...sectionSettings } = makeSection('x', { heading: { en: 'Seen lately' } })
const anySection = fc.constantFrom('upsells', 'just-added', 'seen-lately', 'seen-lately-2')
const anyBlock = fc.oneof(anySection, fc.constantFrom(otherOffers, offerBlock('tick'), offerBlock('tick-2')))
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
    type: fc.constant('placeBlock' as const),
    block: anyBlock,
    plan: anyPlan,
    zone: fc.constantFrom('foot', 'belowLines'),
    place: fc.constantFrom(undefined, 1),
  }),
  fc.record({ type: fc.constant('unplaceBlock' as const), block: anyBlock, plan: anyPlan }),
  fc.record({ type: fc.constant('switchInPlan' as const), block: anyBlock, plan: anyPlan, off: fc.boolean() }),
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
    type: fc.constantFrom('publish' as const, 'discard' as const, 'unpublish' as const),
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
/** Any command at all, most of which the shop refuses. */
export const anyCommand: fc.Arbitrary<Command> = fc.oneof(
  ...pageCommands.map(arbitrary => ({ weight: 2, arbitrary })),
  fc.record({ type: fc.constant('putAside' as const), findings, reason: fc.constantFrom('on purpose', 'seen') }),
  fc.record({ type: fc.constantFrom('reopen' as const, 'mend' as const), findings }),
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
