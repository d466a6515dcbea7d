import { describe, expect, it } from 'vitest'
import { XMLValidator } from 'fast-xml-parser'
import { isGtin } from '../core/catalogue/gtin'
import { articleSchema, categorySchema, Catalogue } from '../core/catalogue/catalogue'
import { productSchema as productSchema } from '../core/catalogue/product'
import { bundleSkus } from './bundles'
import { links } from './links'
import { makeDemoShop } from './shop'

const { contents, pictures, marks } = makeDemoShop()
const { products, categories, articles, orders } = contents
const catalogue = new Catalogue(products, categories, articles)
const variants = products.flatMap(each => each.variants)

describe('the demo shop', () => {
  it('has a mark of every brand, each a picture of its own', () => {
    expect(new Set(marks.map(each => each.brand))).toEqual(new Set(contents.products.flatMap(each => each.brand ?? [])))
    const files = new Map(pictures.map(({ name, svg }) => [`/pictures/${name}`, svg]))
    expect(new Set(marks.map(each => files.get(each.image))).size).toBe(marks.length)
    expect(marks.map(each => files.get(each.image))).not.toContain(undefined)
  })

  it('is the same every time', () => {
    expect(makeDemoShop()).toEqual({ contents, pictures, marks })
  })

  it('has the size of a small shop: products, variants, brands, a year of orders', () => {
    expect(products.length).toBeGreaterThan(140)
    expect(variants.length).toBeGreaterThan(300)
    expect(new Set(products.map(each => each.brand)).size).toBe(8)
    expect(orders.length).toBe(4000)
    const days = orders.map(each => Date.parse(each.placed) / 86_400_000)
    expect(Math.max(...days) - Math.min(...days)).toBeGreaterThan(340)
  })

  it('is valid, with no SKU or GTIN twice', () => {
    for (const each of products) productSchema.parse(each)
    for (const each of categories) categorySchema.parse(each)
    for (const each of articles) articleSchema.parse(each)
    const skus = [...products, ...variants].map(each => each.sku)
    expect(new Set(skus).size).toBe(skus.length)
    const gtins = [...products, ...variants].flatMap(each => each.gtin ?? [])
    expect(gtins.filter(gtin => !isGtin(gtin))).toEqual([])
    expect(new Set(gtins).size).toBe(gtins.length)
  })

  it('names only what it has: categories, products of articles, targets of links, lines of orders', () => {
    const keys = new Set(categories.map(each => each.key))
    expect(products.flatMap(each => each.categories).filter(key => !keys.has(key))).toEqual([])
    expect(categories.filter(each => each.parent !== null && !keys.has(each.parent))).toEqual([])
    const named = [
      ...articles.flatMap(each => each.products),
      ...Object.keys(links),
      ...Object.values(links).flatMap(lanes => Object.values(lanes).flat()),
      ...orders.flatMap(each => each.lines.map(line => line.sku)),
    ]
    expect(named.filter(sku => !catalogue.item(sku) && !bundleSkus.includes(sku))).toEqual([])
  })

  it('has a drawing, well-formed and without anything from elsewhere, for every picture that it names', () => {
    const files = new Set(pictures.map(each => `/pictures/${each.name}`))
    const images = [...products, ...variants, ...articles].flatMap(each => each.image ?? [])
    expect(images.filter(image => !files.has(image))).toEqual([])
    for (const { name, svg } of pictures) {
      expect(XMLValidator.validate(svg), name).toBe(true)
      expect(svg, name).not.toMatch(/href|url\(|<script|<image/)
    }
  })

  it('links frames and foundation only to hives of their standard', () => {
    for (const code of ['NA', 'LA', 'DA']) {
      const others = ['NA', 'LA', 'DA'].filter(each => each !== code).map(each => new RegExp(`^(FR|WF|QX)-${each}\\b`))
      expect(links[`HV-${code}`]!.accessory!.filter(sku => others.some(other => other.test(sku)))).toEqual([])
    }
  })

  it('has orders with patterns worth finding: the strainer of an extractor’s diameter is bought with it, and no other', () => {
    const withExtractor = orders.filter(order => order.lines.some(line => line.sku === 'EX-210'))
    const share = (sku: string) => withExtractor.filter(order => order.lines.some(line => line.sku === sku)).length / withExtractor.length
    expect(share('STR-240')).toBeGreaterThan(0.5)
    expect(share('STR-370')).toBeLessThan(0.05)
  })
})
