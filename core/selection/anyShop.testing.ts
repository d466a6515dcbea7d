import fc from 'fast-check'
import { Catalogue } from '../catalogue/catalogue'
import { allCount } from '../catalogue/neighbours'
import type { NeighbourSettings } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import type { Bundle } from '../catalogue/bundle'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { makeKind } from '../links/makeKind.testing'
import type { Link } from '../links/lane'
import { LinkIndex } from '../links/linkIndex'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { anyTarget, kinds, skus, variantSkus } from '../fillSteps/naiveStep.testing'
import { anyStep } from '../fillSteps/naiveSteps.testing'
import { anyTrait, brands, categoryKeys, rangeOf, standards, tags } from '../rules/anyRule.testing'
import { anyOffers } from '../offers/naiveOffers.testing'
import { inOfferOrder } from '../offers/offered'
import { offerBlock, otherOffers } from '../pagePlans/block'
import type { PageKind } from '../pageTypes/registry'
import type { PagePlan, PlanScope } from '../pagePlans/pagePlan'
import type { Section } from '../sections/section'
import { pageKindSchema } from '../pagePlans/pagePlan'
import { PlanBook } from '../pagePlans/planBook'
import { guardSchema } from '../sections/section'
import { makeIndex } from './makeShop.testing'
import type { PlainShop } from './naiveResolve.testing'
import type { Page } from '../pageTypes/registry'
import type { Shop } from './shop'
import type { Shopper } from '../candidates/shopper'
import { momentIn } from '../time/moment'

/*
 * Small shops of every sort, for property tests. Few values each, so that products have much in common.
 */

export const now = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const subset = <T>(all: readonly T[], most = all.length) => fc.subarray([...all], { maxLength: most })
const pick = fc.constantFrom

const someStatus = pick(...Array<'active'>(8).fill('active'), 'draft' as const, 'retired' as const)
const variantOf = (sku: string) =>
  fc
    .record({
      stock: fc.option(fc.integer({ min: -1, max: 2 }), { freq: 6 }),
      status: fc.option(someStatus),
      price: fc.option(pick(500, 900)),
    })
    .map(part => makeVariant(sku, part))
const attributes = fc
  .record({ fits: subset(standards), standard: subset(standards, 1) })
  .map(each => Object.fromEntries(Object.entries(each).filter(([, values]) => values.length)))
const parts = ['A', 'B', 'C', 'D', 'A-1', 'B-1', 'GONE']
const someBundle: fc.Arbitrary<Bundle> = fc.oneof(
  subset(parts, 3).map((skus): Bundle => ({
    type: 'fixed',
    components: skus.map((sku, i) => ({ key: `c${i}`, sku, quantity: 1 })),
    price: { by: 'sum' },
    marginFloor: null,
  })),
  subset(parts, 3).map((set): Bundle => ({ type: 'pickAny', set, least: 1, most: 2, repeats: true, steps: [], marginFloor: null })),
)
export const productOf = (sku: string): fc.Arbitrary<Product> =>
  fc
    .record({
      name: pick('Hive', 'hive', 'Frame 2', 'Frame 10', 'Zipper').map(en => ({ en })),
      status: someStatus,
      price: fc.option(pick(0, 500, 900, 1000, 1333, 2000), { freq: 8 }),
      cost: fc.option(pick(300, 900, 1000)),
      stock: fc.option(fc.integer({ min: -1, max: 5 }), { freq: 8 }),
      released: pick(null, null, '2025-05-01', '2026-04-20', '2026-04-21', '2026-05-01', '2026-05-02', '2026-05-01T10:00:00Z'),
      categories: subset([...categoryKeys, 'gone'], 2),
      tags: subset(tags),
      brand: fc.option(pick(...brands)),
      attributes,
      variants: fc.tuple(...variantSkus.filter(each => each.startsWith(sku)).map(variantOf)),
      bundle: sku < 'F' ? fc.constant(null) : fc.option(someBundle),
    })
    .map(part => makeProduct(sku, part))
