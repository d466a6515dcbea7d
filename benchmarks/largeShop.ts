import type { Random } from '../demo/random'
import { randomOf } from '../demo/random'
import type { Bundle } from '../core/catalogue/bundle'
import type { Category } from '../core/catalogue/catalogue'
import type { Product, Variant } from '../core/catalogue/product'
import { makeProduct, makeVariant } from '../core/catalogue/makeProduct.testing'
import type { Order } from '../server/store/orders'

const brands = Array.from({ length: 60 }, (_, i) => `Brand ${i + 1}`)
const tags = Array.from({ length: 200 }, (_, i) => `tag${i + 1}`)
const nouns = [
  'smoker',
  'frame',
  'jacket',
  'extractor',
  'jar',
  'feeder',
  'strainer',
  'tool',
  'suit',
  'label',
  'queen cage',
  'seed',
  'book',
  'glove',
  'tank',
]
const adjectives = ['small', 'large', 'steel', 'wooden', 'soft', 'heavy', 'blue', 'green', 'folding', 'spare', 'heated', 'plain']

const german = ['kleiner', 'großer', 'stählerner', 'hölzerner', 'weicher', 'schwerer', 'blauer', 'grüner', 'faltbarer', 'beheizter']
const colours = ['white', 'sage', 'ochre']
const sizes = ['S', 'M', 'L', 'XL']
/** Distinct values of the attribute that says what fits what. */
const modelCount = 20_000
const bundleCount = 500
const orderCount = 20_000

export const pictureCount = 100
export const kinds = ['related', 'upsell', 'cross-sell', 'accessory']

/** Three in ten products come in sizes and colours, some of them at prices of their own. */
function variantsOf(sku: string, random: Random): Variant[] {
  if (!random.percent(30)) return []
  const all = colours.slice(0, random.whole(1, 3)).flatMap(colour => sizes.slice(0, random.whole(1, 4)).map(size => ({ colour, size })))
  return all.map(options =>
    makeVariant(`${sku}-${options.colour.slice(0, 2).toUpperCase()}-${options.size}`, {
      options,
      price: random.percent(20) ? random.whole(100, 90_000) : null,
      stock: random.percent(15) ? 0 : random.whole(1, 60),
    }),
  )
}

function sentences(words: readonly string[], random: Random): string {
  return Array.from({ length: random.whole(20, 60) }, () => random.pick(words)).join(' ')
}

/** Always the same parts, or any so many out of a set. */
function bundleOf(skus: readonly string[], random: Random): Bundle {
  const price = { by: 'percent' as const, percent: random.whole(5, 25) }
  if (random.percent(70))
    return {
      type: 'fixed',
      components: skus.slice(0, 4).map((sku, i) => ({ key: `part-${i + 1}`, sku, quantity: 1 })),
      price,
      marginFloor: null,
    }
  return {
    type: 'pickAny',
    set: [...skus],
    least: 2,
    most: 5,
    repeats: false,
    steps: [{ count: 3, percent: 10 }],
    marginFloor: null,
  }
}

/**
 * A large shop from a seed: as many products as wanted in 100 categories, in two languages, many with variants, with 20,000 values of one
 * attribute; bundles and past orders; and links evenly over all kinds.
 */
export function makeLargeShop(productCount: number, linkCount: number) {
  const random = randomOf('large shop')
  const categories: Category[] = Array.from({ length: 100 }, (_, i) => ({
    key: `c${i + 1}`,
    name: { en: `Category ${i + 1}`, de: `Abteilung ${i + 1}` },
    parent: i < 10 ? null : `c${(i % 10) + 1}`,
  }))
  const skuOf = (i: number) => `P${String(i).padStart(6, '0')}`
  const singles: Product[] = Array.from({ length: productCount - bundleCount }, (_, i) => {
    const noun = random.pick(nouns)
    return makeProduct(skuOf(i), {
      name: { en: `${random.pick(adjectives)} ${noun} ${i}`, de: `${random.pick(german)} ${noun} ${i}` },
      description: { en: sentences([...adjectives, ...nouns], random), de: sentences([...german, ...nouns], random) },
      brand: random.pick(brands),
      categories: [random.pick(categories).key],
      tags: [random.pick(tags), random.pick(tags), random.pick(tags)].filter((tag, n, all) => all.indexOf(tag) === n),
      price: random.whole(100, 90_000),
      cost: random.whole(50, 400),
      stock: random.percent(8) ? 0 : random.whole(1, 200),
      status: random.percent(3) ? 'draft' : 'active',
      attributes: { size: [random.pick(adjectives)], fits: [random.pick(nouns)], model: [`M-${i % modelCount}`] },
      image: `/pictures/${i % pictureCount}.svg`,
      variants: variantsOf(skuOf(i), random),
    })
  })
  const sold = singles.filter(each => each.status === 'active')
  const bundles = Array.from({ length: bundleCount }, (_, i) =>
    makeProduct(skuOf(singles.length + i), {
      name: { en: `Set ${i + 1}`, de: `Paket ${i + 1}` },
      categories: [random.pick(categories).key],
      price: null,
      stock: 0,
      bundle: bundleOf([...new Set(Array.from({ length: 8 }, () => random.pick(sold).sku))], random),
    }),
  )
  const products = [...singles, ...bundles]
  const soldSku = ({ sku, variants }: Product) => (variants.length ? random.pick(variants).sku : sku)
  const orders: Order[] = Array.from({ length: orderCount }, (_, i) => ({
    number: `B-${i + 1}`,
    placed: new Date(Date.UTC(2026, 0, 1 + (i % 300), i % 24)).toISOString(),
    lines: [...new Set(Array.from({ length: random.whole(1, 6) }, () => soldSku(random.pick(sold))))].map(sku => ({
      sku,
      quantity: 1,
      unitPrice: 1000,
    })),
  }))

  const perLane = linkCount / productCount / kinds.length
  /** Lanes one by one, the same each time: source and targets as places in the list of products. */
  function* lanes(): Generator<{ source: number; kind: string; targets: number[] }> {
    const random = randomOf('links')
    for (let source = 0; source < productCount; source++) {
      for (const [k, kind] of kinds.entries()) {
        const length = Math.floor(perLane * (source * kinds.length + k + 1)) - Math.floor(perLane * (source * kinds.length + k))
        const targets = new Set<number>()
        while (targets.size < length) {
          const target = random.whole(0, productCount - 1)
          if (target !== source) targets.add(target)
        }
        yield { source, kind, targets: [...targets] }
      }
    }
  }
  return { categories, products, orders, lanes, skuOf }
}
export type LargeShop = ReturnType<typeof makeLargeShop>
