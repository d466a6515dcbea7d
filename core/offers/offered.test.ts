import { describe, expect, it } from 'vitest'
import { Catalogue } from '../catalogue/catalogue'
import { makeProduct, makeVariant } from '../catalogue/makeProduct.testing'
import type { Link } from '../links/lane'
import { emptyScope } from '../pagePlans/pagePlan'
import { makeOffer } from './makeOffer.testing'
import type { Offer } from './offer'
import { inOfferOrder, isFor, offeredBeside } from './offered'
import { momentIn } from '../time/moment'

const at = momentIn('UTC', Date.parse('2026-05-01T10:00:00Z'))
const extractor = makeProduct('EX', { price: 18900, brand: 'Corrie', tags: ['harvest'], categories: ['extractors'] })
const catalogue = new Catalogue(
  [extractor, makeProduct('STR'), makeProduct('GLO', { variants: [makeVariant('GLO-M')] }), makeProduct('KNIFE')],
  [
    { key: 'extraction', name: {}, parent: null },
    { key: 'extractors', name: {}, parent: 'extraction' },
  ],
  [],
)
const lane: Link[] = [
  { target: 'STR', until: '2026-04-30' },
  { target: 'GLO-M' },
  { target: 'GONE' },
  { target: 'KNIFE', from: '2026-05-01' },
  { target: 'STR' },
]
const shop = {
  catalogue,
  links: { lane: (source: string, kind: string) => (source === 'EX' && kind === 'accessory' ? lane : []) },
  offers: [],
}

describe('an offer', () => {
  const goesWith = (part: Partial<Offer>) => isFor(makeOffer('o', part), extractor, shop, at)
  it.each<[Partial<Offer>, boolean]>([
    [{}, true],
    [{ until: '2026-04-30' }, false],
    [{ until: '2026-05-01' }, true],
    [{ from: '2026-05-02' }, false],
    [{ trigger: emptyScope }, false],
    [{ trigger: { ...emptyScope, products: ['EX'] } }, true],
    [{ trigger: { ...emptyScope, products: ['STR'] } }, false],
    [{ trigger: { ...emptyScope, tags: ['harvest'] } }, true],
    [{ trigger: { ...emptyScope, brands: ['Corrie'] } }, true],
    [{ trigger: { ...emptyScope, brands: ['Other'] } }, false],
    [{ trigger: { ...emptyScope, categories: ['extraction'] } }, true],
    [{ trigger: { ...emptyScope, price: { from: 10000 } } }, true],
    [{ trigger: { ...emptyScope, price: { to: 10000 } } }, false],
  ])('%j is for the product: %s', (part, is) => expect(goesWith(part)).toBe(is))

  it('offers what was chosen, or the first links in their dates, never the product itself nor what the shop doesn’t have', () => {
    const offered = (part: Offer['offered']) => offeredBeside(makeOffer('o', { offered: part }), extractor, shop, at)
    expect(offered({ by: 'chosen', skus: ['STR', 'EX', 'GONE', 'GLO', 'STR'] })).toEqual(['STR', 'GLO'])
    expect(offered({ by: 'links', kind: 'accessory', count: 3 })).toEqual(['GLO-M', 'KNIFE'])
    expect(offered({ by: 'links', kind: 'accessory', count: 4 })).toEqual(['GLO-M', 'KNIFE', 'STR'])
    expect(offered({ by: 'links', kind: 'upsell', count: 3 })).toEqual([])
  })

  it('comes by its rank', () => {
    expect(
      inOfferOrder([makeOffer('b', { rank: 2 }), makeOffer('c', { rank: 1 }), makeOffer('a', { rank: 2 })]).map(each => each.key),
    ).toEqual(['c', 'a', 'b'])
  })
})
