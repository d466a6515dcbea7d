import type { ShopContents } from '../server/db/catalogueStore'
import { articles } from './articles'
import { categories } from './categories'
import { makeOrders } from './orders'
import { items } from './products'
import type { PictureFile } from './toProduct'
import { toProduct } from './toProduct'

/** Larkmoor Bee Supply: an invented shop for beekeepers. The same every time. */
export function makeDemoShop(): { contents: ShopContents, pictures: PictureFile[] } {
  const made = items.map((item, i) => toProduct(item, i + 1))
  const products = made.map(each => each.product)
  return {
    contents: {
      settings: { name: 'Larkmoor Bee Supply', currency: 'EUR', language: 'en', languages: ['en', 'de'], productUrl: '/shop/products/{sku}' },
      categories, products, articles, orders: makeOrders(products),
    },
    pictures: Array.from(new Map(made.flatMap(each => each.pictures).map(file => [file.name, file])).values()),
  }
}
