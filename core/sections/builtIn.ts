import { displayFor } from './display'
import { linkStep } from '../fillSteps/fillStep'
import type { SectionLook } from '../looks/look'
import { plainLook } from '../looks/look'
import type { Section } from './section'
import { guardSchema, leaveOutNothing, noOtherHeadings, plainButtons } from './section'

/** What the sections that Manada starts with have in common: all guards that need no numbers, one step after another. */
const plain = {
  otherHeadings: noOtherHeadings, buttons: plainButtons, takeTurns: false, guards: guardSchema.options, priceBand: null, leaveOut: leaveOutNothing, lowestMargin: null, minimum: 1, off: false, from: null, until: null,
}

const framed: SectionLook = { preset: 'framed', own: {} }

/** The sections that Manada starts with. */
export const builtInSections: Section[] = [
  {
    key: 'upsells', heading: { en: 'Worth the step up', de: 'Eine Stufe besser' }, layout: 'list', display: displayFor('list'), look: framed,
    steps: [linkStep('upsell')], places: 2, ...plain,
  },
  {
    key: 'accessories', heading: { en: 'Goes with it', de: 'Passt dazu' }, layout: 'shelf', display: displayFor('shelf'), look: plainLook,
    steps: [linkStep('accessory')], places: 6, ...plain,
  },
  {
    key: 'related', heading: { en: 'Also worth a look', de: 'Auch einen Blick wert' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [linkStep('related')], places: 4, ...plain,
  },
  {
    key: 'cart-cross-sells', heading: { en: 'Often needed on the same day', de: 'Wird oft am selben Tag gebraucht' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [linkStep('cross-sell', 'cart')], places: 4, ...plain,
  },
  {
    key: 'cart-accessories', heading: { en: 'Goes with what is in your cart', de: 'Passt zu Ihrem Warenkorb' }, layout: 'shelf', display: displayFor('shelf'), look: plainLook,
    steps: [linkStep('accessory', 'cart')], places: 6, ...plain,
  },
  {
    key: 'just-added', heading: { en: 'Goes with it', de: 'Passt dazu' }, layout: 'list', display: displayFor('list'), look: framed,
    steps: [linkStep('accessory'), linkStep('cross-sell')], places: 3, ...plain,
  },
  {
    key: 'article-products', heading: { en: 'In this article', de: 'In diesem Artikel' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [{ from: 'named', order: 'hand', subjects: 'page', cap: null, off: false }], places: 8, ...plain,
  },
  {
    key: 'related-categories', heading: { en: 'More to look through', de: 'Hier weiterstöbern' }, layout: 'tiles', display: displayFor('tiles'), look: plainLook,
    steps: (['chosen', 'beside'] as const).map(of => ({ from: 'relatedCategories', of, order: 'best-selling', subjects: 'page', cap: null, off: false })), places: 4, ...plain,
  },
  {
    key: 'home-best-sellers', heading: { en: 'Bought most', de: 'Am häufigsten gekauft' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [{ from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false }], places: 4, ...plain,
  },
  {
    key: 'home-recently-viewed', heading: { en: 'What you looked at', de: 'Zuletzt angesehen' }, layout: 'shelf', display: displayFor('shelf'), look: plainLook,
    steps: [{ from: 'recentlyViewed', order: 'hand', subjects: 'page', cap: null, off: false }], places: 6, ...plain,
  },
  {
    key: 'search-related', heading: { en: 'Goes with what was found', de: 'Passt zum Gefundenen' }, layout: 'shelf', display: displayFor('shelf'), look: plainLook,
    steps: [linkStep('accessory'), linkStep('related')], places: 6, ...plain,
  },
  {
    key: 'search-best-sellers', heading: { en: 'Others buy these', de: 'Das kaufen andere' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [{ from: 'bestSellers', of: 'all', subjects: 'page', cap: null, off: false }], places: 4, ...plain,
  },
  {
    key: 'ordered-accessories', heading: { en: 'Goes with what you ordered', de: 'Passt zu Ihrer Bestellung' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [linkStep('accessory'), linkStep('cross-sell')], places: 4, ...plain,
  },
  {
    key: 'article-accessories', heading: { en: 'Useful for the job', de: 'Nützlich dabei' }, layout: 'grid', display: displayFor('grid'), look: plainLook,
    steps: [linkStep('accessory'), linkStep('cross-sell')], places: 4, ...plain,
  },
]
