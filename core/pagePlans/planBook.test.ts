import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { anyPage, anyPlainShop, shopOf } from '../selection/anyShop.testing'
import { makePlan } from '../sections/makeSection.testing'
import type { PlanScope } from './pagePlan'
import { emptyScope } from './pagePlan'
import { PlanBook } from './planBook'

const categories = new Catalogue(
  [],
  [
    { key: 'bees', parent: null },
    { key: 'hives', parent: 'bees' },
    { key: 'frames', parent: 'hives' },
  ].map(each => ({ name: {}, ...each })),
  [],
)
const extractor = makeProduct('EX-1', { tags: ['gift', 'bulk'], brand: 'Alder', categories: ['frames'], price: 2000 })
const only = (scope: Partial<PlanScope>, key: string, rank = 0) =>
  makePlan('product', [], { key, rank, scope: { ...emptyScope, ...scope } })
const everyPage = makePlan('product', [])
const about = { products: [extractor], category: null }

describe('which plan a page gets', () => {
  const plans = {
    product: only({ products: ['EX-1'] }, 'product', 9),
    tag: only({ tags: ['bulk'] }, 'tag', 9),
    brand: only({ brands: ['Alder'] }, 'brand', 9),
    deep: only({ categories: ['hives'] }, 'deep', 9),
    shallow: only({ categories: ['bees'] }, 'shallow', 0),
    price: only({ price: { from: 1000, to: 2000 } }, 'price', 0),
  }
  it('is that of the most specific assignment, whatever the ranks are', () => {
    const inOrder = [plans.product, plans.tag, plans.brand, plans.deep, plans.shallow, plans.price, everyPage]
    for (const [i, expected] of inOrder.entries()) {
      const book = new PlanBook(inOrder.slice(i).reverse())
      expect(book.planFor('product', about, categories)).toBe(expected)
      expect(book.matching('product', about, categories).map(each => each.plan)).toEqual(inOrder.slice(i))
    }
  })

  it('says the strongest reason that a plan has', () => {
    const both = only({ categories: ['bees', 'hives'], tags: ['gift'] }, 'both')
    const reasonOf = (plan: typeof both) => new PlanBook([plan, everyPage]).matching('product', about, categories)[0]!.reason
    expect(reasonOf(both)).toEqual({ by: 'tag', name: 'gift' })
    expect(reasonOf(only({ categories: ['bees', 'hives'] }, 'deep'))).toEqual({ by: 'category', name: 'hives', depth: 2 })
    expect(reasonOf(only({ tags: ['unknown'] }, 'other'))).toEqual({ by: 'default' })
  })

  it('is of equal ones the first by rank, and then by key', () => {
    const [a, b, c] = [only({ tags: ['gift'] }, 'a', 2), only({ tags: ['bulk'] }, 'b', 1), only({ tags: ['bulk', 'gift'] }, 'c', 1)]
    expect(new PlanBook([a!, c!, b!, everyPage]).planFor('product', about, categories)).toBe(b)
    expect(new PlanBook([a!, c!, everyPage]).planFor('product', about, categories)).toBe(c)
  })

  it('asks the products of a cart or an article together, and of a category page the category', () => {
    const gifts = makePlan('cart', [], { key: 'gifts', scope: { ...emptyScope, tags: ['gift'] } })
    const hives = makePlan('category', [], { key: 'hives', scope: { ...emptyScope, categories: ['hives'], tags: ['gift'] } })
    const book = new PlanBook([makePlan('cart', []), gifts, makePlan('category', []), hives])
    expect(book.planFor('cart', { products: [makeProduct('A'), extractor], category: null }, categories)).toBe(gifts)
    expect(book.planFor('cart', { products: [], category: null }, categories).key).toBe('cart-default')
    expect(book.planFor('category', { products: [], category: 'frames' }, categories)).toBe(hives)
    expect(book.planFor('category', { products: [], category: 'bees' }, categories).key).toBe('category-default')
    expect(book.planFor('category', { products: [], category: 'gone' }, categories).key).toBe('category-default')
  })

  it('is the first of all that are for a page, on any shop', () => {
    fc.assert(
      fc.property(anyPlainShop, anyPage, (plain, page) => {
        const { catalogue, plans } = shopOf(plain)
        const inCart = page.kind === 'cart' ? plain.products.slice(0, 3) : []
        const products = 'sku' in page ? plain.products.filter(each => each.sku === page.sku) : inCart
        const subject = { products, category: page.kind === 'category' ? page.key : null }
        const matching = plans.matching(page.kind, subject, catalogue)
        expect(plans.planFor(page.kind, subject, catalogue)).toBe(matching[0]!.plan)
        expect(matching.at(-1)!.reason).toEqual({ by: 'default' })
      }),
      { numRuns: 300 },
    )
  })
})
