import fc from 'fast-check'
import type { Bundle, BundlePrice } from '../../core/catalogue/bundle'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import type { Command } from '../../core/records/registry'
import { targetsOf } from '../../core/links/lane'
import { offerBlock, otherOffers } from '../../core/pagePlans/block'
import { blocksOf, sectionsOf } from '../../core/pagePlans/pagePlan'
import { pageTypes, zonesOf } from '../../core/pageTypes/registry'
import { translationRecord } from '../../core/records/translations/translationRecord'
import type { Versions } from '../../core/sections/versions'
import type { DraftedSort } from '../../core/releases/draftedSorts'
import { forEachSort } from '../../core/releases/draftedSorts'
import { isUnpublished } from '../../core/sections/versions'
import type { LiveShop } from '../live/liveShop'

/** Chooses one of several. */
type Choose = <T>(of: Iterable<T>) => T

/** Numbers that choose a command which the shop, as it is by then, most likely takes. */
export const anyLikelyCommand = fc.record({ which: fc.nat(10_000), numbers: fc.array(fc.nat(10_000), { minLength: 6, maxLength: 6 }) })
export type LikelyCommand = typeof anyLikelyCommand extends fc.Arbitrary<infer T> ? T : never

/** The command that the numbers choose in a shop; null when there is nothing there that it could be about. */
export function likelyCommand({ which, numbers }: LikelyCommand, shop: LiveShop, among: 'all' | 'withoutSales' = 'all'): Command | null {
  const some = among === 'all' ? [...makers, ...salesMakers] : makers
  let next = 0
  const choose: Choose = of => {
    const all = [...of]
    if (!all.length) throw new NothingThere()
    return all[numbers[next++ % numbers.length]! % all.length]!
  }
  try {
    return some[which % some.length]!(shop, choose)
  } catch (error) {
    if (error instanceof NothingThere) return null
    throw error
  }
}

class NothingThere extends Error {}

const kindsOf = (shop: LiveShop) => [...shop.kinds.values()].filter(kind => !kind.retired).map(kind => kind.key)
const skusOf = (shop: LiveShop) => shop.catalogue.products.map(product => product.sku)

/** A lane with at least so many links. */
function laneWith(least: number, shop: LiveShop, choose: Choose): { source: string; kind: string; targets: string[] } {
  const lanes = skusOf(shop).flatMap(source =>
    kindsOf(shop).map(kind => ({ source, kind, targets: targetsOf(shop.links.lane(source, kind)) })),
  )
  return choose(lanes.filter(lane => lane.targets.length >= least))
}
const planOf = (shop: LiveShop, choose: Choose, has: 'blocks' | 'scope' | null = null) =>
  choose(
    [...shop.versions.plans.values()].flatMap(({ draft }) =>
      draft && (has !== 'blocks' || blocksOf(draft).length) && (has !== 'scope' || draft.scope) ? [draft] : [],
    ),
  )
const drafted = (things: ReadonlyMap<string, { draft: object | null }>) => [...things].filter(([, { draft }]) => draft).map(([key]) => key)
const unpublished = (things: ReadonlyMap<string, Versions<object>>) =>
  [...things].filter(([, versions]) => isUnpublished(versions)).map(([key]) => key)
function unpublishedOf(shop: LiveShop): Record<DraftedSort, string[]> {
  const all = forEachSort(sort => unpublished(shop.versions[sort]))
  if (!Object.values(all).some(keys => keys.length)) throw new NothingThere()
  return all
}

