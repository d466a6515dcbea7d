import { linkStep } from '../fillSteps/fillStep'
import { plainLook } from '../looks/look'
import type { PageKind } from '../pageTypes/registry'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Section } from './section'
import { displayFor } from './display'
import { guardSchema, leaveOutNothing, noOtherHeadings, plainButtons } from './section'

/** A plain section for tests: accessories with all guards, unless a part says otherwise. */
export function makeSection(key: string, part: Partial<Section> = {}): Section {
  return {
    key,
    internalName: '',
    heading: {},
    otherHeadings: noOtherHeadings,
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    buttons: plainButtons,
    steps: [linkStep('accessory')],
    takeTurns: false,
    guards: guardSchema.options,
    priceBand: null,
    leaveOut: leaveOutNothing,
    lowestMargin: null,
    places: 4,
    minimum: 1,
    off: false,
    from: null,
    until: null,
    ...part,
  }
}

/** A plan with one zone for tests. */
export function makePlan(page: PageKind, blocks: string[], part: Partial<PagePlan> = {}): PagePlan {
  return {
    key: `${page}-default`,
    name: {},
    page,
    scope: null,
    rank: 0,
    repeats: false,
    zones: [{ key: 'all', blocks }],
    off: [],
    ...part,
  }
}
