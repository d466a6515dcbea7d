import { describe, expect, it } from 'vitest'
import type { Change } from '../registry'
import { draftChange } from '../drafts/drafts'
import { builtInLooks } from '../../looks/builtInLooks'
import type { Look } from '../../looks/look'
import { makeOffer } from '../../offers/makeOffer.testing'
import type { Offer } from '../../offers/offer'
import type { PagePlan } from '../../pagePlans/pagePlan'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Section } from '../../sections/section'
import type { Versions } from '../../sections/versions'
import { areForShoppers, liveAfter } from './liveAfter'

const upsells = makeSection('upsells')
const fewer = makeSection('upsells', { places: 2 })
const plan = makePlan('product', ['upsells'])
const tray = builtInLooks.find(each => each.key === 'tray')!
const round: Look = { ...tray, parts: { corner: 30 } }
const along = makeOffer('along')
const versions = {
  sections: new Map<string, Versions<Section>>([
    ['upsells', { live: upsells, draft: fewer }],
    ['new', { live: null, draft: makeSection('new') }],
  ]),
  plans: new Map<string, Versions<PagePlan>>([['product-default', { live: plan, draft: plan }]]),
  looks: new Map<string, Versions<Look>>([['tray', { live: tray, draft: round }]]),
  bundles: new Map(),
  offers: new Map<string, Versions<Offer>>([['along', { live: along, draft: null }]]),
}

describe('what shoppers get after changes', () => {
  it('is all that is live, and nothing of the drafts', () => {
    expect(liveAfter([], versions)).toEqual({ sections: [upsells], plans: [plan], looks: [tray], offers: [along], bundles: [] })
  })

  it('has what becomes live, and no more what is taken away', () => {
    const changes: Change[] = [
      draftChange('sections', 'upsells', versions.sections.get('upsells')!, { live: fewer, draft: fewer }),
      draftChange('plans', 'product-default', versions.plans.get('product-default')!, null),
      draftChange('looks', 'tray', versions.looks.get('tray')!, { live: round, draft: round }),
    ]
    expect(liveAfter(changes, versions)).toEqual({ sections: [fewer], plans: [], looks: [round], offers: [along], bundles: [] })
    // What they change is not taken over by this.
    expect(versions.sections.get('upsells')!.live).toBe(upsells)
  })
})

describe('whether changes are for shoppers', () => {
  const look = (before: Versions<Look> | null, after: Versions<Look> | null) =>
    areForShoppers([draftChange('looks', 'tray', before, after)])

  it('is so as soon as something live is another, comes or goes', () => {
    expect(look({ live: tray, draft: round }, { live: round, draft: round })).toBe(true)
    expect(look({ live: null, draft: round }, { live: round, draft: round })).toBe(true)
    expect(look({ live: tray, draft: null }, null)).toBe(true)
  })

  it('is not so for drafts, nor for anything that is live at once without a release', () => {
    expect(look({ live: tray, draft: tray }, { live: tray, draft: round })).toBe(false)
    expect(look(null, { live: null, draft: round })).toBe(false)
    expect(areForShoppers([{ of: 'pageLinks', owner: 'article:spring', key: 'named', before: [], after: [{ target: 'A' }] }])).toBe(false)
    expect(areForShoppers([{ of: 'brandMark', owner: '', key: 'Corrie', before: null, after: '/x.svg' }])).toBe(false)
  })
})