const makers: ((shop: LiveShop, choose: Choose) => Command)[] = [
  (shop, choose) => {
    const [source, kind] = [choose(skusOf(shop)), choose(kindsOf(shop))]
    const there = targetsOf(shop.links.lane(source, kind))
    return {
      type: 'link',
      kind,
      on: [{ source, seen: there }],
      targets: [choose(skusOf(shop).filter(sku => sku !== source && !there.includes(sku)))],
      bothWays: choose([true, false]),
    }
  },
  (shop, choose) => {
    const { source, kind, targets } = laneWith(1, shop, choose)
    return { type: 'unlink', kind, on: [{ source, seen: targets }], targets: [choose(targets)] }
  },
  (shop, choose) => {
    const { source, kind, targets } = laneWith(2, shop, choose)
    return { type: 'move', kind, on: [{ source }], target: choose(targets), place: choose(targets.keys()) + 1 }
  },
  (shop, choose) => {
    const { source, kind, targets } = laneWith(2, shop, choose)
    return { type: 'arrange', kind, on: [{ source }], order: targets.toReversed() }
  },
  (shop, choose) => {
    const { source, kind, targets } = laneWith(1, shop, choose)
    return {
      type: 'detail',
      kind,
      on: [{ source }],
      targets: [choose(targets)],
      details: { note: choose(['mild', null]), from: choose(['2026-05-01', null]) },
    }
  },
  (shop, choose) => {
    const { source, kind } = laneWith(1, shop, choose)
    return {
      type: 'copy',
      from: source,
      kinds: [kind],
      to: [choose(skusOf(shop).filter(sku => sku !== source))],
      replace: choose([true, false]),
    }
  },
  (shop, choose) => ({ type: 'changeKind', key: choose(kindsOf(shop)), settings: { ceiling: choose([null, 3, 5]) } }),
  (shop, choose) => ({
    type: 'orderKinds',
    order: kindsOf(shop)
      .toReversed()
      .slice(choose([0, 1])),
  }),
  (shop, choose) => ({ type: 'retireKind', key: choose(kindsOf(shop)) }),
  (shop, choose) => ({
    type: 'changeSection',
    key: choose(drafted(shop.versions.sections)),
    settings: { places: choose([1, 2, 3, 4]) },
    seen: {},
  }),
  (shop, choose) => ({
    type: 'changeSection',
    key: choose(drafted(shop.versions.sections)),
    settings: { heading: { en: choose(['More', 'Other']), de: choose(['Mehr', 'Weitere']) } },
    seen: {},
  }),
  (shop, choose) => {
    const [name, known] = choose(shop.states.of(translationRecord))
    const [, key] = name.split(' ') as [string, string]
    const heading = shop.versions.sections.get(key)?.draft?.heading
    const { text, language, words } = choose(known)
    if (text !== 'heading' || !heading?.en || heading[language] !== words) throw new NothingThere()
    return { type: 'keepTranslation', of: 'sections', key, text, language, words, own: heading.en }
  },
  (shop, choose) => {
    const placed = new Set([...shop.versions.plans.values()].flatMap(({ draft }) => (draft ? sectionsOf(draft) : [])))
    return { type: 'removeSection', key: choose(drafted(shop.versions.sections).filter(key => !placed.has(key))) }
  },
  (shop, choose) => {
    const plan = planOf(shop, choose)
    const offers = pageTypes[plan.page].hasOffers ? [otherOffers, ...drafted(shop.versions.offers).map(offerBlock)] : []
    const block = choose([...drafted(shop.versions.sections), ...offers])
    return { type: 'placeBlock', block, plan: plan.key, zone: choose(zonesOf(plan.page)) }
  },
  (shop, choose) => {
    const plan = planOf(shop, choose, 'blocks')
    return { type: 'unplaceBlock', block: choose(blocksOf(plan)), plan: plan.key }
  },
  (shop, choose) => {
    const plan = planOf(shop, choose, 'blocks')
    return { type: 'switchInPlan', block: choose(blocksOf(plan)), plan: plan.key, off: choose([true, false]) }
  },
  (shop, choose) => ({ type: 'rankPlan', key: planOf(shop, choose, 'scope').key, place: 1 }),
  (shop, choose) => ({ type: 'removePlan', key: planOf(shop, choose, 'scope').key }),
  (shop, choose) => ({
    type: 'changeLook',
    key: choose(drafted(shop.versions.looks)),
    settings: { parts: { corner: choose([0, 3, 8]) } },
    seen: {},
  }),
  (shop, choose) => ({ type: choose(['publish', 'publish', 'publish', 'discard'] as const), ...unpublishedOf(shop) }),
  (shop, choose) => ({
    type: 'unpublish',
    sections: [choose([...shop.sections.keys()])],
    plans: [],
    offers: shop.offers.slice(0, 1).map(each => each.key),
  }),
  shop => ({ type: 'schedulePublish', at: '2026-05-01T10:00:00Z', ...unpublishedOf(shop), note: '' }),
  (shop, choose) => ({ type: choose(['cancelSchedule', 'runSchedule'] as const), key: choose(shop.schedules.keys()) }),
  (_, choose) => ({ type: 'goBack', release: choose([1, 2, 3]) }),
  (shop, choose) => {
    const articles = shop.articles.filter(article => article.products.length)
    const { key, products } = choose(articles)
    return { type: 'move', kind: 'named', on: [{ source: `article:${key}` }], target: choose(products), place: 1 }
  },
]

