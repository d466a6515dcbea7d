import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { bundleSchema, countCombinations, emptyBundle } from '../catalogue/bundle'
import { combinationTable, combinationsOf, matched, optionsOfItems, withCombination } from './combinations'

const anyOptions = fc
  .array(fc.uniqueArray(fc.string({ minLength: 1, maxLength: 3, unit: fc.constantFrom(...'abcd') }), { maxLength: 4 }), { maxLength: 4 })
  .map(all => all.map((values, i) => ({ name: `o${i}`, values })))

/** The plain cartesian product, counted like the digits of a number. */
function cartesian(options: { values: string[] }[]): string[][] {
  const rows: string[][] = []
  const count = options.length ? options.reduce((count, each) => count * each.values.length, 1) : 0
  for (let n = 0; n < count; n++) {
    const row: string[] = []
    let rest = n
    for (let i = options.length; i--;) {
      const { values } = options[i]!
      row.unshift(values[rest % values.length]!)
      rest = Math.floor(rest / values.length)
    }
    rows.push(row)
  }
  return rows
}

describe('the combination table', () => {
  it('is the cartesian product of the options, and says before how many there are', () => {
    fc.assert(
      fc.property(anyOptions, options => {
        expect(combinationsOf(options)).toEqual(cartesian(options))
        expect(countCombinations(options)).toBe(cartesian(options).length)
      }),
    )
  })

  it('has what nothing was decided of first, and keeps every decision', () => {
    fc.assert(
      fc.property(
        anyOptions,
        fc.array(fc.tuple(fc.nat(), fc.constantFrom('A', 'B', null, undefined)), { maxLength: 8 }),
        (options, decisions) => {
          const all = cartesian(options)
          let group = { options, combinations: [] as { values: string[]; sku: string | null }[] }
          const decided = new Map<string, string | null | undefined>()
          if (all.length)
            for (const [at, sku] of decisions) {
              group = withCombination(group, all[at % all.length]!, sku)
              decided.set(all[at % all.length]!.join(), sku)
            }
          const table = combinationTable(group)
          expect(table.map(row => row.values.join()).sort()).toEqual(all.map(values => values.join()).sort())
          for (const { values, sku } of table) expect(sku).toBe(decided.get(values.join()))
          const open = table.filter(row => row.sku === undefined).length
          expect(table.slice(0, open).every(row => row.sku === undefined)).toBe(true)
        },
      ),
    )
  })
})

describe('matching', () => {
  const suit = makeProduct('SUIT', {
    variants: [
      ['S', 'white'],
      ['S', 'sand'],
      ['M', 'White '],
      ['M', 'sand'],
    ].map(([size, colour], i) =>
      makeVariant(`SUIT-${i}`, { options: { Size: size!, Colour: colour! }, status: i === 3 ? 'retired' : null }),
    ),
  })
  const items = suit.variants.map(variant => ({ product: suit, variant }))
  const group = {
    options: [
      { name: 'colour', values: ['white', 'sand'] },
      { name: 'size', values: ['S', 'M', 'XL'] },
    ],
    combinations: [{ values: ['sand', 'S'], sku: null }],
  }

  it('finds variants by their values, and leaves what was decided', () => {
    const { combinations } = matched(group, items)
    expect(combinations).toEqual([
      { values: ['sand', 'S'], sku: null },
      { values: ['white', 'S'], sku: 'SUIT-0' },
      { values: ['white', 'M'], sku: 'SUIT-2' },
    ])
  })

  it('does not guess between two that have the same values', () => {
    const other = makeProduct('OTHER', { variants: [makeVariant('OTHER-0', { options: { Size: 'S', Colour: 'white', Length: 'long' } })] })
    expect(matched(group, [...items, { product: other, variant: other.variants[0]! }]).combinations.map(each => each.sku)).toEqual([
      null,
      'SUIT-2',
    ])
  })

  it('finds products without variants by their attributes', () => {
    const jars = ['250', '500'].map(volume =>
      makeProduct(`JAR-${volume}`, { attributes: { Volume: [volume], Thread: ['TO 63', 'TO 82'] } }),
    )
    const found = matched(
      { options: [{ name: 'volume', values: ['250', '500', '720'] }], combinations: [] },
      jars.map(product => ({ product, variant: null })),
    )
    expect(found.combinations).toEqual([
      { values: ['250'], sku: 'JAR-250' },
      { values: ['500'], sku: 'JAR-500' },
    ])
    expect(
      matched(
        { options: [{ name: 'thread', values: ['TO 63'] }], combinations: [] },
        jars.map(product => ({ product, variant: null })),
      ).combinations,
    ).toEqual([])
  })

  it('knows the options of variants, each value once', () => {
    expect(optionsOfItems(items)).toEqual([
      { name: 'Size', values: ['S', 'M'] },
      { name: 'Colour', values: ['white', 'sand'] },
    ])
  })
})

describe('bundle', () => {
  const group = {
    key: 'suit',
    name: { en: 'Suit' },
    quantity: 1,
    products: [],
    options: [{ name: 'size', values: ['S', 'M'] }],
    combinations: [],
  }
  const choice = {
    type: 'choice',
    groups: [group],
    components: [{ key: 'tool', sku: 'TOOL', quantity: 2 }],
    price: { by: 'sum' },
    marginFloor: null,
  }
  const pick = { type: 'pickAny', set: ['A', 'B'], least: 3, most: 6, repeats: true, steps: [{ count: 3, percent: 10 }], marginFloor: null }
  const wordsOf = (value: unknown) =>
    bundleSchema
      .safeParse(value)
      .error?.issues.map(issue => issue.message)
      .join(' ') ?? ''

  it.each([choice, pick, emptyBundle('fixed'), emptyBundle('choice'), emptyBundle('pickAny')])('takes %j', value =>
    expect(wordsOf(value)).toBe(''),
  )
  it.each([
    [{ ...choice, price: { by: 'percent', percent: 101 } }, 'A reduction is at most 100 %.'],
    [{ ...choice, price: { by: 'percent', percent: -1 } }, 'A reduction can’t be negative.'],
    [{ ...choice, components: [{ key: 'a', sku: 'A', quantity: 0 }] }, 'A quantity is at least 1.'],
    [{ ...choice, components: [{ key: 'a', sku: 'A', quantity: 1e9 }] }, 'A quantity is at most 999.'],
    [{ ...choice, components: [{ key: 'a', sku: 'A', quantity: 1.5 }] }, 'A quantity is a whole number.'],
    [{ ...choice, components: [{ key: 'suit', sku: 'A', quantity: 1 }] }, 'Two parts have the same key.'],
    [{ ...choice, groups: [{ ...group, options: [{ name: 'size', values: ['S', 'S'] }] }] }, 'A value stands in an option once.'],
    [
      {
        ...choice,
        groups: [{ ...group, options: ['a', 'b'].map(name => ({ name, values: Array.from({ length: 50 }, (_, i) => `${i}`) })) }],
      },
      '2,500 combinations are too many: a group has at most 2,000.',
    ],
    [{ ...pick, least: 7 }, 'At least 7 and at most 6 can’t be picked at once.'],
    [
      {
        ...pick,
        steps: [
          { count: 3, percent: 10 },
          { count: 3, percent: 12 },
        ],
      },
      'There is one reduction for a number.',
    ],
    [{ ...pick, set: ['A', 'A'] }, 'A product stands in a set once.'],
  ])('refuses %j in words', (value, words) => expect(wordsOf(value)).toContain(words))
})
