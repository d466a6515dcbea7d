import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bundle } from '../../core/catalogue/bundle'
import { makeProduct, makeVariant } from '../../core/catalogue/makeProduct.testing'
import type { Product } from '../../core/catalogue/product'
import type { Change } from '../../core/records/registry'
import { productFilterSchema } from '../../core/productSearch/productFilter'
import { productSortSchema } from '../../core/productSearch/productFinder'
import type { ListName } from '../../core/candidates/selectionIndex'
import { freeStepOrdersSchema } from '../../core/candidates/stepOrder'
import type { SortOrder } from '../../core/catalogue/sortOrders'
import { CommandError } from '../../core/journal/commandError'
import type { WantedLine } from '../../core/pricing/cart'
import { priceCart } from '../../core/pricing/priceCart'
import { CommandLog } from '../journal/commandLog'
import { OrderRefused, placeOrder } from '../orders/placeOrder'
import { withStore } from '../store/temporaryStore.testing'
import type { LiveShop } from './liveShop'
import { loadLiveShop } from './loadLiveShop'
import type { Running } from '../running/useShop'

const skus = ['A', 'B', 'C', 'D']
const categories = [
  { key: 'hives', name: { en: 'Hives' }, parent: null },
  { key: 'frames', name: { en: 'Frames' }, parent: 'hives' },
]
const some = <T>(...all: T[]) => fc.constantFrom(...all)
/** From D on a product may be a bundle, of others or of bundles. */
const bundleOf = (sku: string): fc.Arbitrary<Bundle | null> =>
  sku < 'D'
    ? fc.constant(null)
    : fc.option(
        fc.oneof(
          fc.subarray(['A', 'B', 'C-1', 'C', 'E'], { maxLength: 3 }).map((all): Bundle => ({
            type: 'fixed',
            components: all.map((each, i) => ({ key: `c${i}`, sku: each, quantity: i + 1 })),
            price: { by: 'percent', percent: 10 },
            marginFloor: null,
          })),
          fc.subarray(['A', 'B', 'C'], { minLength: 1 }).map((set): Bundle => ({
            type: 'pickAny',
            set,
            least: 1,
            most: 2,
            repeats: true,
            steps: [{ count: 1, percent: 20 }],
            marginFloor: null,
          })),
        ),
      )
const productOf = (sku: string): fc.Arbitrary<Product> =>
  bundleOf(sku).chain(bundle =>
    fc
      .record({
        name: some('Hive', 'hive', 'Frame 2', 'Frame 10').map(en => ({ en })),
        price: some(null, 500, 900, 2000),
        cost: some(null, 400),
        stock: fc.nat(5),
        status: some('active' as const, 'active' as const, 'draft' as const),
        released: some(null, '2026-04-01', '2026-05-01'),
        tags: fc.subarray(['oak', 'gift']),
        brand: some(null, 'Alder'),
        categories: fc.subarray(['hives', 'frames']),
        attributes: some<Product['attributes']>({}, { fits: ['National'] }, { fits: ['National', 'Commercial'] }),
        bundle: fc.constant(bundle),
        variants: bundle
          ? fc.constant<Product['variants']>([])
          : some<Product['variants']>(
              [],
              [makeVariant(`${sku}-1`)],
              [makeVariant(`${sku}-1`, { stock: 0, price: 800 })],
              [makeVariant(`${sku}-1`), makeVariant(`${sku}-2`)],
            ),
      })
      .map(part => makeProduct(sku, part)),
  )

const lists: ListName[] = ['all', ['category', 'frames'], ['tag', 'oak'], ['brand', 'Alder'], ['attribute', 'fits=National']]
const orders = freeStepOrdersSchema.options.filter((each): each is SortOrder => !each.startsWith('shuffle'))
const filters = ['', 'category=hives', 'tag=oak', 'stock=in', 'priceFrom=600', 'status=active', 'links=problem'].map(query =>
  productFilterSchema.parse(Object.fromEntries(new URLSearchParams(query))),
)

/** What the live shop says of its products, in every list and order. */
function knownOf({ catalogue, finder, index, sold }: LiveShop) {
  const named = (positions: Iterable<number>) => Array.from(positions, position => catalogue.products[position]!.sku)
  return {
    items: [...skus, 'E', 'F', ...skus.flatMap(sku => [`${sku}-1`, `${sku}-2`])].map(sku => catalogue.item(sku)),
    sold: [...sold].sort(),
    facets: finder.facets,
    found: filters.map(filter => productSortSchema.options.map(sort => [sort, named(finder.find(filter, null, sort))])),
    lists: lists.map(list => orders.map(order => [order, index.list(list, order).map(position => index.productAt(position).sku)])),
    attributes: new Map([...finder.postings.attributeValues].map(([name, values]) => [name, new Set(values)])),
  }
}

/** Products that a file brings, an order for one of what is for sale, or an undo of what the files did. */
type Step = { changed: Product[] } | { ordered: number } | { undo: true }
const anyChange: fc.Arbitrary<Step> = fc
  .uniqueArray(fc.constantFrom(...skus, 'E', 'F').chain(productOf), { selector: product => product.sku, minLength: 1, maxLength: 3 })
  .map(changed => ({ changed }))
