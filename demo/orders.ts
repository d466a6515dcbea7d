import type { Product } from '../core/catalogue/product'
import type { Order } from '../server/store/orders'
import type { Random } from './random'
import { randomOf } from './random'

/** An occasion for shopping: when in the year, what starts the basket, and what else goes in how many times in a hundred. */
interface Occasion {
  /** How often it comes up in each month, January first. */
  months: number[]
  basket(random: Random): [sku: string, percent: number, quantity?: number][]
}

const standard = (random: Random) => random.pick(['NA', 'NA', 'NA', 'LA', 'LA', 'DA'])

/** What people come to the shop for. The patterns are what good recommendations should find. */
const occasions: Occasion[] = [
  {
    // the first hive
    months: [2, 5, 9, 8, 4, 1, 0, 0, 0, 0, 1, 4],
    basket: random => {
      const code = standard(random)
      return [
        [`HV-${code}`, 100],
        [`FR-${code}-B`, 72],
        [`WF-${code}-B`, 66],
        ['SMO-M', 44],
        ['JKT', 41],
        ['HT-S', 38],
        ['GLO-L', 30],
        ['BK-FIRST', 27],
        ['FUEL', 25],
        ['STRAP-1', 14],
      ]
    },
  },
  {
    // more room
    months: [2, 4, 8, 10, 9, 5, 2, 0, 0, 0, 0, 0],
    basket: random => {
      const code = standard(random)
      return [
        [`SU-${code}`, 100, 2],
        [`FR-${code}-S`, 81, 2],
        [`WF-${code}-S`, 74, 2],
        [`QX-${code}`, 33],
        ['NAIL-1', 22],
        ['EMB-1', 9],
        ['WIRE-1', 8],
      ]
    },
  },
  {
    // the harvest
    months: [0, 0, 0, 1, 3, 8, 12, 8, 2, 0, 0, 1],
    basket: random => {
      const [extractor, strainer] = random.pick([
        ['EX-210', 'STR-240'],
        ['EX-210', 'STR-240'],
        ['EX-310', 'STR-280'],
        ['EX-410', 'STR-280'],
        ['EX-900', 'STR-370'],
      ] as const)
      return [
        [extractor, 100],
        [strainer, 68],
        ['UF-21', 57],
        ['BKT-G', 34],
        ['TANK', 28],
        ['GATE-40', 24],
        ['CLOTH-1', 22],
        ['REF-1', 16],
        ['BK-HONEY', 11],
      ]
    },
  },
  {
    // jars for the honey
    months: [3, 2, 2, 2, 3, 8, 14, 16, 11, 7, 10, 9],
    basket: random => {
      const [jar, lid] = random.pick([
        ['JAR-500', 'LID-82'],
        ['JAR-500', 'LID-82'],
        ['JAR-250', 'LID-63'],
        ['JAR-HEX', 'LID-63'],
        ['JAR-125', 'LID-53'],
        ['JAR-1000', 'LID-82'],
      ] as const)
      return [
        [jar, 100, 3],
        [lid, 86, 3],
        ['LAB-250', 61],
        ['SEAL', 31],
        ['GIFT', jar === 'JAR-HEX' ? 42 : 9],
        ['CARTON', 12],
      ]
    },
  },
  {
    // protection
    months: [1, 3, 7, 9, 9, 6, 4, 2, 1, 0, 0, 2],
    basket: random => [
      [random.pick(['JKT', 'SUIT', 'JKT-O', 'SUIT-V', 'JKT-V']), 100],
      ['GLO-L', 48],
      ['GAIT', 17],
      ['VEIL-R', 8],
      ['SUIT-K', 7],
    ],
  },
  {
    // tools
    months: [2, 4, 7, 8, 7, 5, 4, 3, 2, 2, 1, 3],
    basket: random => [
      [random.pick(['SMO-M', 'SMO-S', 'SMO-L']), 100],
      ['FUEL', 76],
      [random.pick(['HT-S', 'HT-J']), 46],
      ['BRU-1', 24],
      ['SMO-BOX', 15],
      ['TBOX-1', 6],
    ],
  },
  {
    // stores for the winter
    months: [4, 5, 3, 1, 0, 0, 1, 8, 14, 8, 4, 5],
    basket: random => [
      [random.pick(['SYR', 'SYR', 'FOND']), 100, 2],
      ['FD-RAPID', 38],
      ['FD-FRAME', 15],
      ['EB-1', 19],
      ['STRIP', 16],
      ['PATTY', 8],
    ],
  },
  {
    // queens
    months: [0, 0, 1, 4, 9, 8, 4, 1, 0, 0, 0, 0],
    basket: () => [
      ['CUPS', 100],
      ['GRAFT-1', 52],
      ['CAGE-R', 47],
      ['BAR-1', 31],
      ['PEN', 44],
      ['TUBE-1', 29],
      ['CAGE-I', 26],
      ['BK-QUEEN', 19],
    ],
  },
  {
    // the garden
    months: [2, 6, 9, 8, 5, 2, 1, 1, 3, 6, 2, 3],
    basket: random => [
      [random.pick(['SEED-MEA', 'SEED-PHA', 'SEED-BOR', 'SEED-LAV']), 100, 2],
      ['SEED-PHA', 30],
      ['SEED-BOR', 26],
      ['BK-PLANT', 14],
      ['POUCH-1', 15],
      ['TREE-1', 6],
    ],
  },
  {
    // presents
    months: [0, 0, 0, 0, 1, 1, 0, 0, 0, 2, 9, 14],
    basket: random => [
      [random.pick(['BK-FIRST', 'BK-WAX', 'BK-PLANT', 'BK-HONEY']), 100],
      ['GIFT', 33],
      ['POUCH-1', 31],
      ['HAT', 8],
      ['LOG-1', 21],
    ],
  },
]

const orderCount = 4000
const firstDay = Date.parse('2025-11-01T00:00:00Z')
const day = 24 * 3600 * 1000

/** A year of orders, in the order they were placed. */
export function makeOrders(products: Product[]): Order[] {
  const bySku = new Map(products.map(each => [each.sku, each]))
  const random = randomOf('a year of orders')
  const calendar = occasions.flatMap(occasion =>
    occasion.months.flatMap((often, month) => Array.from({ length: often }, () => ({ occasion, month }))),
  )

  const orders = Array.from({ length: orderCount }, () => {
    const { occasion, month } = random.pick(calendar)
    const date = dayIn(month, random)
    const placed = new Date(date + random.whole(6 * 3600, 23 * 3600) * 1000).toISOString()
    const lines = occasion
      .basket(random)
      .filter(([, chance]) => random.percent(chance))
      .map(([sku, , most = 1]) => {
        const product = bySku.get(sku)!
        const variant = product.variants.length ? random.pick(product.variants) : null
        return { sku: (variant ?? product).sku, quantity: random.whole(1, most), unitPrice: (variant?.price ?? product.price)! }
      })
    return { placed, lines: lines.filter((line, i) => lines.findIndex(other => other.sku === line.sku) === i) }
  })
  return orders.sort((a, b) => (a.placed < b.placed ? -1 : 1)).map((order, i) => ({ number: `L${100001 + i}`, ...order }))
}

/** A day of the demo's year (November to October) that lies in the month, 0 for January. */
function dayIn(month: number, random: Random): number {
  for (;;) {
    const date = firstDay + random.whole(0, 364) * day
    if (new Date(date).getUTCMonth() === month) return date
  }
}
