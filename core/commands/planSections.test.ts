import { describe, expect, it } from 'vitest'
import { linkStep } from '../sections/fillStep'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import type { Section, SectionSettings } from '../sections/section'
import { command } from './command'
import type { PlanChange, SectionChange } from './change'
import { planSections } from './planSections'

const upsells = makeSection('upsells', { heading: { en: 'Better' } })
const lately = makeSection('lately')
const product = makePlan('product', [], { zones: [{ key: 'belowDetails', sections: ['upsells', 'lately'] }], off: ['lately'] })
const cart = makePlan('cart', [], { zones: [{ key: 'belowLines', sections: ['upsells'] }] })
const context = {
  sectionVersions: () => new Map([
    ['upsells', { live: upsells, draft: { ...upsells, places: 2 } }],
    ['lately', { live: lately, draft: lately }],
    ['new', { live: null, draft: makeSection('new') }],
    ['leaving', { live: makeSection('leaving'), draft: null }],
  ]),
  lookVersions: () => new Map(),
  planVersions: () => new Map([['product-default', { live: product, draft: product }], ['cart-default', { live: null, draft: cart }]]),
}
const settingsOf = ({ key: _, ...settings }: Section): SectionSettings => settings
const plan = (given: object) => planSections(command.parse(given) as Parameters<typeof planSections>[0], context)
const sectionAfter = (given: object) => (plan(given)[0] as SectionChange).after

describe('commands on sections', () => {
  it('add a draft under a key of its own', () => {
    const settings = settingsOf(upsells)
    expect(plan({ type: 'addSection', settings })).toEqual([{ of: 'section', source: '', kind: 'better', before: null, after: { live: null, draft: { ...upsells, key: 'better' } } }])
    expect(plan({ type: 'addSection', settings: { ...settings, heading: { en: 'Upsells' } } })[0]!.kind).toBe('upsells-2')
  })

  it('change parts of the draft, and leave what shoppers get', () => {
    expect(sectionAfter({ type: 'changeSection', key: 'upsells', settings: { minimum: 2 }, seen: { minimum: 1 } })).toEqual({ live: upsells, draft: { ...upsells, places: 2, minimum: 2 } })
  })

  it('refuse to change what has changed since it was seen, but not what stands beside it', () => {
    const change = (seen: object) => () => plan({ type: 'changeSection', key: 'upsells', settings: { places: 6 }, seen })
    expect(change({ places: 4 })).toThrow('was changed in the meantime')
    expect(change({ steps: [linkStep('upsell')] })).toThrow('was changed in the meantime')
    expect(change({ places: 2 })).not.toThrow()
  })

  it('take a draft away, from the plans too; one that was never published leaves nothing', () => {
    const changes = plan({ type: 'removeSection', key: 'upsells' })
    expect(changes.map(({ of, kind }) => `${of} ${kind}`)).toEqual(['section upsells', 'plan product-default', 'plan cart-default'])
    expect((changes[0] as SectionChange).after).toEqual({ live: upsells, draft: null })
    expect((changes[1] as PlanChange).after!.draft!.zones).toEqual([{ key: 'belowDetails', sections: ['lately'] }])
    expect((changes[2] as PlanChange).after).toEqual({ live: null, draft: { ...cart, zones: [] } })
    expect(sectionAfter({ type: 'removeSection', key: 'new' })).toBeNull()
  })

  it('publish and discard', () => {
    const some = { sections: ['upsells', 'new', 'leaving'], plans: ['cart-default'] }
    const after = (type: string) => plan({ type, ...some }).map(change => change.after)
    const draft = context.sectionVersions().get('upsells')!.draft
    expect(after('publish')).toEqual([{ live: draft, draft }, { live: makeSection('new'), draft: makeSection('new') }, null, { live: cart, draft: cart }])
    expect(after('discard')).toEqual([{ live: upsells, draft: upsells }, null, { live: makeSection('leaving'), draft: makeSection('leaving') }, null])
  })

  it.each([
    [{ type: 'publish', sections: ['lately'], plans: ['product-default'] }, 'Nothing of this is unpublished'],
    [{ type: 'publish', sections: ['gone'], plans: [] }, 'There is no section with the key gone.'],
    [{ type: 'discard', sections: [], plans: ['gone'] }, 'There is no page plan with the key gone.'],
    [{ type: 'changeSection', key: 'leaving', settings: { places: 1 }, seen: {} }, 'is to be taken away'],
  ])('%j is refused', (given, words) => {
    expect(() => plan(given)).toThrow(words)
  })
})
