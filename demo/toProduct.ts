import { gtinCheckDigit } from '../core/catalogue/gtin'
import type { Product, Variant } from '../core/catalogue/product'
import { groundOf } from './categories'
import type { TintName } from './pictures/colours'
import { picture } from './pictures/picture'
import type { Choice, Item } from './products/item'
import { brands } from './products/item'
import { randomOf } from './random'

/** A picture file of the demo shop. */
export interface PictureFile {
  name: string
  svg: string
}

const cents = (euros: number) => Math.round(euros * 100)

/** A GTIN-13 with a prefix that GS1 keeps for use inside a company (20–29), so that it is nobody's. */
export function inHouseGtin(number: number): string {
  const body = `29${String(number).padStart(10, '0')}`
  return body + gtinCheckDigit(body)
}

/** The product of a demo item, and its pictures: one for the product and one for each colour it comes in. */
export function toProduct(item: Item, number: number): { product: Product; pictures: PictureFile[] } {
  const random = randomOf(item.sku)
  const ground = groundOf(item.in[0]!)
  const files = new Map<string, string>()
  const imageOf = (tint: TintName) => {
    const name = `${item.drawing}-${tint}-${ground}.svg`
    files.set(name, picture(item.drawing, tint, ground))
    return `/pictures/${name}`
  }

  const price = cents(item.price)
  const variants = combinations(item.options ?? {}).map((choices, i): Variant => {
    const extra = choices.reduce((sum, { choice }) => sum + (choice.extra ?? 0), 0)
    const tint = choices.map(({ choice }) => choice.tint).find(Boolean)
    return {
      sku: [item.sku, ...choices.map(({ choice }) => choice.code)].join('-'),
      gtin: inHouseGtin(number * 100 + i + 1),
      options: Object.fromEntries(choices.map(({ option, choice }) => [option, choice.value])),
      price: extra ? price + cents(extra) : null,
      stock: random.percent(9) ? 0 : random.whole(2, 60),
      status: null,
      image: tint ? imageOf(tint) : null,
    }
  })

  const product: Product = {
    sku: item.sku,
    gtin: variants.length ? null : inHouseGtin(number * 100),
    name: { en: item.name[0], de: item.name[1] },
    brand: brands[item.brand],
    categories: item.in,
    tags: item.tags ?? [],
    price,
    was: item.was === undefined ? null : cents(item.was),
    cost: Math.round((price * random.whole(48, 68)) / 100),
    stock: item.stock ?? random.whole(4, 80),
    status: item.status ?? 'active',
    released: item.released ?? `${random.whole(2021, 2025)}-${String(random.whole(1, 12)).padStart(2, '0')}-01`,
    attributes: Object.fromEntries(Object.entries(item.facts ?? {}).map(([name, value]) => [name, [value].flat()])),
    image: imageOf(item.tint),
    description: { en: item.text },
    variants,
    bundle: null,
  }
  return { product, pictures: Array.from(files, ([name, svg]) => ({ name, svg })) }
}

type Chosen = { option: string; choice: Choice }[]

/** Every combination of the options' choices, the last option changing fastest. No options: no combinations. */
function combinations(options: Record<string, Choice[]>): Chosen[] {
  const all = Object.entries(options).reduce<Chosen[]>(
    (some, [option, choices]) => some.flatMap(chosen => choices.map(choice => [...chosen, { option, choice }])),
    [[]],
  )
  return all.filter(chosen => chosen.length)
}
