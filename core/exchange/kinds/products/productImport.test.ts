import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Category } from '../../../catalogue/catalogue'
import { Catalogue } from '../../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../../catalogue/makeProduct.testing'
import type { Product } from '../../../catalogue/product'
import { productSchema } from '../../../catalogue/product'
import { completed } from '../../../steps'
import type { ImportPlan } from '../../importReport'
import type { FileRow } from '../../fileRow'
import { RowError } from '../../fileRow'
import { productFileRows, readProductRow } from './productRow'
import { ProductImport } from './productImport'

const settings = { name: 'Shop', currency: 'EUR', language: 'en', languages: ['en', 'de'], productUrl: '/{sku}', timeZone: 'UTC' }
const category = (key: string, name: string, parent: string | null = null): Category => ({ key, name: { en: name }, parent })
const categories = [
  category('hives', 'Hives'),
  category('frames', 'Frames', 'hives'),
  category('hives-2', 'Hives'),
  category('tools', 'Tools'),
]

/** Imports rows into a shop, in pieces. */
function imported(rows: readonly FileRow[], products: readonly Product[] = [], pieceSize = 2): ImportPlan {
  const catalogue = new Catalogue(products, categories, [])
  const stored = new Map(products.map(each => [each.sku, each]))
  const plan = new ProductImport(catalogue, categories, settings)
  const unread: ImportPlan['rejections'] = []
  for (let from = 0; from < rows.length; from += pieceSize) {
    const lines = rows.slice(from, from + pieceSize).flatMap((cells, i) => {
      try {
        return [{ line: from + i + 2, cells, row: readProductRow(cells, settings) }]
      } catch (error) {
        if (!(error instanceof RowError)) throw error
        unread.push({ line: from + i + 2, column: error.column, reason: error.message, row: cells })
        plan.passOver(from + i + 2, cells)
        return []
      }
    })
    plan.add(lines, new Map(plan.about(lines).map(sku => [sku, stored.get(sku)!])))
  }
  const found = completed(plan.finishing())
  return { ...found, rejections: [...found.rejections, ...unread].sort((a, b) => a.line - b.line) }
}
const told = ({ rejections }: ImportPlan) => rejections.map(each => `${each.line} ${each.column}: ${each.reason}`)
const after = (plan: ImportPlan, sku: string) => plan.changes.find(change => change.owner === sku)?.after as Product | undefined

