import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from './makeProduct.testing'
import { SharedParts } from './sharedParts'

const text = fc.constantFrom('red', 'blue', 'red|blue', 'a')
const texts = fc.uniqueArray(text, { maxLength: 3 })
const record = <T>(value: fc.Arbitrary<T>) => fc.dictionary(fc.constantFrom('size', 'colour', '__proto__', 'constructor'), value)
const anyProduct = fc
  .record({
    brand: fc.option(text),
    status: fc.constantFrom('active' as const, 'draft' as const, 'retired' as const),
    released: fc.option(fc.constantFrom('2026-01-01', '2026-03-01T10:00:00Z')),
    categories: texts,
    tags: texts,
    attributes: record(fc.uniqueArray(text, { minLength: 1, maxLength: 3 })),
    options: fc.array(record(text), { maxLength: 3 }),
  })
  .map(({ options, ...part }) =>
    makeProduct('P', {
      ...part,
      variants: options.map((each, i) => ({ ...makeVariant(`P-${i}`), status: i ? part.status : null, options: each })),
    }),
  )

describe('shared parts', () => {
  it('leave a product as it is', () => {
    fc.assert(
      fc.property(fc.array(anyProduct), products => {
        const shared = new SharedParts()
        expect(products.map(each => shared.product(each))).toEqual(products)
      }),
    )
  })

  it('are the same for all products that have them alike', () => {
    const shared = new SharedParts()
    const make = () =>
      shared.product(
        makeProduct('P', {
          categories: ['hives', 'frames'],
          tags: ['new'],
          attributes: { fits: ['National'] },
          variants: [{ ...makeVariant('P-1'), options: { size: 'M' } }],
        }),
      )
    const [one, other] = [make(), make()]
    expect(one.categories).toBe(other.categories)
    expect(one.tags).toBe(other.tags)
    expect(one.attributes.fits).toBe(other.attributes.fits)
    expect(one.variants[0]!.options).toBe(other.variants[0]!.options)
    expect(one.variants).not.toBe(other.variants)
  })
})
