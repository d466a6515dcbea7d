import { randomOf } from '../demo/random'
import type { Category } from '../core/catalogue/catalogue'
import type { Product } from '../core/catalogue/product'
import { makeProduct } from '../core/catalogue/makeProduct.testing'

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

export const pictureCount = 100
export const kinds = ['related', 'upsell', 'cross-sell', 'accessory']

/** A large shop from a seed: as many products as wanted in 100 categories, and links evenly over all kinds. */
export function makeLargeShop(productCount: number, linkCount: number) {
  const random = randomOf('large shop')
  const categories: Category[] = Array.from({ length: 100 }, (_, i) => ({
    key: `c${i + 1}`,
    name: { en: `Category ${i + 1}` },
    parent: i < 10 ? null : `c${(i % 10) + 1}`,
  }))
  const skuOf = (i: number) => `P${String(i).padStart(6, '0')}`
  const products: Product[] = Array.from({ length: productCount }, (_, i) =>
    makeProduct(skuOf(i), {
      name: { en: `${random.pick(adjectives)} ${random.pick(nouns)} ${i}` },
      brand: random.pick(brands),
      categories: [random.pick(categories).key],
      tags: [random.pick(tags), random.pick(tags), random.pick(tags)].filter((tag, n, all) => all.indexOf(tag) === n),
      price: random.whole(100, 90_000),
      stock: random.percent(8) ? 0 : random.whole(1, 200),
      status: random.percent(3) ? 'draft' : 'active',
      attributes: { size: [random.pick(adjectives)], fits: [random.pick(nouns)] },
      image: `/pictures/${i % pictureCount}.svg`,
    }),
  )

  const perLane = linkCount / productCount / kinds.length
  /** Lanes one by one: source and targets as places in the list of products. */
  function* lanes(): Generator<{ source: number; kind: string; targets: number[] }> {
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
  return { categories, products, lanes, skuOf }
}
