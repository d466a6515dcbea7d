import Ajv2020 from 'ajv/dist/2020'
import addFormats from 'ajv-formats'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { basePage, builtInLooks } from '../../looks/builtInLooks'
import { LookBook } from '../../looks/lookBook'
import { z } from 'zod'
import { makeProduct } from '../../catalogue/makeProduct.testing'
import { makeOffer } from '../../offers/makeOffer.testing'
import type { Offer } from '../../offers/offer'
import { offerBlock, otherOffers } from '../../pagePlans/block'
import { makeKind } from '../../links/makeKind.testing'
import { anyPlainShop } from '../../selection/anyShop.testing'
import { displayFor } from '../../sections/display'
import { linkStep } from '../../fillSteps/fillStep'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import { emptyScope } from '../../pagePlans/pagePlan'
import type { PagePlan } from '../../pagePlans/pagePlan'
import type { Section } from '../../sections/section'
import type { SetUp } from './setUp'
import { planSetUp, setUpSchema, writeSetUp } from './setUp'
import { setUpFileSchema } from './upgradeSetUp'
import { noDrafts } from '../../releases/noDrafts.testing'

const known = {
  kind: (key: string) => key,
  category: (key: string) => key,
  product: (sku: string) => sku,
  money: String,
  number: String,
  isKnown: () => true,
  hasAttribute: () => true,
  isRetired: (kind: string) => (kind === 'gone' ? null : false),
  isProductRetired: (sku: string) => (sku === 'GONE' ? null : false),
  timeZone: 'UTC',
  looks: new LookBook(builtInLooks),
}
const published = <T extends { key: string }>(things: readonly T[]) => new Map(things.map(each => [each.key, { live: each, draft: each }]))
const contextOf = (
  sections: readonly Section[],
  plans: readonly PagePlan[],
  kinds = [makeKind('accessory'), makeKind('upsell')],
  offers: readonly Offer[] = [],
) => ({
  kinds: () => kinds,
  item: (sku: string) => (sku === 'KNOWN' ? { product: makeProduct(sku), variant: null } : undefined),
  versions: {
    ...noDrafts,
    sections: published(sections),
    plans: published(plans),
    offers: published(offers),
    looks: published(builtInLooks),
  },
})
const shop = contextOf(
  [makeSection('upsells', { heading: { en: 'Better' } }), makeSection('related')],
  [makePlan('product', [], { zones: [{ key: 'foot', blocks: ['upsells', 'related'] }] })],
)
const read = (part: Partial<SetUp>, publish = false) =>
  planSetUp(setUpSchema.parse({ format: 'manada-set-up', version: 1, ...part }), shop, known, 'en', publish)

