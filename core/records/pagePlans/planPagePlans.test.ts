import { describe, expect, it } from 'vitest'
import { makeOffer } from '../../offers/makeOffer.testing'
import { offerBlock, otherOffers } from '../../pagePlans/block'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { emptyScope } from '../../pagePlans/pagePlan'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Versions } from '../../sections/versions'
import { commandSchema } from '../registry'
import { planPagePlans } from './planPagePlans'
import { noDrafts } from '../../releases/noDrafts.testing'

const product = makePlan('product', [], { zones: [{ key: 'belowDetails', blocks: ['upsells', 'lately'] }], off: ['lately'] })
const gifts = makePlan('product', ['lately'], { key: 'gifts', scope: { ...emptyScope, tags: ['gift'] }, rank: 1 })
const hives = makePlan('product', [], { key: 'hives', scope: { ...emptyScope, categories: ['hives'] }, rank: 2 })
const context = {
  versions: {
    ...noDrafts,
    sections: new Map(['upsells', 'lately', 'new'].map(key => [key, { live: null, draft: makeSection(key) }])),
    offers: new Map([['tick', { live: null, draft: makeOffer('tick') }]]),
    plans: new Map<string, Versions<PagePlan>>([
      ...[product, gifts, makePlan('cart', []), makePlan('home', [])].map(each => [each.key, { live: each, draft: each }] as const),
      ['hives', { live: null, draft: hives }],
      ['leaving', { live: hives, draft: null }],
    ]),
  },
}
const plan = (given: object) => planPagePlans(commandSchema.parse(given) as Parameters<typeof planPagePlans>[0], context)
const draftAfter = (given: object) => plan(given)[0]!.after!.draft!
const zonesAfter = (given: object) => draftAfter(given).zones

describe('commands on page plans', () => {
  it('put a section into a zone, zones staying in page order', () => {
    const put = (part: object) => zonesAfter({ type: 'placeBlock', plan: 'product-default', block: 'new', zone: 'belowDetails', ...part })
    expect(put({})).toEqual([{ key: 'belowDetails', blocks: ['upsells', 'lately', 'new'] }])
    expect(put({ place: 1 })).toEqual([{ key: 'belowDetails', blocks: ['new', 'upsells', 'lately'] }])
    expect(put({ zone: 'besideDetails' })).toEqual([
      { key: 'besideDetails', blocks: ['new'] },
      { key: 'belowDetails', blocks: ['upsells', 'lately'] },
    ])
    expect(put({ zone: 'foot', block: 'upsells' })).toEqual([
      { key: 'belowDetails', blocks: ['lately'] },
      { key: 'foot', blocks: ['upsells'] },
    ])
  })

  it('put an offer, and all others, where sections stand too', () => {
    const put = (block: string) => zonesAfter({ type: 'placeBlock', plan: 'product-default', block, zone: 'belowDetails', place: 2 })
    for (const block of [offerBlock('tick'), otherOffers])
      expect(put(block)).toEqual([{ key: 'belowDetails', blocks: ['upsells', block, 'lately'] }])
  })

  it('take it out again, and switch it off in a plan', () => {
    expect(draftAfter({ type: 'unplaceBlock', plan: 'product-default', block: 'lately' })).toEqual({
      ...product,
      zones: [{ key: 'belowDetails', blocks: ['upsells'] }],
      off: [],
    })
    expect(draftAfter({ type: 'switchInPlan', plan: 'product-default', block: 'upsells', off: true }).off).toEqual(['lately', 'upsells'])
    expect(draftAfter({ type: 'switchInPlan', plan: 'product-default', block: 'lately', off: false }).off).toEqual([])
  })

  const scope = { ...emptyScope, brands: ['Alder'] }
  it('add one that begins with the sections of another, behind those there are', () => {
    expect(plan({ type: 'addPlan', page: 'product', name: { en: 'Alder' }, scope })).toEqual([
      {
        of: 'plan',
        owner: '',
        key: 'alder',
        before: null,
        after: { live: null, draft: { ...product, key: 'alder', name: { en: 'Alder' }, scope, rank: 3 } },
      },
    ])
    expect(draftAfter({ type: 'addPlan', page: 'product', name: { en: 'Gifts' }, scope, like: 'gifts' })).toEqual({
      ...gifts,
      key: 'gifts-2',
      name: { en: 'Gifts' },
      scope,
      rank: 3,
    })
  })

  it('change parts of the draft, unless they have changed since they were seen', () => {
    expect(plan({ type: 'changePlan', key: 'gifts', settings: { scope }, seen: { scope: gifts.scope } })).toEqual([
      { of: 'plan', owner: '', key: 'gifts', before: { live: gifts, draft: gifts }, after: { live: gifts, draft: { ...gifts, scope } } },
    ])
    expect(() => plan({ type: 'changePlan', key: 'gifts', settings: { scope }, seen: { scope: emptyScope } })).toThrow(
      'was changed in the meantime',
    )
    expect(draftAfter({ type: 'changePlan', key: 'product-default', settings: { repeats: true }, seen: {} }).repeats).toBe(true)
  })

  it('take a draft away; one that was never published leaves nothing', () => {
    expect(plan({ type: 'removePlan', key: 'gifts' })[0]!.after).toEqual({ live: gifts, draft: null })
    expect(plan({ type: 'removePlan', key: 'hives' })[0]!.after).toBeNull()
  })

  it('move one before others', () => {
    expect(plan({ type: 'rankPlan', key: 'hives', place: 1 }).map(({ key: kind, after }) => [kind, after!.draft!.rank])).toEqual([
      ['hives', 1],
      ['gifts', 2],
    ])
  })

  it.each([
    [{ type: 'placeBlock', plan: 'product-default', block: 'new', zone: 'attic' }, 'no zone “attic”'],
    [{ type: 'placeBlock', plan: 'gone', block: 'new', zone: 'foot' }, 'no page plan'],
    [{ type: 'placeBlock', plan: 'leaving', block: 'new', zone: 'foot' }, 'is to be taken away'],
    [{ type: 'unplaceBlock', plan: 'product-default', block: 'new' }, 'doesn’t have the block new'],
    [{ type: 'switchInPlan', plan: 'product-default', block: 'new', off: true }, 'doesn’t have the block new'],
    [{ type: 'placeBlock', plan: 'product-default', block: 'offer:gone', zone: 'foot' }, 'no together offer with the key gone'],
    [{ type: 'placeBlock', plan: 'home-default', block: otherOffers, zone: 'belowIntro' }, 'not on this one (home page)'],
    [{ type: 'addPlan', page: 'product', name: { en: 'A' }, scope, like: 'cart-default' }, 'another kind of page'],
    [{ type: 'changePlan', key: 'product-default', settings: { scope }, seen: {} }, 'The default plan is for all pages'],
    [{ type: 'changePlan', key: 'gifts', settings: { scope: null }, seen: {} }, 'one default plan for each kind'],
    [{ type: 'removePlan', key: 'product-default' }, 'The default plan stays'],
    [{ type: 'rankPlan', key: 'product-default', place: 1 }, 'always comes last'],
  ])('%j is refused', (given, words) => {
    expect(() => plan(given)).toThrow(words)
  })
})
