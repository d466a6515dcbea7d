import { expect, it } from 'vitest'
import { linkStep } from '../../fillSteps/fillStep'
import { emptyScope } from '../../pagePlans/pagePlan'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import { commandSchema } from '../registry'
import { describeCommand } from '../registry'
import type { CommandContext } from '../../journal/commandContext'

const section = makeSection('related', { heading: { en: 'Look around' } })
const plan = makePlan('product', ['related'], { name: { en: 'Product page' } })
const context = {
  versions: {
    sections: new Map([
      ['related', { live: section, draft: section }],
      ['gone', { live: makeSection('gone'), draft: null }],
    ]),
    plans: new Map([['product-default', { live: plan, draft: plan }]]),
    looks: new Map(),
  },
} as unknown as CommandContext

it.each([
  [
    { type: 'changeSection', key: 'related', settings: { steps: [linkStep('upsell')], places: 2 }, seen: {} },
    'Changed the fill steps and the places of the section “Look around”',
  ],
  [
    { type: 'changeSection', key: 'related', settings: { off: true }, seen: {} },
    'Switched the section “Look around” off everywhere, in its draft',
  ],
  [{ type: 'removeSection', key: 'related' }, 'Removed the section “Look around”'],
  [
    { type: 'placeBlock', block: 'related', plan: 'product-default', zone: 'foot' },
    'Put the section “Look around” on the plan “Product page”',
  ],
  [{ type: 'unplaceBlock', block: 'related', plan: 'product-default' }, 'Took the section “Look around” off the plan “Product page”'],
  [
    { type: 'switchInPlan', block: 'related', plan: 'product-default', off: true },
    'Switched the section “Look around” off in the plan “Product page”',
  ],
  [{ type: 'addPlan', page: 'product', name: { en: 'Gifts' }, scope: emptyScope }, 'Added the page plan “Gifts”'],
  [
    { type: 'changePlan', key: 'product-default', settings: { name: { en: 'Everything' }, repeats: true }, seen: {} },
    'Changed the page plan “Product page”: it changes its name and shows a product again that is shown above',
  ],
  [{ type: 'removePlan', key: 'product-default' }, 'Removed the page plan “Product page”'],
  [{ type: 'rankPlan', key: 'product-default', place: 2 }, 'Moved the page plan “Product page” to place 2'],
  [
    { type: 'publish', sections: ['related'], plans: ['product-default'] },
    'Published the section “Look around” and the plan “Product page”',
  ],
  [{ type: 'discard', sections: ['gone'], plans: [] }, 'Discarded the draft of the section “gone”'],
])('%j reads well', (given, words) => {
  expect(describeCommand(commandSchema.parse(given), context, 'en')).toBe(words)
})
