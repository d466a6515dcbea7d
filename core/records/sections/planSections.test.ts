import { describe, expect, it } from 'vitest'
import { linkStep } from '../../fillSteps/fillStep'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Section, SectionSettings } from '../../sections/section'
import { commandSchema } from '../registry'
import type { PlanChange } from '../pagePlans/planRecord'
import type { SectionChange } from './sectionRecord'
import { planSections } from './planSections'
import { noDrafts } from '../../releases/noDrafts.testing'

const upsells = makeSection('upsells', { heading: { en: 'Better' } })
const lately = makeSection('lately')
const product = makePlan('product', [], { zones: [{ key: 'belowDetails', blocks: ['upsells', 'lately'] }], off: ['lately'] })
const cart = makePlan('cart', [], { zones: [{ key: 'belowLines', blocks: ['upsells'] }] })
const context = {
  versions: {
    ...noDrafts,
    sections: new Map([
      ['upsells', { live: upsells, draft: { ...upsells, places: 2 } }],
      ['lately', { live: lately, draft: lately }],
      ['new', { live: null, draft: makeSection('new') }],
      ['leaving', { live: makeSection('leaving'), draft: null }],
    ]),
    plans: new Map([
      ['product-default', { live: product, draft: product }],
      ['cart-default', { live: null, draft: cart }],
    ]),
  },
}
const settingsOf = ({ key: _, ...settings }: Section): SectionSettings => settings
const plan = (given: object) => planSections(commandSchema.parse(given) as Parameters<typeof planSections>[0], context)
const sectionAfter = (given: object) => (plan(given)[0] as SectionChange).after

describe('commands on sections', () => {
  it('add a draft under a key of its own', () => {
    const settings = settingsOf(upsells)
    expect(plan({ type: 'addSection', settings })).toEqual([
      { of: 'section', owner: '', key: 'better', before: null, after: { live: null, draft: { ...upsells, key: 'better' } } },
    ])
    expect(plan({ type: 'addSection', settings: { ...settings, heading: { en: 'Upsells' } } })[0]!.key).toBe('upsells-2')
  })

  it('change parts of the draft, and leave what shoppers get', () => {
    expect(sectionAfter({ type: 'changeSection', key: 'upsells', settings: { minimum: 2 }, seen: { minimum: 1 } })).toEqual({
      live: upsells,
      draft: { ...upsells, places: 2, minimum: 2 },
    })
  })

  it('refuse to change what has changed since it was seen, but not what stands beside it', () => {
    const change = (seen: object) => () => plan({ type: 'changeSection', key: 'upsells', settings: { places: 6 }, seen })
    expect(change({ places: 4 })).toThrow('was changed in the meantime')
    expect(change({ steps: [linkStep('upsell')] })).toThrow('was changed in the meantime')
    expect(change({ places: 2 })).not.toThrow()
  })

  it('take a draft away, from the plans too; one that was never published leaves nothing', () => {
    const changes = plan({ type: 'removeSection', key: 'upsells' })
    expect(changes.map(({ of, key: kind }) => `${of} ${kind}`)).toEqual(['section upsells', 'plan product-default', 'plan cart-default'])
    expect((changes[0] as SectionChange).after).toEqual({ live: upsells, draft: null })
    expect((changes[1] as PlanChange).after!.draft!.zones).toEqual([{ key: 'belowDetails', blocks: ['lately'] }])
    expect((changes[2] as PlanChange).after).toEqual({ live: null, draft: { ...cart, zones: [] } })
    expect(sectionAfter({ type: 'removeSection', key: 'new' })).toBeNull()
  })

  it('refuse to change what is to be taken away', () => {
    expect(() => plan({ type: 'changeSection', key: 'leaving', settings: { places: 1 }, seen: {} })).toThrow('is to be taken away')
  })
})