const anyDate = pick('2026-04-30', '2026-05-01', '2026-05-02', '2026-05-01T10:00:00Z', '2026-05-01T10:00:01Z')
const anyLink: fc.Arbitrary<Link> = fc.oneof(
  { weight: 3, arbitrary: fc.record({ target: anyTarget }) },
  { weight: 1, arbitrary: fc.record({ target: anyTarget, from: anyDate, until: anyDate }, { requiredKeys: ['target'] }) },
)

const rarely = <T>(none: T, some: fc.Arbitrary<T>) => fc.oneof({ weight: 5, arbitrary: fc.constant(none) }, { weight: 1, arbitrary: some })
const sectionOf = (key: string): fc.Arbitrary<Section> =>
  fc
    .record({
      steps: fc.array(anyStep, { minLength: 1, maxLength: 3 }),
      takeTurns: fc.boolean(),
      guards: fc.oneof({ weight: 2, arbitrary: fc.constant(guardSchema.options) }, { weight: 1, arbitrary: subset(guardSchema.options) }),
      layout: rarely<Section['layout']>('grid', fc.constant('tiles')),
      priceBand: rarely(null, rangeOf(33.3, 50, 75.03, 100, 150)),
      leaveOut: rarely(
        { categories: [], tags: [], brands: [], products: [] },
        fc.record({ categories: subset(categoryKeys, 1), tags: subset(tags, 1), brands: subset(brands, 1), products: subset(skus, 2) }),
      ),
      lowestMargin: rarely<number | null>(null, pick(-20, 10, 50)),
      places: fc.integer({ min: 1, max: 4 }),
      minimum: fc.integer({ min: 1, max: 2 }),
      off: fc.boolean().map(off => off && key === 's3'),
      dates: rarely<Pick<Section, 'from' | 'until'>>(
        { from: null, until: null },
        fc.record({ from: fc.option(anyDate), until: fc.option(anyDate) }),
      ),
    })
    .map(({ dates, ...part }) => makeSection(key, { ...part, ...dates }))
const planOf = (page: PageKind): fc.Arbitrary<PagePlan> =>
  fc
    .record({
      repeats: fc.boolean(),
      first: fc.subarray(['s1', 's2'], { minLength: 1 }),
      second: fc.subarray(['s3', 's4'], { minLength: 1 }),
      off: rarely<string[]>([], subset(['s1', 's4', 'offer:*', 'offer:o1'])),
      // Each before or after the first section of its zone, or not at all.
      others: pick(-1, 0, 0, 1),
      own: pick(-1, 0, 1),
    })
    .map(({ repeats, first, second, off, others, own }) =>
      makePlan(page, [], {
        repeats,
        off,
        zones: [
          { key: 'top', blocks: others < 0 ? first : first.toSpliced(others, 0, otherOffers) },
          { key: 'foot', blocks: own < 0 ? second : second.toSpliced(own, 0, offerBlock('o1')) },
        ],
      }),
    )
const list = <T>(some: readonly T[]) => rarely<T[]>([], fc.uniqueArray(pick(...some), { minLength: 1, maxLength: 2 }))
const scopeOf: fc.Arbitrary<PlanScope> = fc.record({
  products: list(skus),
  tags: list(tags),
  brands: list(brands),
  categories: list([...categoryKeys, 'gone']),
  price: rarely(null, rangeOf(500, 900, 1500)),
})
/** A plan for some pages of a kind. */
const assignedPlan: fc.Arbitrary<PagePlan> = fc
  .tuple(pick(...pageKindSchema.options).chain(planOf), scopeOf, fc.integer({ min: 0, max: 2 }))
  .map(([plan, scope, rank]) => ({ ...plan, scope, rank }))
const somePlans: fc.Arbitrary<PagePlan[]> = fc
  .tuple(fc.tuple(...pageKindSchema.options.map(planOf)), fc.array(assignedPlan, { maxLength: 6 }))
  .map(([defaults, assigned]) => [...assigned.map((plan, i) => ({ ...plan, key: `plan-${i}` })), ...defaults])
const someNeighbours: fc.Arbitrary<NeighbourSettings> = rarely(
  allCount,
  fc.record({ ignored: fc.array(anyTrait, { maxLength: 2 }), leaveOut: subset(categoryKeys, 1) }),
)
const perProduct = <T>(value: fc.Arbitrary<T>) =>
  fc.tuple(...skus.map(() => value)).map(values => Object.fromEntries(skus.map((sku, i) => [sku, values[i]!])))

