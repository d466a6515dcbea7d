import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { Gaps } from '../catalogue/gaps'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Product } from '../catalogue/product'
import { FacetLists } from './facets'
import { Postings } from './postings'
import type { ProductFilter } from './productFilter'
import { productFilterSchema } from './productFilter'
import type { FinderFacts } from './productFinder'
import { completed } from '../steps'
import { ProductFinder, productSortSchema } from './productFinder'

const categories = [
  { key: 'tools', name: {}, parent: null },
  { key: 'smokers', name: {}, parent: 'tools' },
  { key: 'fuel', name: {}, parent: 'smokers' },
  { key: 'books', name: {}, parent: null },
]
const some = <T>(...all: T[]) => fc.constantFrom(...all)
const skus = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H']
const productOf = (sku: string): fc.Arbitrary<Product> =>
  fc
    .record({
      name: some('Äpfel', 'apfel', 'Zange 10', 'Zange 9').map(en => ({ en })),
      brand: some('Marrowby', 'Tarn', null),
      tags: fc.subarray(['metal', 'winter']),
      categories: fc.subarray(['tools', 'smokers', 'fuel', 'books']),
      attributes: some<Product['attributes']>({}, { fits: ['National'] }, { fits: ['National', 'Dadant'], drum: ['240'] }),
      status: some('active' as const, 'draft' as const),
      price: some(null, 100, 200, 300),
      stock: some(-1, 0, 4, null),
      released: some(null, '2026-01-01', '2026-03-01T10:00:00Z'),
      variants: fc
        .array(fc.integer({ min: 0, max: 2 }), { maxLength: 2 })
        .map(stocks => stocks.map((stock, i) => makeVariant(`${sku}-${i}`, { stock }))),
    })
    .map(part => makeProduct(sku, part))
const anyProducts = fc.tuple(...skus.map(productOf))
const anyFilter: fc.Arbitrary<ProductFilter> = fc
  .record(
    {
      category: some('tools', 'smokers', 'books', 'gone'),
      brand: fc.subarray(['Marrowby', 'Tarn', 'Nobody']),
      tag: fc.subarray(['metal', 'winter']),
      attribute: fc.subarray(['fits=National', 'fits=Dadant', 'drum=240', 'odd']),
      status: some('active' as const, 'draft' as const),
      stock: some('in' as const, 'out' as const),
      priceFrom: some('100', '150'),
      priceTo: some('200', '250'),
      links: some('problem', 'upsell:1', 'upsell:3'),
    },
    { requiredKeys: [] },
  )
  .map(each => productFilterSchema.parse(each))

/** Numbers that look random and stay the same, from a SKU. */
const links = (sku: string) => sku.charCodeAt(0) % 3
const factsOf = (products: Product[]): FinderFacts => {
  const catalogue = new Catalogue(products, categories, [])
  return {
    nameOf: product => product.name.en!,
    sold: sku => (sku.charCodeAt(0) * 7) % 4,
    kinds: () => ['upsell'],
    linkCount: links,
    problemCount: sku => sku.charCodeAt(0) % 2,
    categoriesFrom: key => catalogue.categoriesFrom(key),
    sourcesOf: () => [],
    language: 'en',
  }
}

/** The filter once more, condition by condition, as its documentation reads. */
function fits(product: Product, filter: ProductFilter): boolean {
  const below: Record<string, string[]> = { tools: ['tools', 'smokers', 'fuel'], smokers: ['smokers', 'fuel'], books: ['books'], gone: [] }
  // Variants of a draft are not for sale, so they count for nothing.
  const ofVariants = product.status === 'active' ? Math.max(...product.variants.map(each => each.stock ?? 1)) : 0
  const stock = product.variants.length ? ofVariants : (product.stock ?? 1)
  const names = [...new Set(filter.attribute.map(each => (each.split('=').length > 1 ? each.split('=')[0]! : '')))]
  return (
    (filter.category === undefined || product.categories.some(key => below[filter.category!]!.includes(key))) &&
    (!filter.brand.length || filter.brand.some(brand => brand === product.brand)) &&
    filter.tag.every(tag => product.tags.includes(tag)) &&
    names.every(name =>
      Object.entries(product.attributes).some(
        ([has, values]) => has === name && (values as string[]).some(value => filter.attribute.includes(`${has}=${value}`)),
      ),
    ) &&
    (!filter.status || product.status === filter.status) &&
    (!filter.stock || filter.stock === (stock > 0 ? 'in' : 'out')) &&
    (filter.priceFrom === undefined || (product.price ?? -1) >= filter.priceFrom) &&
    (filter.priceTo === undefined || (product.price ?? Infinity) <= filter.priceTo) &&
    (filter.links !== 'problem' || product.sku.charCodeAt(0) % 2 > 0) &&
    (typeof filter.links !== 'object' || links(product.sku) < filter.links.fewerThan)
  )
}

