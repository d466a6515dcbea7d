import { createHash } from 'node:crypto'
import { byCode } from '../text/codeOrder'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Gaps } from '../catalogue/gaps'
import { makeProduct } from '../catalogue/makeProduct.testing'
import type { Product } from '../catalogue/product'
import { Postings } from '../productSearch/postings'
import { completed } from '../steps'
import { productOf } from '../selection/anyShop.testing'
import { skus } from '../fillSteps/naiveStep.testing'
import type { SortOrder } from '../catalogue/sortOrders'
import { Ranks } from './ranks'
import type { ListName } from './selectionIndex'
import { SelectionIndex } from './selectionIndex'

const orders: SortOrder[] = ['cheapest', 'dearest', 'name', 'newest', 'oldest', 'best-selling', 'margin']
const lists: ListName[] = [
  'all',
  ['category', 'hives'],
  ['category', 'frames'],
  ['brand', 'Alder'],
  ['tag', 'oak'],
  ['attribute', 'fits=National'],
]
const facts = { nameOf: (product: Product) => product.name.en!, sold: (sku: string) => sku.charCodeAt(0) % 3, language: 'en' }
const build = (products: readonly Product[]) => completed(SelectionIndex.building(products, facts, completed(Postings.building(products))))

/** Puts products in the place of those before or behind the others, or takes some away by SKU, in a list and in the index of it. */
function changeSome(products: Product[], index: SelectionIndex, some: (Product | string)[]): void {
  const known = (sku: string) => products.findIndex(each => each.sku === sku)
  if (typeof some[0] === 'string') {
    const gaps = new Gaps(
      (some as string[]).map(known).filter(position => position >= 0),
      products.length,
    )
    index.remove(gaps)
    index.postings.remove(gaps, products)
    gaps.close(products)
    return
  }
  let size = products.length
  const placed = (some as Product[]).map(product => ({ product, position: known(product.sku) < 0 ? size++ : known(product.sku) }))
  for (const each of placed) index.postings.put(each, products[each.position] ?? null)
  index.put(placed)
  for (const { position, product } of placed) products[position] = product
}

describe('the selection index', () => {
  it('is after any changes as one built from the changed products', () => {
    const changed = fc.uniqueArray(fc.constantFrom(...skus, 'NEW-1', 'NEW-2', 'A0').chain(productOf), {
      maxLength: 12,
      selector: each => each.sku,
    })
    const later = fc.array(fc.oneof(changed, fc.subarray([...skus, 'NEW-1', 'NEW-2'], { maxLength: 10 })), { maxLength: 6 })
    const asked = fc.subarray(lists.flatMap(list => orders.map(order => ({ list, order }))))
    fc.assert(
      fc.property(fc.tuple(...skus.map(productOf)), later, asked, (before, changes, early) => {
        const products = [...before]
        const index = build(products)
        // What was asked for earlier is kept in order; what was not is put in order when it is.
        for (const { list, order } of early) index.list(list, order)
        for (const some of changes) changeSome(products, index, some)
        const fresh = build(products)
        expect(new Map(index.postings.attributeValues)).toEqual(new Map(fresh.postings.attributeValues))
        for (const list of lists) {
          expect(index.positions(list)).toEqual(fresh.positions(list))
          for (const order of orders) expect([list, order, index.list(list, order)]).toEqual([list, order, fresh.list(list, order)])
        }
        expect(products.map((_, position) => index.hashAt(position))).toEqual(products.map((_, position) => fresh.hashAt(position)))
        expect(products.map(each => index.postings.positionOf(each.sku))).toEqual([...products.keys()])
      }),
      { numRuns: 300 },
    )
  }, 120_000)
})

describe('a part of an order', () => {
  it('has the products between two places, before and after a change', () => {
    const products = Array.from({ length: 5000 }, (_, i) => makeProduct(`P${i}`, { price: (i * 7919) % 5003 }))
    const index = build(products)
    fc.assert(
      fc.property(fc.nat(5000), fc.nat(5000), fc.option(fc.tuple(fc.nat(4999), fc.nat(5003))), (one, other, change) => {
        if (change) index.put([{ position: change[0], product: { ...index.productAt(change[0]), price: change[1] } }])
        const [from, to] = [Math.min(one, other), Math.max(one, other)]
        expect(index.partBitmap('cheapest', from, to).positions()).toEqual(
          index
            .list('all', 'cheapest')
            .slice(from, to)
            .sort((a, b) => a - b),
        )
      }),
    )
  })
})

/** The same for the same text, and in no order. */
const hash = (text: string) => createHash('md5').update(text).digest('hex')

describe('ranks', () => {
  it('compare as their texts do, whatever is put in later', () => {
    const text = fc.string({ maxLength: 2, unit: fc.constantFrom('a', 'b', 'c') })
    fc.assert(
      fc.property(fc.array(text), fc.array(fc.array(fc.tuple(fc.nat(20), text), { maxLength: 20 }), { maxLength: 20 }), (first, rounds) => {
        const texts = [...first]
        const ranks = completed(Ranks.building([...first], byCode))
        for (const puts of rounds) {
          const wanted = new Map<number, string>()
          let size = texts.length
          for (const [place, value] of puts) wanted.set(place < texts.length ? place : size++, value)
          ranks.put([...wanted])
          for (const [place, value] of wanted) texts[place] = value
        }
        for (const [i, a] of texts.entries())
          for (const [j, b] of texts.entries()) expect(Math.sign(ranks.ranks[i]! - ranks.ranks[j]!)).toBe(byCode(a, b))
      }),
    )
  })

  it.each(['ascending', 'descending', 'shuffled'])('find room in the same place again and again, %s, many at once', order => {
    const others = Array.from({ length: 300 }, (_, i) => `${i < 150 ? 'a' : 'z'}${String(i).padStart(3, '0')}`)
    const ascending = Array.from({ length: 6000 }, (_, i) => `b${String(Math.floor(i / 1.5)).padStart(4, '0')}`)
    const texts = { ascending, descending: ascending.toReversed(), shuffled: ascending.toSorted((a, b) => byCode(hash(a), hash(b))) }[
      order
    ]!
    const ranks = completed(Ranks.building([...others], byCode))
    for (let from = 0; from < texts.length; from += 25)
      ranks.put(texts.slice(from, from + 25).map((text, i) => [others.length + from + i, text]))
    const all = [...others, ...texts]
    const sorted = [...all.keys()].sort((a, b) => byCode(all[a]!, all[b]!))
    for (const [i, position] of sorted.entries()) {
      const before = sorted[i - 1]
      if (before === undefined) continue
      expect(Math.sign(ranks.ranks[position]! - ranks.ranks[before]!)).toBe(byCode(all[position]!, all[before]!))
    }
  })
})
