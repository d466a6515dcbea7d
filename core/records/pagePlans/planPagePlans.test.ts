import { describe, expect, it } from 'vitest'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { emptyScope } from '../../pagePlans/pagePlan'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Versions } from '../../sections/versions'
import { commandSchema } from '../registry'
import { planPagePlans } from './planPagePlans'
import { noDrafts } from '../../releases/noDrafts.testing'

const product = makePlan('product', [], { zones: [{ key: 'belowDetails', sections: ['upsells', 'lately'] }], off: ['lately'] })
const gifts = makePlan('product', ['lately'], { key: 'gifts', scope: { ...emptyScope, tags: ['gift'] }, rank: 1 })
const hives = makePlan('product', [], { key: 'hives', scope: { ...emptyScope, categories: ['hives'] }, rank: 2 })
const context = {
  versions: {
    ...noDrafts,
    sections: new Map(['upsells', 'lately', 'new'].map(key => [key, { live: null, draft: makeSection(key) }])),
    plans: new Map<string, Versions<PagePlan>>([
      ...[product, gifts, makePlan('cart', [])].map(each => [each.key, { live: each, draft: each }] as const),
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
    const put = (part: object) => zonesAfter({ type: 'placeSection', plan: 'product-default', key: 'new', zone: 'belowDetails', ...part })
    expect(put({})).toEqual([{ key: 'belowDetails', sections: ['upsells', 'lately', 'new'] }])
    expect(put({ place: 1 })).toEqual([{ key: 'belowDetails', sections: ['new', 'upsells', 'lately'] }])
    expect(put({ zone: 'besideDetails' })).toEqual([
      { key: 'besideDetails', sections: ['new'] },
      { key: 'belowDetails', sections: ['upsells', 'lately'] },
    ])
    expect(put({ zone: 'foot', key: 'upsells' })).toEqual([
      { key: 'belowDetails', sections: ['lately'] },
      { key: 'foot', sections: ['upsells'] },
    ])
  })

  it('take it out again, and switch it off in a plan', () => {
    expect(draftAfter({ type: 'unplaceSection', plan: 'product-default', key: 'lately' })).toEqual({
      ...product,
      zones: [{ key: 'belowDetails', sections: ['upsells'] }],
      off: [],
    })
    expect(draftAfter({ type: 'switchInPlan', plan: 'product-default', key: 'upsells', off: true }).off).toEqual(['lately', 'upsells'])
    expect(draftAfter({ type: 'switchInPlan', plan: 'product-default', key: 'lately', off: false }).off).toEqual([])
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
    [{ type: 'placeSection', plan: 'product-default', key: 'new', zone: 'attic' }, 'no zone “attic”'],
    [{ type: 'placeSection', plan: 'gone', key: 'new', zone: 'foot' }, 'no page plan'],
    [{ type: 'placeSection', plan: 'leaving', key: 'new', zone: 'foot' }, 'is to be taken away'],
    [{ type: 'unplaceSection', plan: 'product-default', key: 'new' }, 'doesn’t have the section new'],
    [{ type: 'switchInPlan', plan: 'product-default', key: 'new', off: true }, 'doesn’t have the section new'],
    [{ type: 'addPlan', page: 'product', name: { en: 'A' }, scope, like: 'cart-default' }, 'another kind of page'],
    [{ type: 'changePlan', key: 'product-default', settings: { scope }, seen: {} }, 'The default plan is for all pages'],
    [{ type: 'changePlan', key: 'gifts', settings: { scope: null }, seen: {} }, 'one default plan for each kind'],
    [{ type: 'removePlan', key: 'product-default' }, 'The default plan stays'],
    [{ type: 'rankPlan', key: 'product-default', place: 1 }, 'always comes last'],
  ])('%j is refused', (given, words) => {
    expect(() => plan(given)).toThrow(words)
  })
})
