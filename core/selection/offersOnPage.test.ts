import fc from 'fast-check'
import { expect, it } from 'vitest'
import type { CatalogueItem } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import { LinkIndex } from '../links/linkIndex'
import { forAnyOf, makeOffer } from '../offers/makeOffer.testing'
import type { Offer } from '../offers/offer'
import { inOfferOrder } from '../offers/offered'
import { offerBlock, otherOffers } from '../pagePlans/block'
import { PlanBook } from '../pagePlans/planBook'
import type { PagePlan } from '../pagePlans/pagePlan'
import type { Page } from '../pageTypes/registry'
import { makePlan, makeSection } from '../sections/makeSection.testing'
import { anyPage, anyPlainShop, anyShopper, shopOf } from './anyShop.testing'
import { makeShop, makeShopper } from './makeShop.testing'
import { naiveResolve } from './naiveResolve.testing'
import { resolvePage } from './resolvePage'

const products = [
  makeProduct('EX'),
  makeProduct('SMO'),
  makeProduct('STR'),
  makeProduct('KNIFE'),
  makeProduct('NONE', { stock: 0 }),
  makeProduct('OLD', { status: 'retired' }),
  makeProduct('GLO', { variants: [makeVariant('GLO-M'), makeVariant('GLO-L')] }),
]
const skuOf = ({ product, variant }: CatalogueItem) => (variant ?? product).sku
const take = (key: string, skus: string[], part: Partial<Offer> = {}) => makeOffer(key, { offered: { by: 'chosen', skus }, ...part })

/** What stands on a page, section or offer, in its order. */
function told(offers: Offer[], page: Page, blocks: string[], { cart = [] as string[], plan = {} as Partial<PagePlan> } = {}) {
  const links = new LinkIndex()
  links.setLane('EX', 'accessory', [{ target: 'STR' }, { target: 'KNIFE' }, { target: 'GLO-M' }])
  const shop = makeShop(products, {
    links,
    offers: inOfferOrder(offers),
    sections: new Map([['more', makeSection('more', { places: 2 })]]),
    plans: new PlanBook([makePlan(page.kind, blocks, plan)]),
  })
  const resolved = resolvePage(shop, page, makeShopper({ cart }))
  const words = resolved.offers.map(
    ({ offer, product, items, left, hidden, zone, sectionsAbove }) =>
      `${zone ?? '-'} ${sectionsAbove} ${offer.key} for ${product.sku}: ` +
      `${items.map(skuOf).join()}${left.map(each => ` -${skuOf(each.item)} ${each.reason}`).join('')}${hidden ? ` (${hidden})` : ''}`,
  )
  return [...words, ...resolved.sections.map(each => `${each.section.key}: ${each.items.map(skuOf).join()}`)]
}
const onEX: Page = { kind: 'product', sku: 'EX' }

it('offers what can be had and is not in the cart', () => {
  const offers = [take('o', ['STR', 'NONE', 'OLD', 'KNIFE', 'GLO-M', 'EX', 'GONE'])]
  expect(told(offers, onEX, [otherOffers], { cart: ['KNIFE', 'GLO-L'] })).toEqual([
    'all 0 o for EX: STR,GLO-M -NONE outOfStock -OLD notForSale -KNIFE inCart',
  ])
  expect(told([take('o', ['GLO'])], onEX, [otherOffers], { cart: ['GLO-L'] })).toEqual(['all 0 o for EX:  -GLO inCart (nothingLeft)'])
})

it('shrinks an offer or makes none, by its own rule', () => {
  const hides = (skus: string[]) => told([take('o', skus, { partly: 'hide' })], onEX, [otherOffers])
  expect(hides(['STR', 'NONE'])).toEqual(['all 0 o for EX: STR -NONE outOfStock (partMissing)'])
  expect(hides(['STR', 'KNIFE'])).toEqual(['all 0 o for EX: STR,KNIFE'])
  expect(hides([])).toEqual(['all 0 o for EX:  (nothingLeft)'])
})