describe('ProductFinder', () => {
  it('finds what a plain walk through the catalogue finds, in the order asked for', () => {
    fc.assert(
      fc.property(
        anyProducts,
        anyFilter,
        fc.option(fc.shuffledSubarray([0, 1, 2, 3, 4, 5, 6, 7])),
        some(...productSortSchema.options),
        (products, filter, ranked, sort) => {
          const facts = factsOf(products)
          const found = Array.from(
            completed(ProductFinder.building(products, facts)).find(filter, ranked, sort),
            position => products[position]!,
          )
          const expected = (ranked ? ranked.map(position => products[position]!) : products).filter(product => fits(product, filter))
          expect(found.map(each => each.sku).sort()).toEqual(expected.map(each => each.sku).sort())
          if (sort === 'match' && ranked) {
            expect(found).toEqual(expected)
            return
          }
          const last = Number.MAX_SAFE_INTEGER
          const rank: Record<typeof sort, (product: Product) => number> = {
            'match': () => 0,
            'name': () => 0,
            'cheapest': each => each.price ?? last,
            'dearest': each => (each.price === null ? last : -each.price),
            'newest': each => (each.released ? -new Date(each.released).getTime() : last),
            'best-selling': each => -facts.sold(each.sku),
            'fewest-links': each => links(each.sku),
          }
          const inOrder = (a: Product, b: Product) =>
            rank[sort](a) - rank[sort](b) ||
            a.name.en!.localeCompare(b.name.en!, 'en', { sensitivity: 'base', numeric: true }) ||
            (a.sku < b.sku ? -1 : 1)
          expect(found).toEqual(found.toSorted(inOrder))
        },
      ),
      { numRuns: 600 },
    )
  })
})

describe('ProductFinder when products change', () => {
  it('finds what one made of the changed products finds', () => {
    const changed = fc.uniqueArray(some(...skus, 'NEW-1', 'NEW-2').chain(productOf), { maxLength: 10, selector: each => each.sku })
    const changes = fc.array(fc.oneof(changed, fc.subarray([...skus, 'NEW-1', 'NEW-2'])), { maxLength: 4 })
    fc.assert(
      fc.property(anyProducts, changes, anyFilter, fc.subarray([...productSortSchema.options]), (before, changed, filter, asked) => {
        const products: Product[] = [...before]
        const finder = completed(ProductFinder.building(products, factsOf(before)))
        // What was asked for is kept in order from then on; what was not is put in order when it is.
        for (const sort of asked) finder.find(filter, null, sort)
        for (const some of changed) {
          const known = (sku: string) => products.findIndex(each => each.sku === sku)
          if (typeof some[0] === 'string') {
            const gone = (some as string[]).map(known).filter(position => position >= 0)
            const gaps = new Gaps(gone, products.length)
            finder.remove(gaps)
            finder.postings.remove(gaps, products)
            gaps.close(products)
            continue
          }
          let size = products.length
          const placed = (some as Product[]).map(product => ({ product, position: known(product.sku) < 0 ? size++ : known(product.sku) }))
          for (const each of placed) finder.postings.put(each, products[each.position] ?? null)
          finder.put(placed)
          for (const { position, product } of placed) products[position] = product
        }
        completed(finder.recounting())
        const fresh = completed(ProductFinder.building(products, factsOf(products)))
        for (const sort of productSortSchema.options)
          expect([sort, ...finder.find(filter, null, sort)]).toEqual([sort, ...fresh.find(filter, null, sort)])
        expect(finder.facets).toEqual(fresh.facets)
      }),
      { numRuns: 300 },
    )
  }, 120_000)
})

