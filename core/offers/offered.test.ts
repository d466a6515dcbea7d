import { describe, expect, it } from 'vitest'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Link } from '../links/lane'
import { LinkIndex } from '../links/linkIndex'
import type { PlanScope } from '../pagePlans/pagePlan'
import { emptyScope } from '../pagePlans/pagePlan'
import { makeShop } from '../selection/makeShop.testing'
import { forAnyOf, makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'
import { inOfferOrder, isFor, offeredBeside } from './offered'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const extractor = makeProduct('EX', { price: 18900, brand: 'Corrie', tags: ['harvest'], categories: ['extractors'] })
const lane: Link[] = [
  { target: 'STR', until: '2026-04-30' },
  { target: 'GLO-M' },
  { target: 'GONE' },
  { target: 'KNIFE', from: '2026-05-01' },
  { target: 'STR' },
]
const links = new LinkIndex()
links.setLane('EX', 'accessory', lane)
const shop = makeShop(
  [
    extractor,
    makeProduct('STR', { tags: ['harvest'], price: 2450 }),
    makeProduct('GLO', { variants: [makeVariant('GLO-M')] }),
    makeProduct('KNIFE', { tags: ['harvest'], price: 1900, stock: 0 }),
    makeProduct('FORK', { tags: ['harvest'], price: 900 }),
    makeProduct('SOLD', { stock: 0 }),
  ],
  {
    links,
    categories: [
      { key: 'extraction', name: {}, parent: null },
      { key: 'extractors', name: {}, parent: 'extraction' },
    ],
  },
)

describe('an offer', () => {
  const goesWith = (part: Partial<Offer>) => isFor(makeOffer('o', part), extractor, shop, at)
  const scope = (part: Partial<PlanScope>): PlanScope => ({ ...emptyScope, ...part })
  it.each<[Partial<Offer>, boolean]>([
    [{}, true],
    [{ until: '2026-04-30' }, false],
    [{ until: '2026-05-01' }, true],
    [{ from: '2026-05-02' }, false],
    [{ trigger: forAnyOf({}) }, false],
    [{ trigger: forAnyOf({ products: ['EX'] }) }, true],
    [{ trigger: forAnyOf({ products: ['STR'] }) }, false],
    [{ trigger: forAnyOf({ tags: ['harvest'] }) }, true],
    [{ trigger: forAnyOf({ brands: ['Corrie'] }) }, true],
    [{ trigger: forAnyOf({ brands: ['Other'] }) }, false],
    [{ trigger: forAnyOf({ categories: ['extraction'] }) }, true],
    [{ trigger: forAnyOf({ price: { from: 10000 } }) }, true],
    [{ trigger: forAnyOf({ price: { to: 10000 } }) }, false],
    [{ trigger: { all: [scope({ brands: ['Corrie'] }), scope({ tags: ['harvest'] })], except: emptyScope } }, true],
    [{ trigger: { all: [scope({ brands: ['Corrie'] }), scope({ tags: ['gift'] })], except: emptyScope } }, false],
    [{ trigger: { all: [scope({ brands: ['Corrie', 'Other'] })], except: scope({ tags: ['gift'] }) } }, true],
    [{ trigger: { all: [scope({ brands: ['Corrie'] })], except: scope({ categories: ['extraction'] }) } }, false],
  ])('%j is for the product: %s', (part, is) => expect(goesWith(part)).toBe(is))

  it('offers what was chosen, or the first links in their dates, never the product itself nor what the shop doesn’t have', () => {
    const offered = (part: Offer['offered']) => offeredBeside(makeOffer('o', { offered: part }), extractor, shop, at)
    expect(offered({ by: 'chosen', skus: ['STR', 'EX', 'GONE', 'GLO', 'STR'] })).toEqual(['STR', 'GLO'])
    expect(offered({ by: 'links', kind: 'accessory', count: 3 })).toEqual(['GLO-M', 'KNIFE'])
    expect(offered({ by: 'links', kind: 'accessory', count: 4 })).toEqual(['GLO-M', 'KNIFE', 'STR'])
    expect(offered({ by: 'links', kind: 'upsell', count: 3 })).toEqual([])
  })

  const byTag: Offer['offered'] = {
    by: 'rule',
    rule: { when: { all: [] }, pick: { has: { of: 'tag', name: 'harvest' } } },
    order: 'cheapest',
    count: 2,
  }
  it('offers the first that can be had of what a rule picks', () => {
    const offered = (part: object) => offeredBeside(makeOffer('o', { offered: { ...byTag, ...part } }), extractor, shop, at)
    expect(offered({})).toEqual(['FORK', 'STR'])
    expect(offered({ order: 'dearest', count: 1 })).toEqual(['STR'])
    expect(offered({ rule: { when: { has: { of: 'brand', name: 'Other' } }, pick: { has: { of: 'tag', name: 'harvest' } } } })).toEqual([])
  })

  it('offers what comes instead when nothing can be had of what comes before, and else what is missing', () => {
    const chosen = (...skus: string[]): Offer['offered'] => ({ by: 'chosen', skus })
    const offered = (first: Offer['offered'], ...fallbacks: Offer['offered'][]) =>
      offeredBeside(makeOffer('o', { offered: first, fallbacks }), extractor, shop, at)
    expect(offered(chosen('SOLD', 'STR'), byTag)).toEqual(['SOLD', 'STR'])
    expect(offered(chosen('SOLD'), chosen('KNIFE', 'GONE'), byTag)).toEqual(['FORK', 'STR'])
    expect(offered(chosen('SOLD'), chosen('KNIFE'))).toEqual(['SOLD'])
    expect(offered(chosen(), { by: 'links', kind: 'accessory', count: 2 })).toEqual(['GLO-M'])
  })

  it('comes by its rank', () => {
    expect(
      inOfferOrder([makeOffer('b', { rank: 2 }), makeOffer('c', { rank: 1 }), makeOffer('a', { rank: 2 })]).map(each => each.key),
    ).toEqual(['c', 'a', 'b'])
  })
})
