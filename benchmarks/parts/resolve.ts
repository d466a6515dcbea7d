import { bundleAsProduct } from '../../core/bundles/bundleProduct'
import { LinkIndex } from '../../core/links/linkIndex'
import type { FillStep } from '../../core/fillSteps/fillStep'
import { linkStep } from '../../core/fillSteps/fillStep'
import { makePlan, makeSection } from '../../core/sections/makeSection.testing'
import { PlanBook } from '../../core/pagePlans/planBook'
import { makeShop, makeShopper } from '../../core/selection/makeShop.testing'
import { resolvePage } from '../../core/selection/resolvePage'
import type { Shop } from '../../core/selection/shop'
import { randomOf } from '../../demo/random'
import type { LargeShop } from '../largeShop'
import { kinds } from '../largeShop'
import { momentIn } from '../../core/time/moment'
import type { Part } from '../part'
import { ms, row } from '../part'
import { percentile } from '../statistics'

const common = { subjects: 'page', cap: null, off: false } as const

/** Links picked by hand alone: a section for each kind, and the cross-sells of the cart. */
export const linked: FillStep[][] = [...kinds.map(kind => [linkStep(kind)]), [linkStep('cross-sell', 'cart')]]

/** Three of five sections have no links to show and fall through to rules and shared traits. */
const falling: FillStep[][] = [
  [linkStep('related')],
  [linkStep('cross-sell', 'cart')],
  [
    linkStep('nobody-linked'),
    {
      from: 'rule',
      order: 'best-selling',
      ...common,
      rule: {
        when: { price: { from: 1000 } },
        pick: { all: [{ category: 'same' }, { pricePercent: { from: 110, to: 200 } }, { none: [{ brand: 'same' }] }] },
      },
    },
  ],
  [
    linkStep('nobody-linked'),
    {
      from: 'rule',
      order: 'cheapest',
      ...common,
      rule: { when: { all: [] }, pick: { all: [{ attribute: 'fits', sourceAttribute: 'fits' }, { sharedTags: 1 }] } },
    },
  ],
  [
    linkStep('nobody-linked'),
    { from: 'traits', traits: ['category', 'brand', 'tag'], attribute: 'size', least: 2, order: 'strength', ...common },
  ],
]

/** Rules that no list of products narrows down, three of them with nothing to pick: the worst there is. */
const wide: FillStep[][] = [
  { none: [{ price: { from: 0 } }] },
  { all: [{ brand: 'different' as const }, { none: [{ stock: { from: 0 } }] }] },
  { all: [{ category: 'different' as const }, { sharedTags: 3 }, { price: { to: 99 } }] },
  { any: [{ brand: 'same' as const }, { none: [{ category: 'same' as const }] }] },
  { all: [{ brand: 'different' as const }, { pricePercent: { from: 110, to: 200 } }, { none: [{ sharedTags: 1 }] }] },
].map(pick => [{ from: 'rule', order: 'cheapest', ...common, rule: { when: { all: [] }, pick } }])

/** The large shop as the core holds it. */
export function inMemory({ products, categories, lanes, skuOf }: LargeShop): Shop {
  const links = new LinkIndex()
  for (const { source, kind, targets } of lanes())
    links.setLane(
      skuOf(source),
      kind,
      targets.map(target => ({ target: skuOf(target) })),
    )
  const shop = makeShop(products, { categories, links })
  // Bundles as the live shop has them: with the price and the stock that follow from their parts.
  const priced = products.map(product => (product.bundle ? bundleAsProduct(product, shop.catalogue) : product))
  return makeShop(priced, { categories, links })
}

/** The shop with these sections on its product pages. */
export const withSections = (shop: Shop, sections: FillStep[][]): Shop => ({
  ...shop,
  sections: new Map(sections.map((steps, i) => [`s${i}`, makeSection(`s${i}`, { steps })])),
  plans: new PlanBook([
    makePlan(
      'product',
      sections.map((_, i) => `s${i}`),
    ),
  ]),
})

/**
 * Milliseconds that resolving a product page takes in the core: median and 99th percentile, with links alone, with rules, and with the
 * worst rules.
 */
function measureResolve(shop: Shop, pages: number) {
  const { products } = shop.catalogue
  const measured = (sections: FillStep[][]) => measure(withSections(shop, sections), products, pages)
  return { links: measured(linked), rules: measured(falling), wide: measured(wide) }
}

function measure(shop: Shop, products: readonly { sku: string }[], pages: number) {
  const random = randomOf('pages')
  const at = momentIn('UTC')
  const times: number[] = []
  let shown = 0
  for (let i = 0; i < pages; i++) {
    const page = { kind: 'product' as const, sku: random.pick(products).sku }
    const cart = [random.pick(products).sku, random.pick(products).sku, random.pick(products).sku]
    const start = performance.now()
    const resolved = resolvePage(shop, page, makeShopper({ cart, at }))
    times.push(performance.now() - start)
    shown += resolved.sections.reduce((sum, section) => sum + section.items.length, 0)
  }
  return { median: percentile(times, 50), p99: percentile(times, 99), shownPerPage: shown / pages }
}

/** Pages worked out in memory, without a server. */
export const resolve: Part = {
  name: 'resolve',
  measure({ shop }) {
    const { links, rules, wide } = measureResolve(inMemory(shop), 50_000)
    const rows = Object.entries({
      'linked by hand': links,
      'three of them filled by rules': rules,
      'all of them by rules that nothing narrows down': wide,
    }).flatMap(([what, measured]) => [
      row(`resolve a product page of 5 sections, ${what}, median`, ms(measured.median), '≤ 0.5 ms'),
      row(`resolve a product page of 5 sections, ${what}, p99`, ms(measured.p99), '≤ 3 ms'),
      row(`products shown on such a page, ${what}`, measured.shownPerPage.toFixed(1)),
    ])
    return Promise.resolve(rows)
  },
}
