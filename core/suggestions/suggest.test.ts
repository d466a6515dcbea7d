import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Category } from '../catalogue/catalogue'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import type { NeighbourSettings } from '../catalogue/neighbours'
import { allCount } from '../catalogue/neighbours'
import type { Product } from '../catalogue/product'
import { Postings } from '../productSearch/postings'
import type { LinkKind } from '../links/kind'
import { LinkIndex } from '../links/linkIndex'
import { makeKind } from '../links/makeKind.testing'
import { completed } from '../steps'
import type { Reason } from './suggest'
import { reasonWords, suggesting } from './suggest'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const kindOf = (expectation: LinkKind['expectation'], mutual = false) => makeKind('k', { expectation, mutual })
const related = kindOf('none', true)
const crossSell = kindOf('none')
const upsell = kindOf('dearer')
const accessory = kindOf('cheaper')

function suggestions(
  products: Product[],
  kind: LinkKind,
  part: {
    lanes?: Record<string, string[]>
    dismissed?: string[]
    linksBack?: string[]
    neighbours?: NeighbourSettings
    limit?: number
  } = {},
  categories: Category[] = [],
) {
  const links = new LinkIndex()
  for (const [source, targets] of Object.entries(part.lanes ?? {}))
    links.setLane(
      source,
      'k',
      targets.map(target => ({ target })),
    )
  const shop = {
    catalogue: new Catalogue(products, categories, []),
    postings: completed(Postings.building(products)),
    lane: (source: string) => links.lane(source, 'k'),
    neighbours: () => part.neighbours ?? allCount,
    dismissed: () => (part.dismissed ?? []).map(target => ({ target })),
  }
  return completed(suggesting(products[0]!, kind, shop, part.linksBack ?? [], at, part.limit ?? 20))
}
const told = (found: ReturnType<typeof suggestions>) =>
  found.map(({ product, reasons }) => [product.sku, ...reasons.map(reason => reasonWords(reason, key => key.toUpperCase()))])

const extractor = (sku: string, price: number, part: Partial<Product> = {}) =>
  makeProduct(sku, { categories: ['extractors'], brand: 'Corrie', price, ...part })

