import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../../../catalogue/makeProduct.testing'
import { Catalogue } from '../../../catalogue/catalogue'
import { productFileRows } from './productRow'
import { settings, categories, imported, told, after } from './productImport.testing'

const text = fc
  .string({ minLength: 1, maxLength: 12, unit: fc.constantFrom('a', 'é', ' ', '"', ',', ';', '=', '-', "'", '\n', '|', '>', '@') })
  .filter(value => value === value.trim())
const listed = text.filter(value => !/[|\n]/.test(value))
const picture = text.map(value => `/${value.replace(/^\//, '').replace(/\n/g, '')}`)
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
      stock: fc.option(fc.integer({ min: -9, max: 99 })),
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
      image: fc.option(picture),
      gtin: fc.constantFrom(null, '4006381333931'),
      variants: fc.uniqueArray(fc.constantFrom('1', '2', '3')).chain(sizes =>
        fc.tuple(
          ...sizes.map(size =>
            fc
              .record({
                stock: fc.option(fc.integer({ min: -2, max: 9 })),
                price: fc.option(fc.nat()),
                status: fc.constantFrom(null, 'draft' as const),
                image: fc.option(picture),
              })
              .map(part => makeVariant(`${sku}-${size}`, { options: { size, colour: '=red' }, ...part })),
          ),
        ),
      ),
    })
    .map(part => makeProduct(sku, part))

describe('products that go out and come in again', () => {
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
