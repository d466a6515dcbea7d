import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct } from '../../catalogue/makeProduct.testing'
import type { Look } from '../../looks/look'
import { makeOffer } from '../../offers/makeOffer.testing'
import { makePlan, makeSection } from '../../sections/makeSection.testing'
import type { Versions } from '../../sections/versions'
import { commandSchema } from '../registry'
import { planPublishing, planUnpublishing } from './planPublishing'

const upsells = makeSection('upsells', { heading: { en: 'Better' } })
const lately = makeSection('lately')
const product = makePlan('product', ['upsells', 'lately'])
const cart = makePlan('cart', ['upsells'])
const draft = { ...upsells, places: 2 }
const catalogue = new Catalogue([makeProduct('GLO'), makeProduct('OLD', { status: 'retired' })], [], [])
const dressed = makeSection('dressed', { look: { preset: 'worn', own: {} } })
const live = (key: string, name: string): [string, Versions<Look>] => {
  const look = { key, name: { en: name }, parts: {}, page: null }
  return [key, { live: look, draft: look }]
}
const context = {
  versions: {
    sections: new Map([
      ['upsells', { live: upsells, draft }],
      ['lately', { live: lately, draft: lately }],
      ['new', { live: null, draft: makeSection('new') }],
      ['leaving', { live: makeSection('leaving'), draft: null }],
      ['dressed', { live: dressed, draft: null }],
    ]),
    plans: new Map([
      ['product-default', { live: product, draft: product }],
      ['cart-default', { live: null, draft: cart }],
    ]),
    looks: new Map([live('house', 'House'), live('worn', 'Worn')]),
    bundles: new Map(),
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

describe('taking something from shoppers', () => {
  const taken = (given: object) =>
    planUnpublishing(commandSchema.parse({ type: 'unpublish', sections: [], plans: [], ...given }) as never, context as never)

  it('leaves it as a draft: as it is drafted, or, where it was to be removed, as it was', () => {
    expect(taken({ sections: ['upsells', 'leaving'] }).map(change => change.after)).toEqual([
      { live: null, draft },
      { live: null, draft: makeSection('leaving') },
    ])
  })

  it.each([
    [{ sections: ['new'] }, 'Nothing of this is live: shoppers have none of it.'],
    [{ sections: ['gone'] }, 'There is no section with the key gone.'],
    [{ plans: ['product-default'] }, 'can’t be taken from shoppers. It is the default plan: every page needs one.'],
    [{ looks: ['house'] }, 'The look “House” can’t be taken from shoppers. It is the shop’s own'],
    [{ looks: ['worn'] }, 'can’t be taken from shoppers. What shoppers have looks so: section “dressed”.'],
  ])('%j is refused', (given, words) => {
    expect(() => taken(given)).toThrow(words)
  })
})
