import { displayFor } from './display'
import type { FillStep } from '../fillSteps/fillStep'
import { linkStep } from '../fillSteps/fillStep'
import type { SectionLook } from '../looks/look'
import type { TargetTest } from '../rules/rule'
import { plainLook } from '../looks/look'
import type { Section } from './section'
import { guardSchema, leaveOutNothing, noOtherHeadings, plainButtons } from './section'

/** What the sections that Manada starts with have in common: all guards that need no numbers, one step after another. */
const plain = {
  internalName: '',
  otherHeadings: noOtherHeadings,
  buttons: plainButtons,
  takeTurns: false,
  guards: guardSchema.options,
  priceBand: null,
  leaveOut: leaveOutNothing,
  lowestMargin: null,
  minimum: 1,
  off: false,
  from: null,
  until: null,
}

/** What fills up where nobody has picked enough: products that a rule finds for the page's own, those that sell best first. */
const filledBy = (...pick: TargetTest[]): FillStep => ({
  from: 'rule',
  rule: { when: { all: [] }, pick: { all: pick } },
  order: 'best-selling',
  subjects: 'page',
  cap: null,
  off: false,
})
const likeIt = [filledBy({ category: 'same' }, { pricePercent: { from: 50, to: 150 } }), filledBy({ brand: 'same' })]
const stepUp = filledBy({ category: 'same' }, { pricePercent: { from: 110, to: 200 } })
/** What is of the same brand and not instead of it. */
const sameBrand = filledBy({ brand: 'same' }, { category: 'different' })

const framed: SectionLook = { preset: 'framed', own: {} }

/** The sections that Manada starts with. */
export const builtInSections: Section[] = [
  {
    key: 'upsells',
    heading: { en: 'Worth the step up', de: 'Eine Stufe besser' },
    layout: 'list',
    display: displayFor('list'),
    look: framed,
    steps: [linkStep('upsell'), stepUp],
    places: 2,
    ...plain,
  },
  {
    key: 'accessories',
    heading: { en: 'Goes with it', de: 'Passt dazu' },
    layout: 'shelf',
    display: displayFor('shelf'),
    look: plainLook,
    steps: [linkStep('accessory')],
    places: 6,
    ...plain,
  },
  {
    key: 'related',
    heading: { en: 'Also worth a look', de: 'Auch einen Blick wert' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [linkStep('related'), ...likeIt],
    places: 4,
    ...plain,
  },
  {
    key: 'bundles-with-it',
    heading: { en: 'Also in these sets', de: 'Auch in diesen Sets' },
    layout: 'list',
    display: { ...displayFor('list'), card: ['price', 'was'] },
    look: framed,
    steps: [{ from: 'bundles', order: 'best-selling', subjects: 'page', cap: null, off: false }],
    places: 3,
    ...plain,
  },
  {
    key: 'cart-cross-sells',
    heading: { en: 'Often needed on the same day', de: 'Wird oft am selben Tag gebraucht' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [linkStep('cross-sell', 'cart'), { ...sameBrand, subjects: 'cart' }],
    places: 4,
    ...plain,
  },
  {
    key: 'cart-accessories',
    heading: { en: 'Goes with what is in your cart', de: 'Passt zu Ihrem Warenkorb' },
    layout: 'shelf',
    display: displayFor('shelf'),
    look: plainLook,
    steps: [linkStep('accessory', 'cart')],
    places: 6,
    ...plain,
  },
  {
    key: 'just-added',
    heading: { en: 'Goes with it', de: 'Passt dazu' },
    layout: 'list',
    display: displayFor('list'),
    look: framed,
    steps: [linkStep('accessory'), linkStep('cross-sell'), sameBrand],
    places: 3,
    ...plain,
  },
  {
    key: 'article-products',
    heading: { en: 'In this article', de: 'In diesem Artikel' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [{ from: 'named', order: 'hand', subjects: 'page', cap: null, off: false }],
    places: 8,
    ...plain,
  },
  {
    key: 'related-categories',
    heading: { en: 'More to look through', de: 'Hier weiterstöbern' },
    layout: 'tiles',
    display: displayFor('tiles'),
    look: plainLook,
    steps: (['chosen', 'beside'] as const).map(of => ({
      from: 'relatedCategories',
      of,
      order: 'best-selling',
      subjects: 'page',
      cap: null,
      off: false,
    })),
    places: 4,
    ...plain,
  },
  {
    key: 'home-best-sellers',
    heading: { en: 'Bought most', de: 'Am häufigsten gekauft' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [{ from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false }],
    places: 4,
    ...plain,
  },
  {
    key: 'home-recently-viewed',
    heading: { en: 'What you looked at', de: 'Zuletzt angesehen' },
    layout: 'shelf',
    display: displayFor('shelf'),
    look: plainLook,
    steps: [{ from: 'recentlyViewed', order: 'hand', subjects: 'page', cap: null, off: false }],
    places: 6,
    ...plain,
  },
  {
    key: 'search-related',
    heading: { en: 'Goes with what was found', de: 'Passt zum Gefundenen' },
    layout: 'shelf',
    display: displayFor('shelf'),
    look: plainLook,
    steps: [linkStep('accessory'), linkStep('related'), ...likeIt],
    places: 6,
    ...plain,
  },
  {
    key: 'search-best-sellers',
    heading: { en: 'Others buy these', de: 'Das kaufen andere' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [{ from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false }],
    places: 4,
    ...plain,
  },
  {
    key: 'ordered-accessories',
    heading: { en: 'Goes with what you ordered', de: 'Passt zu Ihrer Bestellung' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [linkStep('accessory'), linkStep('cross-sell'), sameBrand],
    places: 4,
    ...plain,
  },
  {
    key: 'article-accessories',
    heading: { en: 'Useful for the job', de: 'Nützlich dabei' },
    layout: 'grid',
    display: displayFor('grid'),
    look: plainLook,
    steps: [linkStep('accessory'), linkStep('cross-sell'), ...likeIt],
    places: 4,
    ...plain,
  },
]