/** On offers, bundles and settings, which the commands above have nothing to do with. */
const salesMakers: typeof makers = [
  (shop, choose) => {
    const {
      key: _,
      rank: __,
      ...settings
    } = makeOffer('tried', { offered: { by: 'chosen', skus: [choose(partsOf(shop))] }, limit: choose([1, 2]) })
    return { type: 'addOffer', settings }
  },
  (shop, choose) => ({
    type: 'changeOffer',
    key: choose(shop.versions.offers.keys()),
    settings: { limit: choose([1, 2, 3]) },
    seen: {},
  }),
  (shop, choose) => ({ type: 'rankOffer', key: choose(shop.versions.offers.keys()), place: 1 }),
  (shop, choose) => ({ type: 'removeOffer', key: choose(shop.versions.offers.keys()) }),
  (shop, choose) => ({
    type: 'addBundle',
    sku: choose(['SET-1', 'SET-2', 'SET-3'].filter(sku => !shop.catalogue.item(sku))),
    name: { en: 'A set' },
    bundle: bundleFor(shop, choose),
  }),
  (shop, choose) => ({
    type: 'changeBundle',
    sku: choose(shop.catalogue.bundles),
    settings: { status: choose(['active', 'active', 'retired'] as const) },
    seen: {},
  }),
  (shop, choose) => ({
    type: 'changeBundle',
    sku: choose(shop.catalogue.bundles),
    settings: { bundle: bundleFor(shop, choose) },
    seen: {},
  }),
  (_, choose) => ({ type: 'changeSettings', settings: { timeZone: choose(['UTC', 'Europe/London', 'Pacific/Auckland']) } }),
  (shop, choose) => ({
    type: 'removeBundle',
    sku: choose([...shop.versions.bundles].flatMap(([sku, { live }]) => (live ? [] : [sku]))),
  }),
]

/** SKUs of what a bundle or an offer can have in it: no bundles. */
const partsOf = (shop: LiveShop) =>
  shop.catalogue.products.flatMap(({ sku, bundle, variants }) => (bundle ? [] : [sku, ...variants.map(each => each.sku)]))

/** A bundle of any type. */
function bundleFor(shop: LiveShop, choose: Choose): Bundle {
  const part = () => choose(partsOf(shop))
  const price = choose<BundlePrice>([{ by: 'sum' }, { by: 'percent', percent: 10 }, { by: 'own', price: 900 }])
  const components = [{ key: 'one', sku: part(), quantity: choose([1, 2]) }]
  const group = {
    key: 'group',
    name: { en: 'Size' },
    quantity: 1,
    products: [],
    options: [{ name: 'size', values: ['small', 'large'] }],
    combinations: [
      { values: ['small'], sku: part() },
      { values: ['large'], sku: choose([null, part()]) },
    ],
  }
  return choose<Bundle>([
    { type: 'fixed', components, price, marginFloor: null },
    { type: 'choice', groups: [group], components, price, marginFloor: null },
    {
      type: 'pickAny',
      set: [...new Set([part(), part()])],
      least: 1,
      most: 2,
      repeats: true,
      steps: [{ count: 2, percent: 20 }],
      marginFloor: null,
    },
  ])
}
