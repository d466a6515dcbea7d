import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct } from '../../catalogue/makeProduct.testing'
import { makeKind } from '../../links/makeKind.testing'
import { makeOffer } from '../../offers/makeOffer.testing'
import { offerBlock } from '../../pagePlans/block'
import { makePlan } from '../../sections/makeSection.testing'
import { isEmpty } from '../registry'
import { commandSchema } from '../registry'
import { describeCommand } from '../registry'
import type { Offer } from '../../offers/offer'
import type { Versions } from '../../sections/versions'
import type { CommandContext } from '../../journal/commandContext'
import { planOffers } from './planOffers'

const catalogue = new Catalogue([makeProduct('STR'), makeProduct('GLO')], [], [])
const offers = [
  makeOffer('first', { rank: 1, offered: { by: 'chosen', skus: ['GONE'] } }),
  makeOffer('second', { rank: 2 }),
  makeOffer('third', { rank: 3 }),
]
const context = {
  item: (sku: string) => catalogue.item(sku),
  kind: (key: string) => (key === 'accessory' ? makeKind('accessory') : undefined),
  versions: {
    sections: new Map(),
    plans: new Map(),
    looks: new Map(),
    bundles: new Map(),
    offers: new Map<string, Versions<Offer>>([
      ...offers.map((each): [string, Versions<Offer>] => [each.key, { live: null, draft: each }]),
      ['leaving', { live: makeOffer('leaving'), draft: null }],
    ]),
  },
}
const plan = (given: object) =>
  planOffers(commandSchema.parse(given) as Parameters<typeof planOffers>[0], context).filter(each => !isEmpty(each))
const { key: _, rank: __, ...settings } = makeOffer('new', { heading: { en: 'Take it along' } })

describe('commands on together offers', () => {
  it('add one behind the others, change parts of it, and take it away', () => {
    const added = { live: null, draft: { ...settings, key: 'take-it-along', rank: 4 } }
    expect(plan({ type: 'addOffer', settings })).toEqual([{ of: 'offer', owner: '', key: 'take-it-along', before: null, after: added }])
    expect(plan({ type: 'changeOffer', key: 'first', settings: { limit: 3 }, seen: { limit: 1 } })[0]!.after).toEqual({
      live: null,
      draft: { ...offers[0], limit: 3 },
    })
    expect(plan({ type: 'removeOffer', key: 'second' })[0]!.after).toBeNull()
  })

  it('leave what shoppers have as it is', () => {
    const live = makeOffer('second', { rank: 2, limit: 9 })
    context.versions.offers.set('second', { live, draft: offers[1]! })
    for (const command of [
      { type: 'changeOffer', key: 'second', settings: { limit: 3 }, seen: {} },
      { type: 'removeOffer', key: 'second' },
      { type: 'rankOffer', key: 'second', place: 1 },
    ])
      expect(plan(command).find(each => each.key === 'second')!.after!.live).toBe(live)
    context.versions.offers.set('second', { live: null, draft: offers[1]! })
  })

  it('take one off the plans that it stands on, with it', () => {
    const page = makePlan('product', ['related', offerBlock('second')], { off: [offerBlock('second')] })
    const withPlan = { ...context, versions: { ...context.versions, plans: new Map([[page.key, { live: page, draft: page }]]) } }
    const [, change] = planOffers({ type: 'removeOffer', key: 'second' }, withPlan)
    expect(change).toMatchObject({ of: 'plan', after: { live: page, draft: { zones: [{ blocks: ['related'] }], off: [] } } })
  })

  it('put one at a place among the others', () => {
    const ranks = (place: number) => plan({ type: 'rankOffer', key: 'third', place }).map(each => `${each.key} ${each.after!.draft!.rank}`)
    expect(ranks(1)).toEqual(['third 1', 'first 2', 'second 3'])
    expect(ranks(99)).toEqual([])
  })

  it('refuse what the shop doesn’t have, what was changed since, and what is no offer', () => {
    const change =
      (settings: object, seen: object = {}) =>
      () =>
        plan({ type: 'changeOffer', key: 'first', settings, seen })
    expect(change({ offered: { by: 'chosen', skus: ['GONE', 'STR'] } })).not.toThrow()
    expect(change({ offered: { by: 'chosen', skus: ['NOPE'] } })).toThrow('The shop has no product with the SKU NOPE.')
    expect(change({ offered: { by: 'links', kind: 'none', count: 2 } })).toThrow('There is no link kind “none”.')
    expect(change({ limit: 2 }, { limit: 5 })).toThrow('changed in the meantime')
    expect(() => plan({ type: 'changeOffer', key: 'leaving', settings: {}, seen: {} })).toThrow('is to be taken away')
    expect(() => plan({ type: 'removeOffer', key: 'nope' })).toThrow('There is no together offer with the key nope.')
    const isFine = (part: object) => commandSchema.safeParse({ type: 'addOffer', settings: { ...settings, ...part } }).success
    expect([{}, { reduction: null }, { limit: 99 }].map(isFine)).toEqual([true, true, true])
    expect(
      [
        { limit: 0 },
        { limit: 1e9 },
        { reduction: { by: 'percent', percent: 101 } },
        { reduction: { by: 'amount', amount: 0 } },
        { from: '2026-02-30' },
        { offered: { by: 'links', kind: 'accessory', count: 9 } },
      ].map(isFine),
    ).toEqual(Array(6).fill(false))
  })

  it('are told in words', () => {
    const words = (given: object) => describeCommand(commandSchema.parse(given), context as unknown as CommandContext, 'en')
    expect(words({ type: 'addOffer', settings })).toBe('Added the together offer “Take it along”')
    expect(words({ type: 'changeOffer', key: 'second', settings: { limit: 2, reduction: null }, seen: {} })).toBe(
      'Changed the reduction and the limit of the together offer “second”',
    )
    expect(words({ type: 'rankOffer', key: 'third', place: 1 })).toBe('Moved the together offer “third” to place 1')
    expect(words({ type: 'removeOffer', key: 'third' })).toBe('Removed the together offer “third”')
  })
})