describe('a set-up', () => {
  it('of an older version reads as if it had been written today, and what is wrong with it is still said', () => {
    const upsells = makeSection('upsells', { layout: 'list', display: displayFor('list'), look: { preset: 'framed', own: {} } })
    const { otherHeadings: _, display: __, buttons: ___, look: ____, ...section } = upsells
    const { scope: _____, rank: ______, ...today } = makePlan('product', [])
    const plan = { ...today, zones: [{ key: 'foot', sections: ['upsells'] }] }
    const { retired: _______, ...kind } = makeKind('accessory')
    const smokers = { ...emptyScope, categories: ['smokers'] }
    const along = makeOffer('along', {
      look: { preset: 'plain', own: { border: 'section' } },
      trigger: { all: [smokers], except: emptyScope },
    })
    const { texts: _1, layout: _2, parts: _3, look: _4, fallbacks: _5, ...offer } = { ...along, trigger: smokers }
    const file = { format: 'manada-set-up', version: 1, kinds: [kind], sections: [section], offers: [offer], plans: [plan] }
    expect(setUpFileSchema.parse(file)).toEqual({
      ...file,
      kinds: [makeKind('accessory')],
      sections: [upsells],
      offers: [along],
      plans: [
        makePlan('product', [], {
          zones: [
            { key: 'belowBuy', blocks: [otherOffers, 'bundles-with-it'] },
            { key: 'foot', blocks: ['upsells'] },
          ],
        }),
      ],
    })
    const wrong = [
      null,
      1,
      [],
      {},
      { ...file, sections: 1 },
      { ...file, sections: [null, 1, {}] },
      { ...file, sections: [{ ...section, display: { heading: 1 } }] },
      { ...file, plans: [[]] },
      { ...file, plans: [{ ...plan, zones: [{ key: 'foot' }] }] },
      { ...file, kinds: ['x'] },
      { ...file, offers: [1] },
      { ...file, offers: [{ ...offer, trigger: 'x' }] },
      { ...file, offers: [{ ...offer, trigger: { all: 1 } }] },
      { ...file, strange: 1 },
    ]
    for (const each of wrong) expect(setUpFileSchema.safeParse(each).success).toBe(false)
  })

  it('read where it was written changes nothing, and is as its schema says', () => {
    const ajv = new Ajv2020({ strict: false })
    addFormats(ajv)
    const isAsTheSchemaSays = ajv.compile(z.toJSONSchema(setUpSchema, { target: 'draft-2020-12', reused: 'ref' }))
    // As the database holds them: generated objects have no prototype.
    const stored = anyPlainShop.map(
      ({ sections, plans, offers }) =>
        JSON.parse(JSON.stringify({ sections, plans, offers })) as { sections: Section[]; plans: PagePlan[]; offers: Offer[] },
    )
    fc.assert(
      fc.property(stored, ({ sections, plans, offers }) => {
        const context = contextOf(
          sections,
          plans.map(plan => ({ ...plan, zones: plan.page === 'product' ? [{ key: 'foot', blocks: [otherOffers] }] : [] })),
          undefined,
          offers.map(offer => ({ ...offer, trigger: null, offered: { by: 'chosen' as const, skus: ['KNOWN'] } })),
        )
        const written = JSON.parse(JSON.stringify(writeSetUp(context, ['kinds', 'sections', 'offers', 'plans', 'looks'], 'live'))) as SetUp
        expect(isAsTheSchemaSays(written)).toBe(true)
        const { changes, report } = planSetUp(setUpSchema.parse(written), context, known, 'en', true)
        expect(changes).toEqual([])
        expect(report).toMatchObject({
          created: 0,
          updated: 0,
          unchanged: 2 + sections.length + offers.length + plans.length + builtInLooks.length,
          changes: [],
        })
      }),
      { numRuns: 100 },
    )
    expect(isAsTheSchemaSays({ format: 'manada-set-up', version: 1, sections: [{ key: 'x' }] })).toBe(false)
  })

  it('says in words what it changes', () => {
    const { report } = read({
      kinds: [{ ...makeKind('upsell'), ceiling: 3 }, makeKind('refill', { name: { en: 'refill' } })],
      sections: [
        makeSection('upsells', { heading: { en: 'Better' }, places: 2 }),
        makeSection('related'),
        makeSection('new', { heading: { en: 'New one' } }),
      ],
      plans: [
        makePlan('product', [], {
          zones: [
            { key: 'belowDetails', blocks: ['new'] },
            { key: 'foot', blocks: ['related'] },
          ],
        }),
      ],
    })
    expect(report.changes.map(({ of, name, is, words }) => `${of} ${name}: ${is}, ${words}`)).toEqual([
      'kinds upsell: updated, Changes the ceiling',
      'kinds refill: created, New kind of link',
      'sections Better: updated, Changes the places',
      'sections New one: created, New',
      'plans product-default: updated, Adds “New one” and takes “Better” out',
    ])
    expect(report).toMatchObject({ created: 2, updated: 3, unchanged: 1 })
  })

  it('makes drafts, or goes live when that is wanted', () => {
    const section = makeSection('related', { places: 1 })
    const of = (publish: boolean) => {
      const { of, owner, key, after } = read({ sections: [section] }, publish).changes[0]!
      return [of, owner, key, after]
    }
    expect(of(false)).toEqual(['section', '', 'related', { live: makeSection('related'), draft: section }])
    expect(of(true)).toEqual(['section', '', 'related', { live: section, draft: section }])
    const drafted = {
      ...shop,
      versions: { ...noDrafts, ...shop.versions, sections: new Map([['related', { live: null, draft: section }]]) },
    }
    expect(
      planSetUp({ format: 'manada-set-up', version: 1, sections: [section] }, drafted, known, 'en', true).report.changes[0]!.words,
    ).toBe('Becomes live')
  })

  it('carries offers along with the plans that they stand on, and publishes none that can’t be sold', () => {
    const take = makeOffer('take', { heading: { en: 'Take it along' }, offered: { by: 'chosen', skus: ['KNOWN', 'GONE'] } })
    const plan = makePlan('product', [], { zones: [{ key: 'foot', blocks: [offerBlock('take'), otherOffers, 'related'] }] })
    const { changes, report } = read({ offers: [take], plans: [plan] }, true)
    expect(changes.map(({ of, key }) => `${of} ${key}`)).toEqual(['offer take', 'plan product-default'])
    expect(report.changes.at(-1)!.words).toBe('Adds “Take it along”, adds “All other offers”, and takes “Better” out')
    expect(report.warnings).toEqual(['“Take it along”: The shop has no product with the SKU GONE.'])
    const linked = { ...take, offered: { by: 'links' as const, kind: 'gone', count: 1 } }
    expect(read({ offers: [linked] }).report.warnings).toEqual(['“Take it along”: There is no kind of link “gone”.'])
    const empty = { ...take, offered: { by: 'chosen' as const, skus: [] } }
    expect(read({ offers: [empty] }).report.created).toBe(1)
    expect(() => read({ offers: [empty] }, true)).toThrow('The offer “Take it along” can’t be published. It offers nothing')
  })

  it('puts kinds in its order and new ones last', () => {
    expect(
      read({ kinds: [makeKind('refill', { name: { en: 'refill' } }), makeKind('upsell'), makeKind('accessory')] }).changes.at(-1),
    ).toMatchObject({ of: 'kindOrder', after: ['upsell', 'accessory', 'refill'] })
  })

  it('warns of what will not do what it seems to', () => {
    expect(
      read({ sections: [makeSection('related', { heading: { en: 'Look' }, steps: [linkStep('accessory'), linkStep('gone')] })] }).report
        .warnings,
    ).toEqual(['“Look”, step 2: There is no kind of link “gone”.'])
    const pale = { key: 'pale', name: { en: 'Pale' }, parts: { ink: '#999999' }, page: null }
    const looking = (preset: string) =>
      read({ looks: [pale], sections: [makeSection('related', { heading: { en: 'Look' }, look: { preset, own: {} } })] }).report.warnings
    expect([looking('pale'), looking('gone'), looking('plain')]).toEqual([
      [expect.stringContaining('“Look”: The text has a contrast of 2.7 to 1')],
      ['“Look”: Its look “gone” is gone. It looks like the shop itself.'],
      [],
    ])
  })

  it.each<[Partial<SetUp>, string]>([
    [{ sections: [makeSection('a'), makeSection('a')] }, 'The sections name “a” twice.'],
    [{ kinds: [makeKind('refill', { name: { en: 'Upsell' } })] }, 'The kinds “refill” and “upsell” are both called “Upsell”.'],
    [{ kinds: [makeKind('accessory', { retired: true }), makeKind('upsell', { retired: true })] }, 'All kinds of links would be retired.'],
    [
      { plans: [makePlan('product', [], { zones: [{ key: 'foot', blocks: ['gone'] }] })] },
      'has the section “gone”, which is neither in the file nor in the shop.',
    ],
    [
      { looks: [{ key: 'tray', name: { en: 'Tray' }, parts: {}, page: basePage }] },
      'The look “tray” says which fonts and background pages have',
    ],
    [{ plans: [makePlan('cart', [], { zones: [{ key: 'foot', blocks: [] }] })] }, 'has the zone “foot”'],
    [{ plans: [makePlan('cart', [], { zones: [{ key: 'belowLines', blocks: [offerBlock('gone')] }] })] }, 'has the offer “gone”'],
    [{ plans: [makePlan('home', [], { zones: [{ key: 'belowIntro', blocks: [otherOffers] }] })] }, 'has offers, which its kind of page'],
    [{ plans: [makePlan('product', [], { zones: [{ key: 'foot', blocks: ['related', 'related'] }] })] }, 'has “related” twice.'],
  ])('%j is refused', (part, words) => {
    expect(() => read(part)).toThrow(words)
  })
})
