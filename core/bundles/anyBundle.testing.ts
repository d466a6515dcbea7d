import fc from 'fast-check'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Product } from '../catalogue/product'
import { Catalogue } from '../catalogue/catalogue'
import type { Bundle, BundlePrice, Component, OptionGroup } from '../catalogue/bundle'

/** Products P0 to P5, the last two with variants such as P4-0: few, so that parts of bundles meet. */
const anyProducts: fc.Arbitrary<Product[]> = fc.tuple(
  ...[0, 0, 0, 0, 3, 2].map((variants, i) =>
    fc
      .record({
        price: fc.oneof({ weight: 9, arbitrary: fc.integer({ min: 0, max: 3000 }) }, fc.constant(null)),
        cost: fc.oneof({ weight: 9, arbitrary: fc.integer({ min: 0, max: 2000 }) }, fc.constant(null)),
        stock: fc.option(fc.integer({ min: -1, max: 9 }), { freq: 6 }),
        status: fc.oneof({ weight: 9, arbitrary: fc.constant('active' as const) }, fc.constant('retired' as const)),
        variants: fc.tuple(
          ...Array.from({ length: variants }, (_, v) =>
            fc
              .record({
                price: fc.option(fc.integer({ min: 0, max: 3000 })),
                stock: fc.option(fc.integer({ min: 0, max: 9 }), { freq: 6 }),
                status: fc.constantFrom(null, null, null, 'draft' as const),
              })
              .map(part => makeVariant(`P${i}-${v}`, { ...part, options: { size: 'SML'[v]! } })),
          ),
        ),
      })
      .map(part => makeProduct(`P${i}`, part)),
  ),
)

export const skus = ['P0', 'P1', 'P2', 'P3', 'P4', 'P5', 'P4-0', 'P4-1', 'P5-1']
const whole = ['P0', 'P1', 'P2', 'P3', 'P4-0', 'P4-1', 'P4-2', 'P5-0', 'P5-1']
const quantity = fc.integer({ min: 1, max: 3 })

const anyPrice: fc.Arbitrary<BundlePrice> = fc.oneof(
  fc.constant({ by: 'sum' as const }),
  fc.record({ by: fc.constant('percent' as const), percent: fc.integer({ min: 0, max: 10_000 }).map(each => each / 100) }),
  fc.record({ by: fc.constant('amount' as const), amount: fc.integer({ min: 0, max: 4000 }) }),
  fc.record({ by: fc.constant('own' as const), price: fc.integer({ min: 0, max: 9000 }) }),
)
const anyComponents: fc.Arbitrary<Component[]> = fc
  .array(fc.record({ sku: fc.constantFrom(...skus), quantity }), { maxLength: 3 })
  .map(all => all.map((each, i) => ({ key: `c${i}`, ...each })))
const anyGroups: fc.Arbitrary<OptionGroup[]> = fc
  .array(fc.record({ quantity, sold: fc.array(fc.option(fc.constantFrom(...whole)), { minLength: 1, maxLength: 4 }) }), {
    minLength: 1,
    maxLength: 2,
  })
  .map(all =>
    all.map(({ quantity, sold }, i) => ({
      key: `g${i}`,
      name: { en: `Group ${i}` },
      quantity,
      products: [],
      options: [{ name: 'size', values: sold.map((_, v) => `v${v}`) }],
      combinations: sold.map((sku, v) => ({ values: [`v${v}`], sku })),
    })),
  )

const anyPlainBundle: fc.Arbitrary<Bundle> = fc.oneof(
  fc.record({ type: fc.constant('fixed' as const), components: anyComponents, price: anyPrice, marginFloor: fc.constant(null) }),
  fc.record({
    type: fc.constant('choice' as const),
    groups: anyGroups,
    components: anyComponents,
    price: anyPrice,
    marginFloor: fc.constant(null),
  }),
  fc.record({
    type: fc.constant('pickAny' as const),
    set: fc.uniqueArray(fc.constantFrom(...skus), { minLength: 1, maxLength: 5 }),
    least: fc.integer({ min: 1, max: 3 }),
    most: fc.integer({ min: 3, max: 4 }),
    repeats: fc.boolean(),
    steps: fc.uniqueArray(fc.record({ count: fc.integer({ min: 1, max: 5 }), percent: fc.integer({ min: 0, max: 100 }) }), {
      selector: each => each.count,
      maxLength: 3,
    }),
    marginFloor: fc.constant(null),
  }),
)

/** Of one part at most the pieces are chosen one by one: of more of them there would be too many ways to go through. */
function withPieces(bundle: Bundle, at: number): Bundle {
  if (bundle.type === 'pickAny') return bundle
  const groups = bundle.type === 'choice' ? bundle.groups : []
  const part = [...groups, ...bundle.components][at]
  const marked = <T extends object>(each: T): T => (each === part ? { ...each, oneByOne: true } : each)
  const components = bundle.components.map(marked)
  return bundle.type === 'choice' ? { ...bundle, groups: groups.map(marked), components } : { ...bundle, components }
}
export const anyBundle: fc.Arbitrary<Bundle> = fc.tuple(anyPlainBundle, fc.nat(5)).map(([bundle, at]) => withPieces(bundle, at))

/** A catalogue with bundles B0, B1 … of its products. */
export const anyCatalogue = (bundles: number): fc.Arbitrary<Catalogue> =>
  fc
    .tuple(anyProducts, fc.array(anyBundle, { minLength: bundles, maxLength: bundles }))
    .map(
      ([products, all]) =>
        new Catalogue([...products, ...all.map((bundle, i) => makeProduct(`B${i}`, { price: null, stock: 0, bundle }))], [], []),
    )
