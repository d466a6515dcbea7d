import { isEqual } from 'es-toolkit'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Look } from '../../looks/look'
import { makeOffer } from '../../offers/makeOffer.testing'
import type { Offer } from '../../offers/offer'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { noDrafts } from '../../releases/noDrafts.testing'
import type { Schedule } from '../../releases/release'
import { areForShoppers, liveAfter } from './liveAfter'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Section } from '../../sections/section'
import type { Versions } from '../../sections/versions'
import type { OfferChange } from '../offers/offerRecord'
import { commandSchema } from '../registry'
import { planReleases } from './planReleases'

const [one, two, better, gone] = [makeSection('one'), makeSection('two'), makeSection('one', { places: 9 }), makeSection('gone')]
const plan = makePlan('product', ['one'])
const plain: Look = { key: 'plain', name: { en: 'Plain' }, parts: {}, page: null }
const tray: Look = { key: 'tray', name: { en: 'Tray' }, parts: { corner: 4 }, page: null }
const along = makeOffer('along', { offered: { by: 'links', kind: 'accessory', count: 2 } })
const due: Schedule = {
  key: '4',
  at: '2026-05-01T10:00:00Z',
  note: 'spring',
  sections: { one: better, two: null },
  plans: {},
  looks: { plain: null },
  offers: {},
  bundles: {},
}
const context = {
  versions: {
    sections: new Map<string, Versions<Section>>([
      ['one', { live: one, draft: one }],
      ['two', { live: two, draft: makeSection('two', { places: 2 }) }],
      ['new', { live: null, draft: makeSection('new') }],
    ]),
    plans: new Map<string, Versions<PagePlan>>([['product-default', { live: plan, draft: plan }]]),
    looks: new Map<string, Versions<Look>>([['plain', { live: plain, draft: plain }]]),
    bundles: new Map(),
    offers: new Map<string, Versions<Offer>>([['along', { live: along, draft: { ...along, limit: 2 } }]]),
  },
  item: () => undefined,
  release: (number: number) =>
    new Map([
      [7, { sections: [better, gone], plans: [plan], looks: [tray], offers: [], bundles: [] }],
      [8, { sections: [one, two], plans: [plan], looks: null, offers: null, bundles: null }],
    ]).get(number),
  schedules: () => new Map([['4', due]]),
}
const planned = (given: object) => planReleases(commandSchema.parse(given) as Parameters<typeof planReleases>[0], context)
const after = (given: object) => Object.fromEntries(planned(given).map(change => [`${change.of} ${change.key}`, change.after]))