export const anyPlainShop: fc.Arbitrary<PlainShop> = fc.record({
  products: fc.tuple(...skus.map(productOf)),
  categories: fc.constant([
    { key: 'hives', parent: null },
    { key: 'frames', parent: 'hives' },
    { key: 'deep-frames', parent: 'frames' },
    { key: 'tools', parent: null },
  ]),
  articles: fc.tuple(fc.array(anyTarget, { maxLength: 3 })).map(([products]) => [{ key: 'spring', products: [...new Set(products)] }]),
  lanes: fc.tuple(
    ...skus.flatMap(source =>
      kinds.map(kind => fc.uniqueArray(anyLink, { maxLength: 5, selector: link => link.target }).map(lane => ({ source, kind, lane }))),
    ),
  ),
  retiredKinds: subset(kinds, 1),
  related: fc
    .tuple(
      ...categoryKeys.map(key =>
        fc.uniqueArray(
          pick(...categoryKeys, 'gone').filter(each => each !== key),
          { maxLength: 3 },
        ),
      ),
    )
    .map(all => Object.fromEntries(categoryKeys.map((key, i) => [key, all[i]!]))),
  sections: fc.tuple(...['s1', 's2', 's3', 's4'].map(sectionOf)),
  offers: anyOffers,
  plans: somePlans,
  sold: perProduct(pick(0, 0, 1, 5, 9)),
  neighbours: perProduct(someNeighbours),
  switchedOff: perProduct(rarely<string[]>([], subset(['s1', 's2']))),
})
export const anyPage: fc.Arbitrary<Page> = fc.oneof(
  {
    weight: 3,
    arbitrary: pick(...skus, 'A-1', 'GONE').chain(sku => pick('product' as const, 'added' as const).map(kind => ({ kind, sku }))),
  },
  { weight: 2, arbitrary: fc.constant({ kind: 'cart' as const }) },
  pick('hives', 'frames', 'gone').map(key => ({ kind: 'category' as const, key })),
  pick('spring', 'gone').map(key => ({ kind: 'article' as const, key })),
  fc.constant({ kind: 'home' as const }),
  fc.array(anyTarget, { maxLength: 3 }).map(found => ({ kind: 'search' as const, words: 'hive', found })),
  fc.array(anyTarget, { maxLength: 3 }).map(lines => ({ kind: 'ordered' as const, lines })),
)
export const anyShopper: fc.Arbitrary<Shopper> = fc.record({
  cart: fc.array(anyTarget, { maxLength: 4 }),
  chosenParts: fc.oneof({ weight: 3, arbitrary: fc.constant([]) }, { weight: 1, arbitrary: fc.array(anyTarget, { maxLength: 2 }) }),
  seen: fc.uniqueArray(anyTarget, { maxLength: 4 }),
  visitor: pick('', 'v1', 'v2'),
  view: pick('1', '2'),
  at: fc.constant(now),
})

/** The shop that selection works on. */
export function shopOf(plain: PlainShop): Shop {
  const links = new LinkIndex()
  for (const { source, kind, lane } of plain.lanes) links.setLane(source, kind, lane)
  return {
    catalogue: new Catalogue(
      plain.products,
      plain.categories.map(each => ({ name: {}, ...each })),
      plain.articles.map(each => ({ title: {}, body: {}, image: null, ...each })),
    ),
    index: makeIndex(plain.products, { sold: sku => plain.sold[sku] ?? 0 }),
    links,
    kinds: new Map(plain.retiredKinds.map(key => [key, makeKind(key, { retired: true })])),
    sections: new Map(plain.sections.map(each => [each.key, each])),
    plans: new PlanBook(plain.plans),
    offers: inOfferOrder(plain.offers),
    neighboursOf: sku => plain.neighbours[sku] ?? allCount,
    relatedCategories: key => plain.related[key] ?? [],
    switchedOff: sku => new Set(plain.switchedOff[sku]),
  }
}
