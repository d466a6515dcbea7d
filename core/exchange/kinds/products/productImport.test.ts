import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../../catalogue/catalogue'
import { makeProduct, makeVariant } from '../../../catalogue/makeProduct.testing'
import { productSchema } from '../../../catalogue/product'
import type { FileRow } from '../../fileRow'
import { productFileRows, readProductRow } from './productRow'
import { ProductImport } from './productImport'
import { settings, category, categories, imported, told, after } from './productImport.testing'

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
          stock: null,
          gtin: '4006381333931',
          attributes: { fits: ['left', 'right'] },
          variants: [
            makeVariant('GLO-M', { options: { size: 'M' }, stock: 3, price: 2150 }),
            makeVariant('GLO-L', { options: { size: 'L' }, stock: null, status: 'draft' }),
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
    const renamed = imported([{ sku: 'SET', name: 'Harvest day', status: 'active' }], [set])
    expect(after(renamed, 'SET')).toEqual({ ...set, name: { en: 'Harvest day' } })
    // What shoppers have and what is drafted follow.
    const called = { name: { en: 'Harvest day' }, bundle: set.bundle }
    expect(renamed.changes.find(each => each.of === 'bundle')).toMatchObject({ key: 'SET', after: { live: called, draft: called } })
    expect(told(imported([{ sku: 'SET', status: 'draft' }], [set]))).toEqual([
      '2 status: SET is a bundle: it is published, taken from shoppers or retired under Bundles. Leave the cell empty.',
    ])
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
      '3 variantOf: SET is a bundle; it has no variants.',
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
      '7 options: A-1 has the same options.',
      '8 options: A variant needs its options, such as size=M.',
      '9 variantOf: Its product, in line 4, was not taken.',
      '10 variantOf: There is no product with the SKU NO.',
      '11 variantOf: A product can’t be a variant of itself.',
      '12 sku: A is a product; it can’t become a variant.',
      '14 sku: Line 13 has the same SKU.',
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

  it('takes variants whose rows repeat what their product is, and says what is otherwise', () => {
    const facts = {
      'name': 'Gloves',
      'name@de': 'Handschuhe',
      'brand': 'Corrie',
      'category': 'Clothing > Gloves',
      'released': '2026-03-01',
    }
    const rows: FileRow[] = [
      { sku: 'GLO', ...facts, keywords: 'warm|leather', cost: '9', price: '19.90', attributes: 'fits=left' },
      { sku: 'GLO-S', variantOf: 'GLO', options: 'size=S', ...facts, keywords: 'warm|leather', cost: '9.00', attributes: 'fits=left' },
      { 'sku': 'GLO-M', 'variantOf': 'GLO', 'options': 'size=M', ...facts, 'name': 'Gloves, M', 'name@de': '', 'brand': '' },
      { sku: 'GLO-L', variantOf: 'GLO', options: 'size=L', category: 'Clothing', released: '2026-04-01', keywords: 'warm', cost: '8' },
    ]
    const plan = imported(rows)
    expect([told(plan), plan.created]).toEqual([[], 4])
    expect(plan.notes.map(each => `${each.line} ${each.column}`)).toEqual(['4 name', '5 keywords', '5 cost', '5 released', '5 category'])
    expect(plan.notes[0]!.words).toBe('A variant has no name of its own. What this row says differs from its product, and is left out.')
    expect(after(plan, 'GLO')!.variants.map(each => each.sku)).toEqual(['GLO-S', 'GLO-M', 'GLO-L'])
    expect(told(imported([...rows, { sku: 'GLO-X', variantOf: 'GLO', options: 'size=X', released: 'soon' }]))).toEqual([
      '6 released: This is not a date in ISO 8601, such as 2026-03-01.',
    ])
  })

  it('says all that is wrong with a row', () => {
    const [wrong] = imported([{ sku: 'A', name: 'A', price: 'dear', was: '1,2,3', stock: 'few', gtin: '12', released: 'soon' }]).rejections
    expect([wrong!.column, ...wrong!.more.map(each => each.column)]).toEqual(['gtin', 'price', 'was', 'stock', 'released'])
    const [other] = imported([{ sku: 'B|C', variantOf: 'D:E', options: 'size', stock: 'few' }]).rejections
    expect([other!.column, ...other!.more.map(each => each.column)]).toEqual(['sku', 'stock', 'options', 'variantOf'])
  })

  it('takes the variants of a product that the shop has, also when its own row can’t be taken', () => {
    const given = makeProduct('A', { price: 500, variants: [makeVariant('A-1', { options: { size: '1' }, stock: 2 })] })
    const plan = imported(
      [
        { sku: 'A', price: 'dear' },
        { sku: 'A-1', variantOf: 'A', stock: '7' },
        { sku: 'N', name: '' },
        { sku: 'N-1', variantOf: 'N', options: 'size=1' },
      ],
      [given],
    )
    expect(plan.rejections.map(each => each.line)).toEqual([2, 4, 5])
    expect(after(plan, 'A')).toEqual({ ...given, variants: [{ ...given.variants[0]!, stock: 7 }] })
  })

  it('takes an empty stock cell, and none at all, for stock that is not tracked, or for nothing, as the shop has set it', () => {
    const stocks = (emptyStock: 'untracked' | 'none') =>
      ['', 'untracked', '0', undefined].map(stock => {
        const row = readProductRow({ sku: 'A', name: 'A', ...(stock !== undefined && { stock }) }, { ...settings, emptyStock })
        return (row.fields as { stock?: number | null }).stock
      })
    expect(stocks('untracked')).toEqual([null, null, 0, undefined])
    expect(stocks('none')).toEqual([0, null, 0, undefined])
    expect(after(imported([{ sku: 'A', name: 'A' }]), 'A')!.stock).toBeNull()
    const untracked = makeProduct('A', { stock: null, variants: [makeVariant('A-1', { options: { size: '1' }, stock: null })] })
    for (const [emptyStock, cell] of [
      ['untracked', ''],
      ['none', 'untracked'],
    ] as const)
      expect(productFileRows(untracked, new Catalogue([], [], []), { ...settings, emptyStock }).map(row => row.stock)).toEqual([cell, cell])
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
    const plan = new ProductImport(catalogue, circle, settings, new Map(), 'written')
    const row = readProductRow({ sku: 'N', name: 'x', category: 'B > A' }, settings)
    expect(plan.add([{ line: 2, cells: {}, row }], new Map())).toMatchObject([{ of: 'product', after: { categories: ['a'] } }])
  })
})
