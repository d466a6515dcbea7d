import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { naiveBundleProblems } from '../bundles/naiveBundleProblems.testing'
import { isForSale, priceOf, stockOf } from '../catalogue/product'
import { makeKind } from '../links/makeKind.testing'
import { timeOf } from '../links/lane'
import type { LinkIndex } from '../links/linkIndex'
import { anyPlainShop, now, shopOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import type { Shop } from '../selection/shop'
import { completed } from '../steps'
import type { Finding, ProductCheck } from './check'
import { findingKey, isProductCheck, checkSchema as anyCheck, productChecks } from './check'
import { FindingBook } from './findingBook'
import type { CheckedShop } from './productFindings'

const positionOf = (sku: string) => (skus.includes(sku) ? skus.indexOf(sku) : undefined)
const kindsOf = (retired: ReadonlyMap<string, unknown>) =>
  new Map(
    [
      makeKind('upsell', { expectation: 'dearer', ceiling: 2 }),
      makeKind('accessory', { expectation: 'cheaper', mutual: true, ceiling: 3 }),
    ].map(kind => [kind.key, { ...kind, retired: retired.has(kind.key) }]),
  )
const shops = anyPlainShop.map(plain => {
  const shop = shopOf(plain)
  return { ...shop, kinds: kindsOf(shop.kinds) }
})
function booked(shop: CheckedShop, isAside: (finding: Finding) => boolean = () => false): FindingBook {
  const book = new FindingBook(shop, isAside, positionOf)
  completed(book.checking(now) as Generator<never, void>)
  return book
}
const told = (book: FindingBook) =>
  Object.fromEntries(
    productChecks.map(check => [check, [...book.findings(check, 0, now)].map(each => `${each.source} ${each.kind} ${each.target}`).sort()]),
  )

const checkOf: Record<string, ProductCheck> = {
  empty: 'bundleEmpty',
  tooFewToPick: 'bundleEmpty',
  bundleInside: 'bundleInside',
  partMissing: 'bundlePartGone',
  partRetired: 'bundlePartGone',
  partNotForSale: 'bundlePartNotForSale',
  unmapped: 'bundleUnmapped',
  partOutOfStock: 'bundleOutOfStock',
  outOfStock: 'bundleOutOfStock',
  dearerThanParts: 'bundleDearer',
  noSaving: 'bundleNoSaving',
  givenAway: 'bundleLowMargin',
  lowMargin: 'bundleLowMargin',
  sameContents: 'bundleTwin',
}

/** Every check by itself, in the plainest way. */
function naive({ catalogue, links, kinds }: Shop): Record<ProductCheck, string[]> {
  const found = Object.fromEntries(productChecks.map(check => [check, [] as string[]])) as Record<ProductCheck, string[]>
  const inUse = [...kinds.values()].filter(kind => !kind.retired)
  const productOf = (sku: string) => catalogue.item(sku)?.product
  for (const source of catalogue.products.filter(each => each.status === 'active')) {
    const lanes = inUse.map(kind => ({
      kind,
      all: links.lane(source.sku, kind.key),
      lane: links.lane(source.sku, kind.key).filter(link => catalogue.item(link.target)),
    }))
    for (const { kind, all, lane } of lanes) {
      const at = (check: ProductCheck, target = '') => found[check].push(`${source.sku} ${kind.key} ${target}`)
      if (lane.length && lane.every(link => stockOf(catalogue.item(link.target)!.product, catalogue.item(link.target)!.variant) === 0))
        at('laneOutOfStock')
      if (all.length > kind.ceiling!) at('overCeiling')
      for (const link of lane) {
        const { product, variant } = catalogue.item(link.target)!
        const price = priceOf(product, variant)
        const isGone = product.status === 'retired' || variant?.status === 'retired'
        if (timeOf(link, now) === 'over') at('linkOver', link.target)
        else if (isGone) at('targetRetired', link.target)
        else if (!isForSale(product, variant, now)) at('targetNotForSale', link.target)
        else if (stockOf(product, variant) === 0) at('targetOutOfStock', link.target)
        else if (source.price !== null && kind.key === 'upsell' && price! < source.price) at('cheaperThanSource', link.target)
        else if (source.price !== null && kind.key === 'accessory' && price! > source.price) at('dearerThanSource', link.target)
        if (
          kind.key === 'accessory' &&
          inUse.some(each => each.key === 'upsell') &&
          links.lane(source.sku, 'upsell').some(each => productOf(each.target) === product)
        )
          at('severalLanes', link.target)
        if (kind.mutual && !isGone && !links.lane(product.sku, kind.key).some(back => productOf(back.target) === source))
          at('returnMissing', link.target)
      }
    }
    if (source.bundle)
      for (const each of naiveBundleProblems(source.sku, source.bundle, catalogue, now))
        found[checkOf[each.split(' ')[0]!]!].push(`${source.sku}  ${each.split(' ')[1]}`)
    const isTarget = catalogue.products.some(from =>
      inUse.some(kind => links.lane(from.sku, kind.key).some(link => productOf(link.target) === source)),
    )
    if (!isTarget && isForSale(source, null, now)) found.notLinkedTo.push(`${source.sku}  `)
  }
  return Object.fromEntries(Object.entries(found).map(([check, all]) => [check, all.sort()])) as Record<ProductCheck, string[]>
}

describe('the book of findings', () => {
  it('finds what each check by itself finds', () => {
    fc.assert(
      fc.property(shops, shop => {
        const book = booked(shop)
        expect(told(book)).toEqual(naive(shop))
        for (const check of productChecks) expect(book.count(check)).toBe(naive(shop)[check].length)
      }),
      { numRuns: 400 },
    )
  })

  it('stays what a fresh one is, when lanes change', () => {
    const anyLane = fc.uniqueArray(fc.constantFrom(...skus, 'A-1', 'GONE'), { maxLength: 4 })
    const anyEdit = fc.record({ source: fc.constantFrom(...skus), kind: fc.constantFrom('upsell', 'accessory'), targets: anyLane })
    fc.assert(
      fc.property(shops, fc.array(anyEdit, { minLength: 1, maxLength: 5 }), fc.nat(6), (shop, edits, pauses) => {
        // Some of the edits come while the products are still looked at.
        const book = new FindingBook(shop, () => false, positionOf)
        const checking = book.checking(now)
        for (let i = 0; i < pauses; i++) checking.next()
        const again = new Set<number>()
        const edit = ({ source, kind, targets }: (typeof edits)[0]) => {
          const before = shop.links.lane(source, kind)
          const after = targets.map(target => ({ target }))
          ;(shop.links as LinkIndex).setLane(source, kind, after)
          for (const position of book.relinked({ owner: source, key: kind, before, after })) again.add(position)
        }
        edit(edits[0]!)
        while (!checking.next().done);
        for (const each of edits.slice(1)) edit(each)
        book.recheck(again, now)
        expect(told(book)).toEqual(naive(shop))
      }),
      { numRuns: 300 },
    )
  })

  it('gives any part of what a check found, in order', () => {
    fc.assert(
      fc.property(shops, fc.constantFrom(...productChecks), fc.nat(12), (shop, check, from) => {
        const book = booked(shop)
        const all = [...book.findings(check, 0, now)]
        expect([...book.findings(check, from, now)]).toEqual(all.slice(from))
      }),
      { numRuns: 200 },
    )
  })

  it('leaves out what was put aside', () => {
    fc.assert(
      fc.property(shops, fc.integer({ min: 0, max: 3 }), (shop, nth) => {
        const all = productChecks.flatMap(check => [...booked(shop).findings(check, 0, now)])
        const aside = all.filter((_, i) => i % 4 === nth)
        const keys = new Set(aside.map(each => `${each.source} ${findingKey(each)}`))
        const left = booked(shop, each => keys.has(`${each.source} ${findingKey(each)}`))
        expect(productChecks.flatMap(check => [...left.findings(check, 0, now)])).toEqual(all.filter(each => !aside.includes(each)))
      }),
      { numRuns: 100 },
    )
  })
})

describe('checks', () => {
  it('are found either product by product or section by section', () => {
    expect(anyCheck.options.filter(isProductCheck).sort()).toEqual([...productChecks].sort())
  })
})