it('takes offers by rank, each for the first product that it has something for, and offers nothing twice', () => {
  const offers = [take('second', ['STR', 'KNIFE'], { rank: 2 }), take('first', ['EX', 'STR'], { rank: 1 })]
  expect(told(offers, { kind: 'cart' }, [otherOffers], { cart: ['EX', 'SMO'] })).toEqual([
    'all 0 first for EX: STR',
    'all 0 second for EX: KNIFE -STR offeredAbove',
  ])
  const either = take('o', ['SMO'], { trigger: forAnyOf({ products: ['EX', 'SMO'] }) })
  expect(told([either], { kind: 'cart' }, [otherOffers], { cart: ['SMO', 'EX', 'GLO'] })).toEqual(['all 0 o for SMO:  (nothingLeft)'])
})

it('shows nothing twice: what stands above is held back below, whichever shows it', () => {
  const offers = [take('o', ['STR', 'GLO-L'])]
  expect(told(offers, onEX, [otherOffers, 'more'])).toEqual(['all 0 o for EX: STR,GLO-L', 'more: KNIFE'])
  expect(told(offers, onEX, ['more', otherOffers])).toEqual(['all 1 o for EX: GLO-L -STR shownEarlier', 'more: STR,KNIFE'])
  expect(told(offers, onEX, ['more', otherOffers], { plan: { repeats: true } })).toEqual(['all 1 o for EX: STR,GLO-L', 'more: STR,KNIFE'])
})

it('makes an offer with a block of its own there, and the others where they stand', () => {
  const offers = [take('a', ['STR'], { rank: 1 }), take('b', ['STR', 'KNIFE'], { rank: 2 }), take('c', ['GLO'], { rank: 3 })]
  const zones = [
    { key: 'top', blocks: [offerBlock('b')] },
    { key: 'foot', blocks: [otherOffers] },
  ]
  expect(told(offers, onEX, [], { plan: { zones } })).toEqual([
    'top 0 b for EX: STR,KNIFE',
    'foot 0 a for EX:  -STR offeredAbove (nothingLeft)',
    'foot 0 c for EX: GLO',
  ])
  // Switched off it is not made with the others either; without a place it is said to have none.
  expect(told(offers, onEX, [], { plan: { zones, off: [offerBlock('b')] } })).toEqual([
    'top 0 b for EX:  (off)',
    'foot 0 a for EX: STR',
    'foot 0 c for EX: GLO',
  ])
  expect(told(offers, onEX, [offerBlock('c')])).toEqual(['all 0 c for EX: GLO', '- 0 a for EX:  (notOnPlan)', '- 0 b for EX:  (notOnPlan)'])
})

it('stands on pages about products alone', () => {
  const offers = [take('o', ['STR'])]
  expect(told(offers, { kind: 'added', sku: 'EX' }, [otherOffers])).toEqual(['all 0 o for EX: STR'])
  expect(told(offers, { kind: 'home' }, [otherOffers])).toEqual([])
})

it('shows no product twice on any page that must not, and tells every offer for the page once', () => {
  let offered = 0
  fc.assert(
    fc.property(anyPlainShop, anyPage, anyShopper, (plain, page, shopper) => {
      fc.pre(plain.offers.length > 0 && naiveResolve(plain, page, shopper) !== null)
      const guarded = { ...plain, sections: plain.sections.map(each => ({ ...each, guards: ['shownEarlier' as const] })) }
      const { plan, sections, offers } = resolvePage(shopOf(guarded), page, shopper)
      const made = offers.filter(each => !each.hidden)
      const all = [...sections.map(each => each.items), ...made.map(each => each.items)].map(
        items => new Set(items.map(each => each.product.sku)),
      )
      if (!plan.repeats) expect(new Set(all.flatMap(each => [...each])).size).toBe(all.reduce((sum, each) => sum + each.size, 0))
      expect(new Set(offers.map(each => each.offer.key)).size).toBe(offers.length)
      offered += made.length
    }),
    { numRuns: 1000 },
  )
  expect(offered).toBeGreaterThan(50)
})