const undo: Step = { undo: true }
/** Some changes are undone at once: later, an order of the same product mostly stands in the way. */
const anySteps: fc.Arbitrary<Step[]> = fc
  .array(
    fc.oneof(
      { weight: 3, arbitrary: anyChange.map(change => [change]) },
      { weight: 3, arbitrary: fc.nat(99).map(ordered => [{ ordered }]) },
      { weight: 1, arbitrary: anyChange.map(change => [change, undo]) },
      { weight: 1, arbitrary: fc.constant([undo]) },
    ),
    { maxLength: 6 },
  )
  .map(groups => groups.flat())
/** How often each sort of step was carried out, and how often refused. */
const tried = { changed: [0, 0], ordered: [0, 0], undo: [0, 0] } as Record<'changed' | 'ordered' | 'undo', [done: number, refused: number]>

async function carryOut(step: Step, running: Running, now: Map<string, Product>): Promise<void> {
  const { log, shop, store } = running
  if ('changed' in step) {
    const changes = step.changed.map((after): Change => ({
      of: 'product',
      owner: after.sku,
      key: '',
      before: now.get(after.sku) ?? null,
      after,
    }))
    await log.runImport(
      { type: 'import', kind: 'products', file: 'products.csv' },
      () => Promise.resolve(changes),
      () => 'Imported',
      'one',
    )
  } else if ('ordered' in step) {
    const skus = shop.catalogue.products.flatMap(({ sku, variants }) => (variants.length ? variants.map(each => each.sku) : sku))
    const all = skus.map((sku): WantedLine[] => [{ sku, quantity: 1, choices: choicesFor(shop, sku) }])
    const forSale = all.filter(lines => !priceCart(lines, shop, shop.now()).warnings.length)
    if (!forSale.length) throw new CommandError('not-linked', 'Nothing is for sale.')
    const lines = forSale[step.ordered % forSale.length]!
    await placeOrder(running, lines, priceCart(lines, shop, shop.now()).total)
  } else {
    await log.undo('one')
  }
  for (const [sku, product] of await store.productsBySku([...skus, 'E', 'F'])) now.set(sku, product)
  for (const sku of now.keys()) if (!shop.catalogue.product(sku)) now.delete(sku)
}

/** The first of everything that has to be chosen in a bundle. */
function choicesFor(shop: LiveShop, sku: string): WantedLine['choices'] {
  const bundle = shop.catalogue.product(sku)?.bundle
  const sold = (part: string) => shop.catalogue.product(part)?.variants[0]?.sku ?? part
  if (bundle?.type === 'pickAny') return [{ part: 'pick', sku: sold(bundle.set[0]!), quantity: bundle.least }]
  if (bundle?.type === 'fixed')
    return bundle.components
      .filter(each => sold(each.sku) !== each.sku)
      .map(each => ({ part: each.key, sku: sold(each.sku), quantity: each.quantity }))
  return undefined
}

describe('the live shop', () => {
  it('is after changed and new products, orders and undos as one that is read anew', async () => {
    await fc.assert(
      fc.asyncProperty(fc.tuple(...skus.map(productOf)), anySteps, async (products, steps) => {
        await withStore(
          {
            products,
            categories,
            orders: [
              {
                number: '1',
                placed: '2026-01-01',
                lines: [
                  { sku: 'A', quantity: 2, unitPrice: 1 },
                  { sku: 'B-2', quantity: 3, unitPrice: 1 },
                ],
              },
            ],
          },
          async store => {
            const shop = await loadLiveShop(store)
            const running = { store, shop, log: new CommandLog(store, shop) }
            await running.log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: ['B', 'C'] }, 'two')
            // Everything is asked for before, so that it has to be kept in order.
            knownOf(shop)
            const now = new Map(products.map(product => [product.sku, product]))
            for (const step of steps) {
              const sort = tried[Object.keys(step)[0] as keyof typeof tried]
              try {
                await carryOut(step, running, now)
                sort[0]++
              } catch (error) {
                if (!(error instanceof OrderRefused || error instanceof CommandError)) throw error
                sort[1]++
              }
            }
            expect(knownOf(shop)).toEqual(knownOf(await loadLiveShop(store)))
          },
        )
      }),
      { numRuns: 40 },
    )
    // Had most been refused, little would have been tried.
    expect(tried.changed[1]).toBe(0)
    expect(tried.ordered[0]).toBeGreaterThan(tried.ordered[1] / 4)
    expect(tried.undo[0]).toBeGreaterThan(0)
  }, 120_000)
})

describe('a large live shop', () => {
  it('counts the links of a new kind as soon as it is there', async () => {
    const products = Array.from({ length: 600 }, (_, i) => makeProduct(`P${i}`))
    await withStore({ products }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const kind = { ...shop.kinds.get('upsell')!, key: 'fresh', name: { en: 'Fresh' } }
      await log.runImport(
        { type: 'import', kind: 'set-up', file: 'set-up.json' },
        () => Promise.resolve([{ of: 'kind', owner: '', key: 'fresh', before: null, after: kind }]),
        () => 'Imported',
        'one',
      )
      await log.run({ type: 'link', kind: 'fresh', on: [{ source: 'P1' }], targets: ['P2'] }, 'one')
      expect(shop.finder.find(productFilterSchema.parse({ links: 'fresh:1' }), null, 'name')).toHaveLength(599)
    })
  })
})
