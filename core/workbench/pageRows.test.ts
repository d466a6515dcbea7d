import { makeSettings } from '../catalogue/makeSettings.testing'
import { describe, expect, it } from 'vitest'
import type { Category } from '../catalogue/catalogue'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct } from '../catalogue/makeProduct.testing'
import { allCount } from '../catalogue/neighbours'
import { LinkIndex } from '../links/linkIndex'
import { makeIndex } from '../selection/makeShop.testing'
import { workbenchProductSchema, productRowSchema } from './workbench'
import { pagesWith, toBenchPage, toPageRow } from './pageRows'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const products = [
  makeProduct('SMO', { name: { en: 'Smoker' }, categories: ['smokers'], image: '/smoker.svg', price: 4000, stock: 3 }),
  makeProduct('OLD', { name: { en: 'Old smoker' }, categories: ['smokers'], image: '/old.svg', status: 'retired' }),
]
const categories: Category[] = [
  { key: 'tools', name: { en: 'Tools', de: 'Werkzeug' }, parent: null },
  { key: 'smokers', name: { en: 'Smokers' }, parent: 'tools' },
  { key: 'jars', name: { en: 'Jars' }, parent: null },
]
const articles = [{ key: 'spring', title: { en: 'In spring' }, body: {}, image: '/spring.svg', products: ['SMO', 'OLD', 'GONE'] }]
const lanes: Record<string, string[]> = { 'article:spring': ['SMO', 'OLD', 'GONE'], 'category:tools': ['smokers', 'gone'] }
const shop = {
  catalogue: new Catalogue(products, categories, articles),
  links: new LinkIndex(),
  kinds: new Map(),
  neighboursOf: () => allCount,
  sold: new Map([
    ['OLD', 90],
    ['SMO', 7],
  ]),
  index: makeIndex(products, { sold: sku => ({ OLD: 90, SMO: 7 })[sku] ?? 0 }),
  pageLane: (source: string) => (lanes[source] ?? []).map(target => ({ target })),
  settings: makeSettings(),
}

describe('articles and categories as rows', () => {
  it('have a name, a picture of their own or of the best seller that is for sale, and how much their lane has', () => {
    expect(productRowSchema.parse(toPageRow('category', 'tools', shop, at))).toMatchObject({
      sku: 'tools',
      name: 'Tools',
      brand: null,
      image: '/smoker.svg',
      links: { 'related-categories': 2 },
    })
    expect(toPageRow('category', 'smokers', shop, at)).toMatchObject({
      name: 'Smokers',
      brand: 'Tools',
      image: '/smoker.svg',
      links: { 'related-categories': 0 },
    })
    expect(toPageRow('category', 'jars', shop, at).image).toBeNull()
    expect(toPageRow('article', 'spring', shop, at)).toMatchObject({
      sku: 'spring',
      name: 'In spring',
      image: '/spring.svg',
      links: { named: 3 },
    })
  })

  it('are found by beginnings of words of their name, key, or the category above', () => {
    const keys = categories.map(each => each.key)
    expect(pagesWith('smo', 'category', keys, shop)).toEqual(['smokers'])
    expect(pagesWith('to', 'category', keys, shop)).toEqual(['tools', 'smokers'])
    expect(pagesWith('', 'category', keys, shop)).toEqual(keys)
    expect(pagesWith('SPRING in', 'article', ['spring'], shop)).toEqual(['spring'])
  })
})

describe('articles and categories on the bench', () => {
  it('have one lane, of what the shop still has, with what is wrong with it', () => {
    const article = workbenchProductSchema.parse(toBenchPage('article:spring', shop, at))
    expect([article.page, article.sku, article.name]).toEqual(['article', 'article:spring', 'In spring'])
    expect(article.lanes.named!.map(row => [row.target, row.price, row.difference, row.problem])).toEqual([
      ['SMO', 4000, null, null],
      ['OLD', 1000, null, 'retired'],
    ])
    const category = workbenchProductSchema.parse(toBenchPage('category:tools', shop, at))
    expect(category.lanes['related-categories']!.map(row => [row.target, row.sku, row.name, row.image])).toEqual([
      ['smokers', 'category:smokers', 'Smokers', '/smoker.svg'],
    ])
    expect([toBenchPage('article:gone', shop, at), toBenchPage('category:gone', shop, at)]).toEqual([null, null])
  })
})