describe('ProductImport', () => {
  it('makes a product with its variants and categories from rows in any order', () => {
    const rows: FileRow[] = [
      { sku: 'GLO-M', variantOf: 'GLO', options: 'size=M', stock: '3', price: '21,50' },
      {
        'sku': 'GLO',
        'name': 'Gloves',
        'name@de': 'Handschuhe',
        'category': 'tools | Clothing > Gloves',
        'keywords': 'beginner|leather',
        'price': '19.90',
        'attributes': 'fits=left|fits=right',
        'gtin': '4006381333931',
      },
      { sku: 'GLO-L', variantOf: 'GLO', options: 'size=L', status: 'draft' },
    ]
    for (const pieceSize of [1, 2, 3]) {
      const plan = imported(rows, [], pieceSize)
      expect(told(plan)).toEqual([])
      expect(plan.created).toBe(3)
      expect(plan.effects.map(each => each.words)).toEqual(['GLO-M: M, of GLO', 'GLO: Gloves', 'GLO-L: L, of GLO'])
      expect(plan.changes.filter(change => change.of === 'category').map(change => change.after)).toEqual([
        category('clothing', 'Clothing'),
        category('gloves', 'Gloves', 'clothing'),
      ])
      const product = after(plan, 'GLO')!
      expect({ ...product, variants: product.variants.toSorted((a, b) => (a.sku < b.sku ? 1 : -1)) }).toEqual(
        makeProduct('GLO', {
          name: { en: 'Gloves', de: 'Handschuhe' },
          categories: ['tools', 'gloves'],
          tags: ['beginner', 'leather'],
          price: 1990,
          stock: 0,
          gtin: '4006381333931',
          attributes: { fits: ['left', 'right'] },
          variants: [
            makeVariant('GLO-M', { options: { size: 'M' }, stock: 3, price: 2150 }),
            makeVariant('GLO-L', { options: { size: 'L' }, stock: 0, status: 'draft' }),
          ],
        }),
      )
      expect(productSchema.safeParse(product).success).toBe(true)
    }
  })

  it('changes what has a column, empties what is empty, and leaves the rest', () => {
    const given = makeProduct('A', {
      name: { en: 'Old', de: 'Alt' },
      brand: 'Corrie',
      tags: ['x'],
      was: 1500,
      description: { en: 'Long' },
      variants: [makeVariant('A-1', { options: { size: '1' } })],
    })
    const plan = imported(
      [
        { sku: 'A', name: 'New', brand: '', price: '12' },
        { sku: 'A-1', variantOf: 'A', stock: '9' },
      ],
      [given],
    )
    expect(plan).toMatchObject({
      created: 0,
      updated: 2,
      unchanged: 0,
      rejections: [],
      effects: [
        { line: 2, is: 'updated', words: 'A: name, brand, price' },
        { line: 3, is: 'updated', words: 'A-1: stock' },
      ],
    })
    expect(plan.changes).toEqual([
      {
        of: 'product',
        owner: 'A',
        key: '',
        before: given,
        after: { ...given, name: { en: 'New', de: 'Alt' }, brand: null, price: 1200, variants: [{ ...given.variants[0]!, stock: 9 }] },
      },
    ])
  })

  it('renames a bundle and leaves what is in it, but gives it neither price nor variants', () => {
    const set = makeProduct('SET', {
      price: null,
      stock: 0,
      bundle: { type: 'fixed', components: [{ key: 'a', sku: 'A', quantity: 2 }], price: { by: 'sum' }, marginFloor: null },
    })
    const [row] = productFileRows(set, new Catalogue([], categories, []), settings)
    expect(imported([row!], [set])).toMatchObject({ changes: [], unchanged: 1, rejections: [] })
    expect(after(imported([{ sku: 'SET', name: 'Harvest day', status: 'retired' }], [set]), 'SET')).toEqual({
      ...set,
      name: { en: 'Harvest day' },
      status: 'retired',
    })
    expect(
      told(
        imported(
          [
            { sku: 'SET', price: '12.00' },
            { sku: 'SET-M', variantOf: 'SET', options: 'size=M' },
          ],
          [set],
        ),
      ),
    ).toEqual([
      '2 price: SET is a bundle: this follows from its parts. Leave the cell empty.',
      '3 variantOf: Its product, in line 2, was not taken.',
    ])
    expect(told(imported([{ sku: 'SET-M', variantOf: 'SET', options: 'size=M' }], [set]))).toEqual([
      '2 variantOf: SET is a bundle; it has no variants.',
    ])
  })

  it('says of every row that can’t be taken why', () => {
    const given = [makeProduct('A', { variants: [makeVariant('A-1', { options: { size: '1' } })] }), makeProduct('B')]
    expect(
      told(
        imported(
          [
            { sku: 'N', name: '' },
            { sku: 'A|B', name: 'x' },
            { sku: 'A-1', name: 'x' },
            { sku: 'B', name: 'x', price: '1.234' },
            { sku: 'B-1', variantOf: 'B', options: 'size=1' },
            { sku: 'A-2', variantOf: 'A', options: 'size=1' },
            { sku: 'A-3', variantOf: 'A' },
            { sku: 'A-4', variantOf: 'A-1', options: 'size=4' },
            { sku: 'A-5', variantOf: 'NO', options: 'size=5' },
            { sku: 'C', variantOf: 'C', options: 'size=1' },
            { sku: 'A', variantOf: 'B', options: 'size=1' },
            { sku: 'D', name: 'D' },
            { sku: 'D', name: 'Again' },
            { sku: 'A-1', variantOf: 'A', name: 'Own name', options: 'size=2' },
            { sku: 'E', name: 'x', gtin: '4006381333932' },
            { sku: 'F', name: 'x', released: '1.3.2026' },
            { sku: 'G', name: 'x', status: 'sold' },
            { sku: 'H', name: 'x', stock: 'many' },
            { sku: 'I', name: 'x', attributes: 'heavy' },
            { sku: 'J', name: 'x', category: 'Hives >' },
            { sku: 'K', name: 'x', options: 'size=1' },
            { sku: 'L-1', variantOf: 'M-1', options: 's=1' },
            { sku: 'M-1', variantOf: 'D', options: 's=1' },
          ],
          given,
        ),
      ),
    ).toEqual([
      '2 name: A product needs a name.',
      '3 sku: A SKU can’t contain “,”, “:”, “|” or control characters.',
      '4 sku: A-1 is a variant of A; name that under variantOf.',
      '5 price: “1.234” is not an amount such as 12.50.',
      '6 variantOf: Its product, in line 5, was not taken.',
      '7 options: A-1 has the same options.',
      '8 options: A variant needs its options, such as size=M.',
      '9 variantOf: Its product, in line 4, was not taken.',
      '10 variantOf: There is no product with the SKU NO.',
      '11 variantOf: A product can’t be a variant of itself.',
      '12 variantOf: Its product, in line 5, was not taken.',
      '14 sku: Line 13 has the same SKU.',
      '15 name: A variant has no name of its own; leave it empty, its product’s is shown.',
      '16 gtin: This GTIN’s check digit or length is wrong.',
      '17 released: This is not a date in ISO 8601, such as 2026-03-01.',
      '18 status: A status is active, draft or retired.',
      '19 stock: “many” is not a whole number.',
      '20 attributes: Attributes are written as name=value|name=value.',
      '21 category: “Hives >” is not a path of categories such as Hives > Frames.',
      '22 options: Only a variant has options; name its product under variantOf.',
      '23 variantOf: M-1 is itself a variant, of D.',
    ])
  })

  it('takes names that every object has already, but not the one that no object can hold', () => {
    const row = { sku: 'N', name: 'x', attributes: 'constructor=a|toString=b|constructor=c' }
    expect(after(imported([row]), 'N')!.attributes).toEqual({ constructor: ['a', 'c'], toString: ['b'] })
    expect(
      told(
        imported([
          { ...row, attributes: '__proto__=a' },
          { sku: 'V', name: 'v' },
          { sku: 'V-1', variantOf: 'V', options: '__proto__=a' },
        ]),
      ),
    ).toEqual([
      '2 attributes: “__proto__” can’t be a name here. Choose another.',
      '4 options: “__proto__” can’t be a name here. Choose another.',
    ])
    expect(
      after(
        imported([
          { sku: 'V', name: 'v' },
          { sku: 'V-1', variantOf: 'V', options: 'valueOf=a' },
        ]),
        'V',
      )!.variants[0]!.options,
    ).toEqual({ valueOf: 'a' })
  })

  it('reads on when categories stand below each other in a circle', () => {
    const circle = [category('a', 'A', 'b'), category('b', 'B', 'a')]
    const catalogue = new Catalogue([], circle, [])
    const plan = new ProductImport(catalogue, circle, settings)
    plan.add([{ line: 2, cells: {}, row: readProductRow({ sku: 'N', name: 'x', category: 'B > A' }, settings) }], new Map())
    expect(completed(plan.finishing()).changes).toMatchObject([{ of: 'product', after: { categories: ['a'] } }])
  })

  const text = fc
    .string({ minLength: 1, maxLength: 12, unit: fc.constantFrom('a', 'é', ' ', '"', ',', ';', '=', '-', "'", '\n', '|', '>', '@') })
    .filter(value => value === value.trim())
  const listed = text.filter(value => !/[|\n]/.test(value))
  const anyProduct = (sku: string) =>
    fc
      .record({
        name: fc.record({ en: text, de: text }, { requiredKeys: ['en'], noNullPrototype: true }),
        description: fc.record({ en: text, de: text }, { requiredKeys: [], noNullPrototype: true }),
        brand: fc.option(text),
        categories: fc
          .uniqueArray(fc.constantFrom('hives', 'frames', 'hives-2', 'tools'))
          .filter(keys => !(keys.includes('hives') && keys.includes('hives-2'))),
        tags: fc.uniqueArray(listed),
        price: fc.option(fc.nat(99_999)),
        was: fc.option(fc.nat()),
        cost: fc.option(fc.nat()),
        stock: fc.integer({ min: -9, max: 99 }),
        status: fc.constantFrom('active' as const, 'draft' as const, 'retired' as const),
        released: fc.constantFrom(null, '2026-05-01', '2026-05-01T10:00:00Z'),
        attributes: fc.dictionary(
          fc.oneof(
            listed.filter(name => !name.includes('=')),
            fc.constantFrom('constructor', 'toString'),
          ),
          fc.uniqueArray(listed, { minLength: 1 }),
          { noNullPrototype: true },
        ),
        image: fc.option(text),
        gtin: fc.constantFrom(null, '4006381333931'),
        variants: fc.uniqueArray(fc.constantFrom('1', '2', '3')).chain(sizes =>
          fc.tuple(
            ...sizes.map(size =>
              fc
                .record({
                  stock: fc.integer({ min: -2, max: 9 }),
                  price: fc.option(fc.nat()),
                  status: fc.constantFrom(null, 'draft' as const),
                  image: fc.option(text),
                })
                .map(part => makeVariant(`${sku}-${size}`, { options: { size, colour: '=red' }, ...part })),
            ),
          ),
        ),
      })
      .map(part => makeProduct(sku, part))

  it('changes nothing when what was exported is imported again', () => {
    fc.assert(
      fc.property(fc.tuple(anyProduct('A'), anyProduct('=B'), anyProduct('C')), products => {
        const catalogue = new Catalogue(products, categories, [])
        const rows = products.flatMap(each => productFileRows(each, catalogue, settings))
        // A file has all columns in every row.
        const columns = new Set(rows.flatMap(row => Object.keys(row)))
        const plan = imported(
          rows.map(row => Object.fromEntries(Array.from(columns, column => [column, row[column] ?? '']))),
          products,
        )
        expect(told(plan)).toEqual([])
        expect(plan.changes).toEqual([])
        expect(plan.unchanged).toBe(rows.length)
      }),
      { numRuns: 300 },
    )
  })

  it('builds the same products in an empty shop from what another exported', () => {
    fc.assert(
      fc.property(fc.tuple(anyProduct('A'), anyProduct('B')), products => {
        const known = products.map(each => ({ ...each, categories: each.categories.filter(key => key !== 'hives-2') }))
        const rows = known.flatMap(each => productFileRows(each, new Catalogue(known, categories, []), settings))
        const plan = imported(rows)
        expect(told(plan)).toEqual([])
        expect(known.map(each => after(plan, each.sku))).toEqual(known)
      }),
      { numRuns: 200 },
    )
  })
})
