import type { ShopContents } from '../server/store/port'
import { articles } from './articles'
import { categories } from './categories'
import { makeOrders } from './orders'
import { brandMark } from './pictures/drawMarks'
import { items } from './products'
import type { Brand } from './products/item'
import { brands } from './products/item'
import type { PictureFile } from './toProduct'
import { toProduct } from './toProduct'

const brandKeys = Object.keys(brands) as Brand[]
const markFile = (brand: Brand) => `mark-${brand}.svg`

/** Larkmoor Bee Supply: an invented shop for beekeepers. The same every time. */
export function makeDemoShop(): { contents: ShopContents; pictures: PictureFile[]; marks: { brand: string; image: string }[] } {
  const made = items.map((item, i) => toProduct(item, i + 1))
  const products = made.map(each => each.product)
  return {
    contents: {
      settings: {
        name: 'Larkmoor Bee Supply',
        currency: 'EUR',
        language: 'en',
        languages: ['en', 'de'],
        productUrl: '/shop/products/{sku}',
        timeZone: 'Europe/London',
        few: 5,
        emptyStock: 'untracked',
        welcome: {
          en: 'Everything for the hive, the harvest and the garden around them.',
          de: 'Alles für die Beute, die Ernte und den Garten ringsum.',
        },
      },
      categories,
      products,
      articles,
      orders: makeOrders(products),
    },
    pictures: [
      ...new Map(made.flatMap(each => each.pictures).map(file => [file.name, file])).values(),
      ...brandKeys.map(brand => ({ name: markFile(brand), svg: brandMark(brand) })),
    ],
    marks: brandKeys.map(brand => ({ brand: brands[brand], image: `/pictures/${markFile(brand)}` })),
  }
}
