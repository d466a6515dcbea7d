import type { Command } from '../core/records/registry'
import { plainLook } from '../core/looks/look'
import { displayFor } from '../core/sections/display'
import type { FillStep } from '../core/fillSteps/fillStep'
import { emptyScope } from '../core/pagePlans/pagePlan'
import type { SectionSettings } from '../core/sections/section'
import { guardSchema, leaveOutNothing, noOtherHeadings, plainButtons } from '../core/sections/section'

const step = { subjects: 'page', cap: null, off: false } as const
const plain = {
  internalName: '',
  look: plainLook,
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
} as const

/** What is made for the product's standard and costs clearly less. */
const whatFits: FillStep = {
  from: 'rule',
  order: 'best-selling',
  ...step,
  rule: { when: { all: [] }, pick: { all: [{ attribute: 'fits', sourceAttribute: 'standard' }, { pricePercent: { to: 60 } }] } },
}

const fromTheMaker: SectionSettings = {
  heading: { en: 'More from the same workshop', de: 'Mehr aus derselben Werkstatt' },
  layout: 'shelf',
  places: 6,
  ...plain,
  minimum: 2,
  display: { ...displayFor('shelf'), heading: { size: 'medium', align: 'start', icon: 'brand' }, seeAll: 'brand' },
  steps: [{ from: 'bestSellers', of: 'brand', ...step }],
}
const seenLately: SectionSettings = {
  heading: { en: 'Seen lately', de: 'Zuletzt angesehen' },
  layout: 'shelf',
  display: displayFor('shelf'),
  places: 6,
  ...plain,
  guards: [...guardSchema.options],
  steps: [{ from: 'recentlyViewed', order: 'hand', ...step }],
}
const nextShelves: SectionSettings = {
  heading: { en: 'From the shelves beside this one', de: 'Aus den Regalen nebenan' },
  layout: 'shelf',
  display: displayFor('shelf'),
  places: 6,
  ...plain,
  guards: [...guardSchema.options],
  steps: [{ from: 'relatedCategories', of: 'beside', order: 'best-selling', ...step }],
}
/** On the pages of hives: what tells them apart. */
const hivesCompared: SectionSettings = {
  heading: { en: 'The hives side by side', de: 'Die Beuten im Vergleich' },
  layout: 'comparison',
  display: { ...displayFor('comparison'), card: ['brand', 'price', 'text', 'button'] },
  places: 3,
  ...plain,
  minimum: 2,
  steps: [{ from: 'category', category: 'hives', below: false, order: 'cheapest', ...step }],
}
/** On the pages of what makes room: what it is filled with. */
const intoIt: SectionSettings = {
  heading: { en: 'To fill it with', de: 'Was hineinkommt' },
  layout: 'checklist',
  display: displayFor('checklist'),
  places: 3,
  ...plain,
  minimum: 2,
  steps: [{ from: 'links', kind: 'accessory', order: 'hand', ...step }, whatFits],
}
/** On the pages of seed: one thing, large. */
const readUp: SectionSettings = {
  heading: { en: 'Read up on it first', de: 'Erst nachlesen' },
  layout: 'spotlight',
  display: displayFor('spotlight'),
  places: 1,
  ...plain,
  steps: [{ from: 'chosen', targets: ['BK-PLANT', 'TREE-1', 'BK-HEALTH'], order: 'hand', ...step }],
}
/** What “Goes with it” is to become: where nobody has picked enough, rules fill up. */
const accessorySteps: FillStep[] = [
  { from: 'links', kind: 'accessory', order: 'hand', ...step },
  whatFits,
  {
    from: 'rule',
    order: 'best-selling',
    ...step,
    cap: 2,
    rule: { when: { all: [] }, pick: { all: [{ category: 'same' }, { pricePercent: { from: 5, to: 60 } }] } },
  },
]
/** Beside a cart: what belongs to it, then what its maker has besides, then what most take home. */
const besideCart: FillStep[] = [
  { from: 'links', kind: 'accessory', order: 'hand', ...step, subjects: 'cart' },
  {
    from: 'rule',
    order: 'best-selling',
    ...step,
    subjects: 'cart',
    rule: { when: { all: [] }, pick: { all: [{ brand: 'same' }, { pricePercent: { to: 60 } }] } },
  },
  { from: 'bestSellers', of: 'all', ...step },
]

