import type { Bundle } from '../core/catalogue/bundle'
import type { BundleSettings } from '../core/bundles/bundleSettings'
import type { Command } from '../core/records/registry'
import type { OfferSettings } from '../core/offers/offer'
import { offerDefaults } from '../core/offers/offerDefaults'
import { emptyScope } from '../core/pagePlans/pagePlan'

interface DemoBundle extends Omit<BundleSettings, 'name' | 'description' | 'tags' | 'image'> {
  sku: string
  name: [en: string, de: string]
  text: [en: string, de: string]
}

const parts = (...all: [sku: string, quantity: number][]) => all.map(([sku, quantity]) => ({ key: sku.toLowerCase(), sku, quantity }))
const sizes = ['XS', 'S', 'M', 'L', 'XL', 'XXL']
const codes: Record<string, string> = { white: 'WHI', sage: 'SAG', XXL: '2XL' }

/** In sage there is no extra small one in the set, and nobody has said yet what the largest one is. */
const suits = ['white', 'sage']
  .flatMap(colour => sizes.map(size => ({ values: [size, colour], sku: `SUIT-${codes[colour]}-${codes[size] ?? size}` })))
  .filter(({ values }) => values.join() !== 'XXL,sage')
  .map(each => (each.values.join() === 'XS,sage' ? { ...each, sku: null } : each))

const firstYear: Bundle = {
  type: 'choice',
  groups: [
    {
      key: 'suit',
      name: { en: 'Suit', de: 'Overall' },
      quantity: 1,
      products: ['SUIT'],
      options: [
        { name: 'size', values: sizes },
        { name: 'colour', values: ['white', 'sage'] },
      ],
      combinations: suits,
    },
    {
      key: 'gloves',
      name: { en: 'Gloves', de: 'Handschuhe' },
      quantity: 1,
      products: ['GLO-L'],
      options: [{ name: 'size', values: ['7', '8', '9', '10', '11'] }],
      combinations: ['7', '8', '9', '10', '11'].map(size => ({ values: [size], sku: `GLO-L-LEA-${size}` })),
    },
  ],
  components: parts(['SMO-M', 1], ['HT-J-YEL', 1]),
  price: { by: 'percent', percent: 12 },
  marginFloor: 20,
}
const seeds = ['MEA', 'BOR', 'PHA', 'CLO', 'LAV', 'THY', 'SUN', 'CRO'].map(each => `SEED-${each}-10`)

const bundles: DemoBundle[] = [
  {
    sku: 'SET-01',
    name: ['First-year set', 'Set fürs erste Jahr'],
    status: 'active',
    categories: ['kits'],
    bundle: firstYear,
    text: [
      'Everything you wear and hold at the first inspection, in your own size.',
      'Alles zum Anziehen und Anfassen für die erste Durchsicht, in der eigenen Größe.',
    ],
  },
  {
    sku: 'SET-02',
    name: ['Harvest day', 'Erntetag'],
    status: 'active',
    categories: ['kits', 'straining'],
    bundle: {
      type: 'fixed',
      components: parts(['UF-21', 1], ['STR-240', 1], ['BKT-G', 2]),
      price: { by: 'own', price: 5900 },
      marginFloor: 20,
    },
    text: [
      'Uncap, strain, and let it settle: what the extractor doesn’t bring.',
      'Entdeckeln, sieben, klären: was die Schleuder nicht mitbringt.',
    ],
  },
  {
    sku: 'SET-03',
    name: ['Jars and labels', 'Gläser und Etiketten'],
    status: 'active',
    categories: ['jars'],
    bundle: { type: 'fixed', components: parts(['JAR-500-12', 3], ['LAB-250', 1]), price: { by: 'percent', percent: 8 }, marginFloor: 20 },
    text: ['Three boxes of jars, and a roll of labels in the design you like.', 'Drei Kartons Gläser und eine Rolle Etiketten nach Wahl.'],
  },
  {
    sku: 'SET-04',
    name: ['Any three seeds or more', 'Drei Saaten oder mehr'],
    status: 'active',
    categories: ['seed'],
    bundle: {
      type: 'pickAny',
      set: seeds,
      least: 3,
      most: 6,
      repeats: true,
      steps: [
        { count: 3, percent: 10 },
        { count: 5, percent: 15 },
      ],
      marginFloor: 20,
    },
    text: [
      'Pick what your bees will thank you for; the more bags, the less each costs.',
      'Aussuchen, wofür die Bienen danken; je mehr Tüten, desto günstiger.',
    ],
  },
  {
    sku: 'SET-05',
    name: ['Smoker and brush', 'Smoker und Besen'],
    status: 'retired',
    categories: ['kits'],
    bundle: { type: 'fixed', components: parts(['SMO-S', 1], ['BRU-1', 1]), price: { by: 'amount', amount: 400 }, marginFloor: 20 },
    text: ['The two things that every visit to the bees begins with.', 'Womit jeder Besuch bei den Bienen beginnt.'],
  },
]

export const bundleSkus = bundles.map(each => each.sku)

const offers: OfferSettings[] = [
  {
    ...offerDefaults,
    heading: { en: 'To light it with', de: 'Zum Anzünden dazu' },
    trigger: { all: [{ ...emptyScope, categories: ['smokers'] }], except: emptyScope },
    offered: { by: 'chosen', skus: ['FUEL', 'LIT-1', 'SMO-BOX'] },
    reduction: { by: 'percent', percent: 10 },
    limit: 2,
  },
  {
    ...offerDefaults,
    internalName: 'Nails and wire to frames',
    heading: { en: 'Put together the same evening', de: 'Noch am selben Abend fertig' },
    layout: 'row',
    trigger: { all: [{ ...emptyScope, categories: ['frames'] }], except: { ...emptyScope, tags: ['wax'] } },
    offered: { by: 'links', kind: 'accessory', count: 2 },
    reduction: { by: 'amount', amount: 50 },
  },
  {
    ...offerDefaults,
    internalName: 'A second feeder',
    heading: { en: 'One more for the next hive', de: 'Noch eins für das nächste Volk' },
    layout: 'list',
    trigger: { all: [{ ...emptyScope, categories: ['feeding'] }], except: emptyScope },
    offered: {
      by: 'rule',
      rule: { when: { all: [] }, pick: { all: [{ category: 'same' }, { pricePercent: { to: 100 } }] } },
      order: 'best-selling',
      count: 1,
    },
    fallbacks: [{ by: 'chosen', skus: ['FD-ENTR'] }],
  },
  {
    ...offerDefaults,
    heading: { en: 'While you are at it', de: 'Gleich mitnehmen' },
    offered: { by: 'links', kind: 'cross-sell', count: 2 },
  },
]

/** Offers that shoppers have: chosen, linked and found by a rule; off by a percentage, by an amount, and not at all. */
const offered = ['to-light-it-with', 'put-together-the-same-evening', 'one-more-for-the-next-hive']

/** The demo shop's bundles, one of each type among them, and what it offers together. */
export const bundleCommands: Command[] = [
  ...bundles.flatMap(({ sku, name: [en, de], text, bundle, ...settings }): Command[] => [
    { type: 'addBundle', sku, name: { en, de }, bundle },
    { type: 'changeBundle', sku, settings: { ...settings, description: { en: text[0], de: text[1] } }, seen: {} },
  ]),
  ...offers.map((settings): Command => ({ type: 'addOffer', settings })),
  { type: 'publish', sections: [], plans: [], offers: offered, bundles: bundleSkus },
]
