import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct } from '../../catalogue/makeProduct.testing'
import { makeOffer } from '../../offers/makeOffer.testing'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import { commandSchema } from '../registry'
import { planPublishing } from './planPublishing'

const upsells = makeSection('upsells', { heading: { en: 'Better' } })
const lately = makeSection('lately')
const product = makePlan('product', ['upsells', 'lately'])
const cart = makePlan('cart', ['upsells'])
const draft = { ...upsells, places: 2 }
const catalogue = new Catalogue([makeProduct('GLO'), makeProduct('OLD', { status: 'retired' })], [], [])
const context = {
  versions: {
    sections: new Map([
      ['upsells', { live: upsells, draft }],
      ['lately', { live: lately, draft: lately }],
      ['new', { live: null, draft: makeSection('new') }],
      ['leaving', { live: makeSection('leaving'), draft: null }],
    ]),
    plans: new Map([
      ['product-default', { live: product, draft: product }],
      ['cart-default', { live: null, draft: cart }],
    ]),
    looks: new Map(),
    offers: new Map([
      ['empty', { live: null, draft: makeOffer('empty') }],
      ['along', { live: null, draft: makeOffer('along', { offered: { by: 'chosen', skus: ['GLO', 'GONE'] } }) }],
    ]),
  },
  item: (sku: string) => catalogue.item(sku),
}
const plan = (given: object) => planPublishing(commandSchema.parse(given) as Parameters<typeof planPublishing>[0], context)

describe('publishing and discarding', () => {
  it('make drafts live, and the draft what is live', () => {
    const some = { sections: ['upsells', 'new', 'leaving'], plans: ['cart-default'] }
    const after = (type: string) => plan({ type, ...some }).map(change => change.after)
    expect(after('publish')).toEqual([
      { live: draft, draft },
      { live: makeSection('new'), draft: makeSection('new') },
      null,
      { live: cart, draft: cart },
    ])
    expect(after('discard')).toEqual([
      { live: upsells, draft: upsells },
      null,
      { live: makeSection('leaving'), draft: makeSection('leaving') },
      null,
    ])
  })

  it.each([
    [{ type: 'publish', sections: ['lately'], plans: ['product-default'] }, 'Nothing of this is unpublished'],
    [{ type: 'publish', sections: ['gone'], plans: [] }, 'There is no section with the key gone.'],
    [
      { type: 'publish', sections: ['upsells'], plans: [], offers: ['empty'] },
      'The together offer “empty” can’t be published. It offers nothing: choose products first.',
    ],
    [{ type: 'discard', sections: [], plans: ['gone'] }, 'There is no page plan with the key gone.'],
  ])('%j is refused', (given, words) => {
    expect(() => plan(given)).toThrow(words)
  })
})