/** Where it leads further than the shelves beside it. */
const related: Record<string, string[]> = {
  hives: ['kits', 'frames', 'hive-tools'],
  extractors: ['uncapping', 'straining', 'jars'],
  jars: ['labels', 'straining'],
  queens: ['hive-parts', 'feeding'],
}

/**
 * The demo shop's own sections: one on every product page, one on every category page, one that stands nowhere yet, and a draft of a
 * change; and page plans for some of its products, by category and by tag.
 */
export const sectionCommands: Command[] = [
  { type: 'addSection', settings: fromTheMaker },
  { type: 'addSection', settings: seenLately },
  { type: 'addSection', settings: nextShelves },
  { type: 'addSection', settings: hivesCompared },
  { type: 'addSection', settings: intoIt },
  { type: 'addSection', settings: readUp },
  { type: 'placeBlock', block: 'more-from-the-same-workshop', plan: 'product-default', zone: 'foot' },
  { type: 'placeBlock', block: 'from-the-shelves-beside-this-one', plan: 'category-default', zone: 'belowProducts' },
  {
    type: 'changeSection',
    key: 'more-from-the-same-workshop',
    seen: {},
    settings: { heading: { en: 'More from {brand}', de: 'Mehr von {brand}' }, otherHeadings: { one: {}, without: fromTheMaker.heading } },
  },
  {
    type: 'publish',
    sections: ['more-from-the-same-workshop', 'from-the-shelves-beside-this-one'],
    plans: ['product-default', 'category-default'],
  },
  // A packet of seed has nothing worth the step up; what else grows comes first.
  {
    type: 'addPlan',
    page: 'product',
    name: { en: 'Seed and plants', de: 'Saat und Pflanzen' },
    scope: { ...emptyScope, categories: ['seed'] },
  },
  { type: 'unplaceBlock', block: 'upsells', plan: 'seed-and-plants' },
  { type: 'placeBlock', block: 'related', plan: 'seed-and-plants', zone: 'belowDetails', place: 1 },
  { type: 'placeBlock', block: 'read-up-on-it-first', plan: 'seed-and-plants', zone: 'foot' },
  {
    type: 'addPlan',
    page: 'product',
    name: { en: 'Hives', de: 'Beuten' },
    scope: { ...emptyScope, categories: ['hives'] },
  },
  { type: 'placeBlock', block: 'the-hives-side-by-side', plan: 'hives', zone: 'belowDetails', place: 1 },
  // Whoever makes room for a colony wants to fill it.
  {
    type: 'addPlan',
    page: 'product',
    name: { en: 'Making room', de: 'Platz schaffen' },
    scope: { ...emptyScope, tags: ['expansion'] },
  },
  { type: 'unplaceBlock', block: 'accessories', plan: 'making-room' },
  { type: 'placeBlock', block: 'to-fill-it-with', plan: 'making-room', zone: 'belowDetails', place: 1 },
  { type: 'changeSection', key: 'cart-accessories', settings: { steps: besideCart }, seen: {} },
  {
    type: 'publish',
    sections: ['the-hives-side-by-side', 'to-fill-it-with', 'read-up-on-it-first', 'cart-accessories'],
    plans: ['seed-and-plants', 'hives', 'making-room'],
  },
  ...Object.entries(related).map(([key, targets]): Command => ({
    type: 'link',
    kind: 'related-categories',
    on: [{ source: `category:${key}` }],
    targets,
  })),
  { type: 'changeSection', key: 'accessories', settings: { steps: accessorySteps }, seen: {} },
]