describe('suggesting', () => {
  it('finds a product that came after somebody has asked', () => {
    const [two, four, nine] = [extractor('TWO', 18900), extractor('FOUR', 32900), extractor('NINE', 64000)]
    const catalogue = new Catalogue([two, four], [], [])
    const postings = completed(Postings.building([two, four]))
    const shop = { catalogue, postings, lane: () => [], dismissed: () => [], neighbours: () => allCount }
    const found = () => completed(suggesting(two, upsell, shop, [], at, 20)).map(each => each.product.sku)
    expect(found()).toEqual(['FOUR'])
    postings.put({ position: 2, product: nine }, null)
    catalogue.put([{ position: 2, product: nine }])
    expect(found().sort()).toEqual(['FOUR', 'NINE'])
  })

  it('finds the next step up first, and nothing that is cheaper', () => {
    expect(
      told(suggestions([extractor('TWO', 18900), extractor('FOUR', 32900), extractor('NINE', 64000), extractor('SMALL', 9900)], upsell)),
    ).toEqual([
      ['FOUR', 'also in EXTRACTORS', 'same brand', '74 % dearer'],
      ['NINE', 'also in EXTRACTORS', 'same brand', '239 % dearer'],
    ])
  })

  it('finds what fits by another attribute’s value, what its neighbours are linked to, and nothing that is dearer', () => {
    const hive = makeProduct('HIVE', { categories: ['hives'], attributes: { standard: ['National'] } })
    const found = suggestions(
      [
        hive,
        makeProduct('OTHER', { categories: ['hives'] }),
        makeProduct('THIRD', { categories: ['hives'] }),
        makeProduct('FRAMES', { price: 200, attributes: { fits: ['National', 'Dadant'] } }),
        makeProduct('STRAP', { price: 90 }),
        makeProduct('GOLDEN', { price: 5000, attributes: { fits: ['National'] } }),
      ],
      accessory,
      { lanes: { OTHER: ['STRAP'], THIRD: ['STRAP', 'HIVE'] } },
    )
    expect(Object.fromEntries(told(found).map(([sku, ...why]) => [sku, why]))).toEqual({
      STRAP: ['linked from 2 other products in HIVES', '91 % cheaper'],
      FRAMES: ['fits: National', '80 % cheaper'],
    })
  })

  it('heeds what counts for the neighbours of the product', () => {
    const category = (key: string, parent: string | null) => ({ key, name: {}, parent })
    const products = [
      makeProduct('SRC', { categories: ['tools'], brand: 'Corrie', tags: ['beginner'] }),
      makeProduct('BRANDED', { brand: 'Corrie' }),
      makeProduct('TAGGED', { tags: ['beginner'] }),
      makeProduct('TOOL', { categories: ['tools'], tags: ['beginner'] }),
      makeProduct('SPARE', { categories: ['spares'], tags: ['beginner'] }),
    ]
    const found = (neighbours?: NeighbourSettings) =>
      told(suggestions(products, related, { neighbours }, [category('tools', null), category('old', null), category('spares', 'old')]))
    expect(
      found()
        .map(([sku]) => sku)
        .sort(),
    ).toEqual(['BRANDED', 'SPARE', 'TAGGED', 'TOOL'])
    expect(
      found({
        ignored: [
          { of: 'brand', name: 'Corrie' },
          { of: 'category', name: 'tools' },
        ],
        leaveOut: ['old'],
      }),
    ).toEqual([
      ['TAGGED', 'shares the tag beginner'],
      ['TOOL', 'shares the tag beginner'],
    ])
  })

  it('leaves out what fits another standard, and what no alternative is', () => {
    const products = [
      makeProduct('HIVE-LA', { price: 9000, categories: ['hives'], attributes: { standard: ['Langstroth'] } }),
      makeProduct('HIVE-NA', { price: 9900, categories: ['hives'], attributes: { standard: ['National'] } }),
      makeProduct('FRAMES-LA', { categories: ['frames'], attributes: { fits: ['Langstroth'], depth: ['brood'] } }),
      makeProduct('FRAMES-NA', { categories: ['frames'], attributes: { fits: ['National'], depth: ['brood'] } }),
      makeProduct('SPINNER', { price: 20000, attributes: { fits: ['Langstroth'] } }),
    ]
    const skus = (from: number, kind: LinkKind, lanes = {}) =>
      suggestions([products[from]!, ...products.filter((_, i) => i !== from)], kind, { lanes }).map(each => each.product.sku)
    expect(skus(0, accessory, { 'HIVE-NA': ['FRAMES-NA', 'FRAMES-LA'] })).toEqual(['FRAMES-LA'])
    // Both only say what they fit.
    expect(skus(2, crossSell)).toEqual(expect.not.arrayContaining(['FRAMES-NA', 'HIVE-NA']))
    expect(skus(2, related)).toContain('FRAMES-NA')
    expect(skus(0, upsell)).toEqual(['HIVE-NA'])
  })

  it('says that a product links back, and gathers tags into one reason', () => {
    const [first] = suggestions(
      [makeProduct('A', { tags: ['x', 'y', 'z'] }), makeProduct('B', { tags: ['z', 'x'] }), makeProduct('C', { tags: ['x'] })],
      related,
      { linksBack: ['B'] },
    )
    expect(told([first!])).toEqual([['B', 'links back to this one', 'shares 2 tags: x, z']])
  })

  it('rates a rare trait above a common one', () => {
    const many = Array.from({ length: 30 }, (_, i) => makeProduct(`M${i}`, { tags: ['common'] }))
    expect(
      suggestions([makeProduct('A', { tags: ['common', 'rare'] }), ...many, makeProduct('R', { tags: ['rare'] })], crossSell)[0]!.product
        .sku,
    ).toBe('R')
  })

  it('suggests only what is not linked, dismissed or sold out, for sale and with a reason; best first, no more than asked for', () => {
    const some = <T>(...all: T[]) => fc.constantFrom(...all)
    const skus = ['A', 'B', 'C', 'D', 'E', 'F']
    const anyProduct = (sku: string) =>
      fc
        .record({
          categories: fc.subarray(['hives', 'tools']),
          tags: fc.subarray(['x', 'y']),
          brand: some('P', null),
          price: some(null, 100, 200, 300),
          stock: some(0, 3),
          status: some('active' as const, 'draft' as const),
        })
        .map(part => makeProduct(sku, part))
    const targets = fc.subarray(skus)
    fc.assert(
      fc.property(
        fc.tuple(...skus.map(anyProduct)),
        some(related, crossSell, upsell, accessory),
        fc.record({ A: targets, B: targets, C: targets }),
        targets,
        targets,
        fc.integer({ min: 1, max: 4 }),
        (products, kind, lanes, dismissed, linksBack, limit) => {
          const found = suggestions(products, kind, { lanes, dismissed, linksBack, limit })
          expect(found.length).toBeLessThanOrEqual(limit)
          for (const [i, { product, score, reasons }] of found.entries()) {
            expect([...lanes.A, ...dismissed, 'A']).not.toContain(product.sku)
            expect([product.status, product.stock! > 0, product.price !== null]).toEqual(['active', true, true])
            expect(reasons.filter((reason: Reason) => reason.is !== 'price')).not.toEqual([])
            if (kind === upsell) expect(product.price! > products[0]!.price!).toBe(true)
            if (kind === accessory) expect(product.price! < products[0]!.price!).toBe(true)
            if (i) expect(found[i - 1]!.score).toBeGreaterThanOrEqual(score)
            expect(score).toBeGreaterThan(0)
          }
        },
      ),
    )
  })
})
