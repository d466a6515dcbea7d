import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCatalogue, skus } from '../bundles/anyBundle.testing'
import type { Bundle } from '../catalogue/bundle'
import { everyChoice } from '../bundles/everyChoice.testing'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { productSchema } from '../catalogue/product'
import { AmountTooLargeError } from '../money/money'
import type { WantedLine } from './cart'
import { priceCart } from './priceCart'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const bundled = (sku: string, bundle: Bundle, status: 'active' | 'draft' = 'active') =>
  makeProduct(sku, { price: null, stock: 0, status, bundle })
const catalogue = new Catalogue(
  [
    makeProduct('SMOKER', { price: 3990, was: 4500, stock: 3 }),
    makeProduct('VEIL', {
      price: 2000,
      was: 2600,
      variants: [
        makeVariant('VEIL-S', { stock: 2 }),
        makeVariant('VEIL-L', { price: 2400, stock: 0 }),
        makeVariant('VEIL-X', { status: 'retired' }),
      ],
    }),
    makeProduct('OLD', { status: 'retired', stock: 5 }),
    makeProduct('SOON', { released: '2026-06-01', stock: 5 }),
    makeProduct('ASK', { price: null, stock: 5 }),
    makeProduct('TOOL', { price: 990, stock: 9 }),
    makeProduct('GLOVES', { price: 2600, stock: 9 }),
    makeProduct('SUIT', { price: 11900, stock: 9 }),
    makeProduct('SMOKER-L', { price: 3400, stock: 9 }),
    bundled('SET', {
      type: 'fixed',
      price: { by: 'percent', percent: 12 },
      marginFloor: null,
      components: [
        ['SUIT', 1],
        ['GLOVES', 1],
        ['SMOKER-L', 1],
        ['TOOL', 2],
      ].map(([sku, quantity]) => ({ key: (sku as string).toLowerCase(), sku: sku as string, quantity: quantity as number })),
    }),
    bundled('VEILED', {
      type: 'fixed',
      components: [
        { key: 'veil', sku: 'VEIL', quantity: 1 },
        { key: 'tool', sku: 'TOOL', quantity: 1 },
      ],
      price: { by: 'amount', amount: 500 },
      marginFloor: null,
    }),
    bundled('DEAR', {
      type: 'fixed',
      components: [
        { key: 'tool', sku: 'TOOL', quantity: 1 },
        { key: 'gloves', sku: 'GLOVES', quantity: 1 },
      ],
      price: { by: 'own', price: 4000 },
      marginFloor: null,
    }),
    bundled('ANY', {
      type: 'pickAny',
      set: ['TOOL', 'GLOVES', 'VEIL', 'OLD'],
      least: 3,
      most: 5,
      repeats: true,
      steps: [
        { count: 3, percent: 10 },
        { count: 5, percent: 15 },
      ],
      marginFloor: null,
    }),
    bundled('ONCE', { type: 'pickAny', set: ['TOOL', 'GLOVES'], least: 2, most: 2, repeats: false, steps: [], marginFloor: null }),
    bundled(
      'DRAFT',
      { type: 'fixed', components: [{ key: 'tool', sku: 'TOOL', quantity: 1 }], price: { by: 'sum' }, marginFloor: null },
      'draft',
    ),
    bundled('EMPTY', { type: 'fixed', components: [], price: { by: 'sum' }, marginFloor: null }),
    bundled('SELF', { type: 'fixed', components: [{ key: 'self', sku: 'SELF', quantity: 1 }], price: { by: 'sum' }, marginFloor: null }),
  ],
  [],
  [],
)
const shopOf = (catalogue: Catalogue) => ({ catalogue })
const price = (...lines: ([string, number] | WantedLine)[]) =>
  priceCart(
    lines.map(line => (Array.isArray(line) ? { sku: line[0], quantity: line[1] } : line)),
    shopOf(catalogue),
    at,
  )