describe('ProductFinder when products are sold', () => {
  it('counts problems anew only where a sale can bring one, and leaves the facets', () => {
    const products = [makeProduct('A', { stock: 2, tags: ['oak'] }), makeProduct('B'), makeProduct('C')]
    const counted: string[] = []
    const finder = completed(
      ProductFinder.building(products, {
        ...factsOf(products),
        sourcesOf: sku => (sku === 'A' ? ['B'] : []),
        problemCount: sku => {
          counted.push(sku)
          return 0
        },
      }),
    )
    const { facets } = finder
    const sell = (stock: number) => {
      counted.length = 0
      const after = { ...products[0]!, stock }
      finder.postings.put({ position: 0, product: after }, products[0]!)
      finder.put([{ position: 0, product: after }])
      products[0] = after
      completed(finder.recounting())
      return counted
    }
    expect(sell(1)).toEqual([])
    expect(sell(0)).toEqual(['A', 'B'])
    expect(sell(0)).toEqual([])
    expect(finder.facets).toBe(facets)
  })
})

describe('ProductFinder when links change', () => {
  it('counts anew', () => {
    let count = 0
    let problems = 1
    const products = [makeProduct('A'), makeProduct('B')]
    const finder = completed(
      ProductFinder.building(products, { ...factsOf(products), linkCount: sku => (sku === 'A' ? count : 5), problemCount: () => problems }),
    )
    const skus = (query: object, sort: 'name' | 'fewest-links' = 'name') =>
      Array.from(finder.find(productFilterSchema.parse(query), null, sort), position => products[position]!.sku)
    expect([skus({ links: 'upsell:1' }), skus({ links: 'problem' }), skus({ links: 'refill:1' })]).toEqual([['A'], ['A', 'B'], ['A', 'B']])
    count = 9
    problems = 0
    finder.relinked('A')
    finder.relinked('UNKNOWN')
    completed(finder.recounting())
    expect([skus({ links: 'upsell:1' }), skus({ links: 'problem' }), skus({}, 'fewest-links')]).toEqual([[], ['B'], ['B', 'A']])
    finder.recountProblems(0, 10)
    expect(skus({ links: 'problem' })).toEqual([])
  })
})

describe('productFilter', () => {
  it('reads what stands in an address', () => {
    expect(productFilterSchema.parse({ brand: 'Tarn', tag: ['a', 'b'], priceFrom: '1250', links: 'upsell:3' })).toEqual({
      brand: ['Tarn'],
      tag: ['a', 'b'],
      attribute: [],
      priceFrom: 1250,
      links: { kind: 'upsell', fewerThan: 3 },
    })
  })
  it.each([
    { priceFrom: '-1' },
    { priceTo: 'x' },
    { priceTo: '1.5' },
    { status: 'sold' },
    { stock: 'some' },
    { links: 'upsell' },
    { links: 'Up:1' },
  ])('refuses %j', query => {
    expect(productFilterSchema.safeParse(query).success).toBe(false)
  })
})

describe('FacetLists', () => {
  it('counts products by brand, tag and attribute value, and sorts numbers as numbers', () => {
    const postings = completed(
      Postings.building([
        makeProduct('A', { brand: 'Tarn', tags: ['b', 'a'], attributes: { drum: ['240 mm', '70 mm'] } }),
        makeProduct('B', { brand: 'Tarn', tags: ['a'], attributes: { drum: ['240 mm'] } }),
        makeProduct('C'),
      ]),
    )
    expect(completed(FacetLists.building(postings, 'en')).facets).toEqual({
      brands: [{ value: 'Tarn', count: 2 }],
      tags: [
        { value: 'a', count: 2 },
        { value: 'b', count: 1 },
      ],
      attributes: [
        {
          name: 'drum',
          values: [
            { value: '70 mm', count: 1 },
            { value: '240 mm', count: 2 },
          ],
        },
      ],
    })
  })
})