describe('commands on releases', () => {
  it('give shoppers what they had, and leave every draft as it is', () => {
    expect(after({ type: 'goBack', release: 7 })).toEqual({
      'section one': { live: better, draft: one },
      'section two': { live: null, draft: makeSection('two', { places: 2 }) },
      'section new': { live: null, draft: makeSection('new') },
      'section gone': { live: gone, draft: null },
      'plan product-default': { live: plan, draft: plan },
      'look plain': { live: null, draft: plain },
      'look tray': { live: tray, draft: null },
      'offer along': { live: null, draft: { ...along, limit: 2 } },
    })
    expect(() => planned({ type: 'goBack', release: 8 })).toThrow('Shoppers have all of release 8 already.')
    expect(() => planned({ type: 'goBack', release: 9 })).toThrow('There is no release 9.')
  })

  it('keep what is to be published as it is drafted now', () => {
    expect(
      after({
        type: 'schedulePublish',
        at: '2026-06-01T08:00:00+02:00',
        sections: ['two'],
        plans: ['product-default'],
        looks: ['plain'],
        offers: ['along'],
        note: 'summer',
      }),
    ).toEqual({
      'schedule 5': {
        key: '5',
        at: '2026-06-01T08:00:00+02:00',
        note: 'summer',
        sections: { two: makeSection('two', { places: 2 }) },
        plans: { 'product-default': plan },
        looks: { plain },
        offers: { along: { ...along, limit: 2 } },
        bundles: {},
      },
    })
    expect(() => planned({ type: 'schedulePublish', at: '2026-06-01T08:00:00Z', sections: ['one'], plans: [] })).toThrow(
      'Nothing of this is unpublished',
    )
  })

  it('publish that when its time has come, and leave what was drafted since a draft', () => {
    expect(after({ type: 'runSchedule', key: '4' })).toEqual({
      'section one': { live: better, draft: one },
      'section two': { live: null, draft: makeSection('two', { places: 2 }) },
      'schedule 4': null,
      'look plain': { live: null, draft: plain },
    })
    expect(after({ type: 'cancelSchedule', key: '4' })).toEqual({ 'schedule 4': null })
    expect(() => planned({ type: 'runSchedule', key: '9' })).toThrow('carried out or cancelled already')
  })

  it('make a release of everything that shoppers get, and of nothing else', () => {
    const changes = planned({ type: 'goBack', release: 7 })
    expect(areForShoppers(changes)).toBe(true)
    expect(liveAfter(changes, context.versions)).toEqual({
      sections: [better, gone],
      plans: [plan],
      looks: [tray],
      offers: [],
      bundles: [],
    })
    expect(liveAfter([], context.versions)).toEqual({ sections: [one, two], plans: [plan], looks: [plain], offers: [along], bundles: [] })
    expect(areForShoppers(planned({ type: 'cancelSchedule', key: '4' }))).toBe(false)
  })
})

describe('going back and forth', () => {
  const offerOf = (key: string) => fc.integer({ min: 1, max: 3 }).map(limit => makeOffer(key, { limit }))
  const maybe = <T>(some: fc.Arbitrary<T>) => fc.option(some, { nil: null })
  const keys = ['a', 'b', 'c', 'd']
  /** Of each key what is live and drafted; neither: there is no such offer. */
  const anyVersions = fc.tuple(...keys.map(key => fc.record({ live: maybe(offerOf(key)), draft: maybe(offerOf(key)) })))
  const anyRelease = fc.tuple(...keys.map(key => maybe(offerOf(key)))).map(offers => offers.filter(each => each !== null))

  it('gives shoppers each release, leaves every draft as it was, and all as it was when it ends where it began', () => {
    fc.assert(
      fc.property(anyVersions, fc.array(anyRelease, { maxLength: 5 }), (some, releases) => {
        const begun = new Map(keys.map((key, i) => [key, some[i]!] as const).filter(([, { live, draft }]) => live ?? draft))
        const first = [...begun.values()].flatMap(({ live }) => live ?? [])
        const offers = new Map<string, Versions<Offer>>(begun)
        for (const release of [...releases, first]) {
          const shop = {
            ...context,
            versions: { ...noDrafts, offers },
            release: () => ({ sections: [], plans: [], looks: null, offers: release, bundles: null }),
          }
          const isThere = isEqual(liveIn(offers), byKey(release))
          const goBack = () => planReleases({ type: 'goBack', release: 1 }, shop)
          if (isThere) expect(goBack).toThrow('Shoppers have all of release 1 already.')
          else
            for (const { key, after } of goBack() as OfferChange[]) {
              if (after) offers.set(key, after)
              else offers.delete(key)
            }
          expect(liveIn(offers)).toEqual(byKey(release))
          for (const key of keys) expect(offers.get(key)?.draft ?? null).toEqual(begun.get(key)?.draft ?? null)
        }
        expect(offers).toEqual(begun)
      }),
    )
  })

  const byKey = (some: readonly Offer[]) => Object.fromEntries(some.map(each => [each.key, each]))
  const liveIn = (offers: ReadonlyMap<string, Versions<Offer>>) => byKey([...offers.values()].flatMap(({ live }) => live ?? []))
})