const warningsOf = (...lines: Parameters<typeof price>) =>
  price(...lines).warnings.map(({ sku, code, part, available }) =>
    [sku, code, ...(part === null ? [] : [part]), ...(available ? [available] : [])].join(' '),
  )
const pick = (...picks: [string, number][]) => ({ choices: picks.map(([sku, quantity]) => ({ part: 'pick', sku, quantity })) })

describe('priceCart', () => {
  it('prices products and variants, with what they cost before', () => {
    expect(price(['SMOKER', 2], ['VEIL-S', 1])).toEqual({
      lines: [
        { line: 0, sku: 'SMOKER', quantity: 2, unit: 3990, was: 4500, total: 7980, reductions: [], components: [] },
        { line: 1, sku: 'VEIL-S', quantity: 1, unit: 2000, was: 2600, total: 2000, reductions: [], components: [] },
      ],
      subtotal: 9980,
      reductions: [],
      total: 9980,
      warnings: [],
    })
  })

  it('leaves out what can’t be sold, and says why', () => {
    expect(price(['GONE', 1], ['OLD', 1])).toMatchObject({ lines: [], total: 0 })
    expect(warningsOf(['GONE', 1], ['OLD', 1], ['SOON', 1], ['ASK', 1], ['VEIL', 1], ['DRAFT', 1], ['EMPTY', 1], ['SELF', 1])).toEqual([
      'GONE unknown',
      'OLD notForSale',
      'SOON notForSale',
      'ASK notForSale',
      'VEIL noChoice',
      'DRAFT notForSale',
      'EMPTY notForSale',
      'SELF notForSale self',
    ])
  })

  it('says of how many there are too few, also when several lines want the same', () => {
    expect(warningsOf(['SMOKER', 3])).toEqual([])
    expect(warningsOf(['SMOKER', 4])).toEqual(['SMOKER notAvailable 3'])
    expect(warningsOf(['SMOKER', 2], ['SMOKER', 2], ['SMOKER', 9])).toEqual(['SMOKER notAvailable 1', 'SMOKER notAvailable'])
    expect(price(['VEIL-L', 1])).toMatchObject({ lines: [{ unit: 2400, was: null }], warnings: [{ code: 'notAvailable', available: 0 }] })
    // Two sets take four tools of nine, and leave five.
    expect(warningsOf(['SET', 2], ['TOOL', 6])).toEqual(['TOOL notAvailable 5'])
    expect(warningsOf(['TOOL', 6], ['SET', 2])).toEqual(['SET notAvailable TOOL 1'])
  })

  it('says when a price is not the one that was seen, and charges its own', () => {
    expect(price({ sku: 'SMOKER', quantity: 1, seen: 1 })).toMatchObject({
      total: 3990,
      warnings: [{ sku: 'SMOKER', code: 'priceChanged' }],
    })
    expect(warningsOf({ sku: 'SMOKER', quantity: 1, seen: 3990 }, { sku: 'SET', quantity: 1, seen: 17494 })).toEqual([])
  })

  it('refuses what comes to more than can be reckoned with to the last unit', () => {
    const shop = shopOf(new Catalogue([makeProduct('GOLD', { price: 100_000_000_000, stock: 9999 })], [], []))
    expect(priceCart([{ sku: 'GOLD', quantity: 900 }], shop, at).total).toBe(90_000_000_000_000)
    expect(() => priceCart([{ sku: 'GOLD', quantity: 901 }], shop, at)).toThrow(/^Together this comes to more than 90,071,992,547,409/)
    expect(() => priceCart(Array(10).fill({ sku: 'GOLD', quantity: 99 }), shop, at)).toThrow(AmountTooLargeError)
    expect(productSchema.safeParse(makeProduct('GOLD', { price: 100_000_000_001 })).success).toBe(false)
  })

  it('shares a bundle’s reduction out to its components, to the cent', () => {
    const {
      lines: [line],
      subtotal,
      reductions,
      total,
    } = price(['SET', 2])
    expect(line).toMatchObject({
      unit: 17494,
      was: 19880,
      total: 34988,
      reductions: [{ code: 'bundle', key: 'SET', amount: 4772, percent: 12 }],
    })
    expect(line!.components.map(each => [each.sku, each.quantity, each.unit, each.total, each.reductions[0]!.amount])).toEqual([
      ['SUIT', 2, 11900, 20944, 2856],
      ['GLOVES', 2, 2600, 4576, 624],
      ['SMOKER-L', 2, 3400, 5984, 816],
      ['TOOL', 4, 990, 3484, 476],
    ])
    expect([subtotal, reductions.map(each => each.amount), total]).toEqual([39760, [4772], 34988])
  })

  it('has no reduction where a bundle costs more than its parts', () => {
    expect(price(['DEAR', 1])).toMatchObject({
      lines: [{ unit: 4000, was: null, reductions: [], components: [{ total: 1103 }, { total: 2897 }] }],
      subtotal: 4000,
      total: 4000,
    })
  })

  it('wants a choice where there is one, and refuses one that is not sold', () => {
    const veiled = (...choices: [string, string][]): WantedLine => ({
      sku: 'VEILED',
      quantity: 1,
      choices: choices.map(([part, sku]) => ({ part, sku, quantity: 1 })),
    })
    expect(price(veiled(['veil', 'VEIL-S']))).toMatchObject({
      lines: [{ unit: 2490, was: 2990, components: [{ sku: 'VEIL-S' }, { sku: 'TOOL' }] }],
      warnings: [],
    })
    expect(warningsOf(['VEILED', 1])).toEqual(['VEILED noChoice veil'])
    expect(warningsOf(veiled(['veil', 'SMOKER']))).toEqual(['VEILED choiceNotSold SMOKER'])
    expect(warningsOf(veiled(['veil', 'VEIL-X']))).toEqual(['VEILED notForSale VEIL-X'])
    expect(warningsOf(veiled(['hat', 'VEIL-S']))).toEqual(['VEILED choiceNotSold VEIL-S'])
    expect(warningsOf(veiled(['veil', 'VEIL-S'], ['veil', 'VEIL-L']))).toEqual(['VEILED wrongNumber veil'])
    expect(warningsOf(veiled(['veil', 'VEIL-L']))).toEqual(['VEILED notAvailable VEIL-L'])
  })

  it('counts what is picked, and reduces by how many', () => {
    expect(price({ sku: 'ANY', quantity: 1, ...pick(['TOOL', 2], ['GLOVES', 1]) })).toMatchObject({
      lines: [{ unit: 4122, was: 4580, reductions: [{ percent: 10 }], components: [{ quantity: 2 }, { quantity: 1 }] }],
    })
    expect(price({ sku: 'ANY', quantity: 2, ...pick(['TOOL', 3], ['VEIL-S', 1], ['TOOL', 1]) })).toMatchObject({
      lines: [{ unit: 5066, total: 10132, components: [{ quantity: 8 }, { quantity: 2 }] }],
    })
    expect(price({ sku: 'ANY', quantity: 1, ...pick(['TOOL', 5]) }).reductions[0]!.percent).toBe(15)
    expect(
      warningsOf(
        ['ANY', 1],
        { sku: 'ANY', quantity: 1, ...pick(['TOOL', 2]) },
        { sku: 'ANY', quantity: 1, ...pick(['TOOL', 6]) },
        { sku: 'ANY', quantity: 1, ...pick(['SMOKER', 3]) },
        { sku: 'ANY', quantity: 1, ...pick(['OLD', 3]) },
      ),
    ).toEqual(['ANY noChoice', 'ANY wrongNumber', 'ANY wrongNumber', 'ANY choiceNotSold SMOKER', 'ANY notForSale OLD'])
    expect(
      warningsOf({ sku: 'ONCE', quantity: 1, ...pick(['TOOL', 2]) }, { sku: 'ONCE', quantity: 1, ...pick(['TOOL', 1], ['GLOVES', 1]) }),
    ).toEqual(['ONCE wrongNumber TOOL'])
  })

  it('adds up, charges no less than nothing, and warns of stock just when more is taken than there is, for any cart', () => {
    const anyChoices = fc.array(
      fc.record({
        part: fc.constantFrom('pick', 'c0', 'c1', 'g0', 'g1'),
        sku: fc.constantFrom(...skus),
        quantity: fc.integer({ min: 1, max: 3 }),
      }),
      { maxLength: 3 },
    )
    const anyLines = fc.array(
      fc.record({
        sku: fc.constantFrom(...skus, 'B0', 'B1', 'B0', 'B1', 'GONE'),
        quantity: fc.integer({ min: 1, max: 4 }),
        choices: anyChoices,
      }),
      { maxLength: 6 },
    )
    fc.assert(
      fc.property(anyCatalogue(2), anyLines, fc.nat(), (catalogue, drawn, which) => {
        // Mostly choices that can be made.
        const lines = drawn.map((line, i) => {
          const bundle = catalogue.product(line.sku)?.bundle
          const all = bundle ? everyChoice(bundle, catalogue) : []
          if (bundle?.type !== 'pickAny' || !all.length || i % 3 === 2) return line
          return { ...line, choices: Object.entries(all[which % all.length]!).map(([sku, quantity]) => ({ part: 'pick', sku, quantity })) }
        })
        const cart = priceCart(lines, shopOf(catalogue), at)
        expect(cart.total).toBe(sum(cart.lines.map(line => line.total)))
        expect(cart.subtotal - sum(cart.reductions.map(each => each.amount))).toBe(cart.total)
        expect(sum(cart.reductions.map(each => each.amount))).toBe(
          sum(cart.lines.flatMap(line => line.reductions.map(each => each.amount))),
        )
        const refused = cart.warnings.filter(each => each.code !== 'notAvailable').map(each => each.line)
        expect([...cart.lines.map(line => line.line), ...refused].sort()).toEqual(lines.map((_, i) => i))
        const left = new Map<string, number>()
        for (const line of cart.lines) {
          expect(line.quantity).toBe(lines[line.line]!.quantity)
          expect(line.total).toBe(line.unit * line.quantity)
          expect(line.unit).toBeGreaterThanOrEqual(0)
          const takes = line.components.length ? line.components : [line]
          if (line.components.length) {
            expect(sum(line.components.map(each => each.total))).toBe(line.total)
            expect(sum(line.components.map(each => sum(each.reductions.map(one => one.amount))))).toBe(
              sum(line.reductions.map(each => each.amount)),
            )
            for (const each of line.components) expect(each.total).toBeGreaterThanOrEqual(0)
            const bundle = catalogue.product(line.sku)!.bundle!
            const contents: Record<string, number> = {}
            for (const each of line.components) contents[each.sku] = (contents[each.sku] ?? 0) + each.quantity / line.quantity
            expect(everyChoice(bundle, catalogue)).toContainEqual(contents)
          }
          const wanted = new Map<string, number>()
          for (const { sku, quantity } of takes) wanted.set(sku, (wanted.get(sku) ?? 0) + quantity)
          const isShort = [...wanted].some(([sku, quantity]) => quantity > Math.max(0, left.get(sku) ?? stockIn(catalogue, sku)))
          expect(cart.warnings.some(each => each.line === line.line && each.code === 'notAvailable')).toBe(isShort)
          for (const [sku, quantity] of wanted) left.set(sku, (left.get(sku) ?? stockIn(catalogue, sku)) - quantity)
        }
      }),
      { numRuns: 1000 },
    )
  })
})

const sum = (numbers: readonly number[]) => numbers.reduce((sum, each) => sum + each, 0)
const stockIn = (catalogue: Catalogue, sku: string) =>
  Math.max(0, (catalogue.item(sku)!.variant ?? catalogue.item(sku)!.product).stock ?? Infinity)
