import { describe, expect, it } from 'vitest'
import { basePage } from '../../looks/builtInLooks'
import type { Look } from '../../looks/look'
import { makeOffer } from '../../offers/makeOffer.testing'
import { makeSection } from '../../sections/makeSection.testing'
import type { Versions } from '../../sections/versions'
import { commandSchema } from '../registry'
import { planLooks } from './planLooks'
import { noDrafts } from '../../releases/noDrafts.testing'

const house: Look = { key: 'house', name: { en: 'The shop’s own' }, parts: {}, page: basePage }
const tray: Look = { key: 'tray', name: { en: 'Tray' }, parts: { corner: 8 }, page: null }
const context = {
  versions: {
    ...noDrafts,
    sections: new Map([
      ['upsells', { live: makeSection('upsells', { look: { preset: 'tray', own: {} } }), draft: makeSection('upsells') }],
    ]),
    offers: new Map([['along', { live: null, draft: makeOffer('along', { look: { preset: 'ring', own: {} } }) }]]),
    looks: new Map<string, Versions<Look>>([
      ['house', { live: house, draft: house }],
      ['tray', { live: tray, draft: tray }],
      ['ring', { live: null, draft: { ...tray, key: 'ring' } }],
      ['new', { live: null, draft: { ...tray, key: 'new' } }],
    ]),
  },
}
const plan = (given: object) => planLooks(commandSchema.parse(given) as Parameters<typeof planLooks>[0], context)

describe('commands on looks', () => {
  it('add one with a key of its own, and change its draft alone', () => {
    expect(plan({ type: 'addLook', settings: { name: { en: 'Tray' }, parts: { gap: 8 }, page: null } })).toEqual([
      {
        of: 'look',
        owner: '',
        key: 'tray-2',
        before: null,
        after: { live: null, draft: { key: 'tray-2', name: { en: 'Tray' }, parts: { gap: 8 }, page: null } },
      },
    ])
    expect(plan({ type: 'changeLook', key: 'tray', settings: { parts: { corner: 3 } }, seen: { parts: { corner: 8 } } })[0]!.after).toEqual(
      { live: tray, draft: { ...tray, parts: { corner: 3 } } },
    )
    expect(() => plan({ type: 'changeLook', key: 'tray', settings: { parts: {} }, seen: { parts: {} } })).toThrow('changed in the meantime')
  })

  it('take one away only when no section or offer has it, not even for shoppers', () => {
    expect(plan({ type: 'removeLook', key: 'new' })[0]!.after).toBeNull()
    expect(() => plan({ type: 'removeLook', key: 'tray' })).toThrow('This look is in use: section “upsells”.')
    expect(() => plan({ type: 'removeLook', key: 'ring' })).toThrow('This look is in use: offer “along”.')
    expect(() => plan({ type: 'removeLook', key: 'house' })).toThrow('The shop’s own look stays')
  })

  it('say fonts and the ground of pages in the shop’s own look alone', () => {
    expect(
      plan({ type: 'changeLook', key: 'house', settings: { page: { ...basePage, textFont: 'figtree' } }, seen: {} })[0]!.after!.draft!.page!
        .textFont,
    ).toBe('figtree')
    expect(() => plan({ type: 'changeLook', key: 'tray', settings: { page: basePage }, seen: {} })).toThrow('said once')
    expect(() => plan({ type: 'changeLook', key: 'house', settings: { page: null }, seen: {} })).toThrow('said once')
  })

  it('refuse what is no colour, and lengths beyond their bounds', () => {
    const isFine = (parts: object) => commandSchema.safeParse({ type: 'changeLook', key: 'tray', settings: { parts }, seen: {} }).success
    expect([{ ink: '#123456' }, { corner: 32 }, { ground: null }].map(isFine)).toEqual([true, true, true])
    expect(
      [
        { ink: 'red' },
        { ink: '#12345' },
        { ink: null },
        { corner: 33 },
        { corner: -1 },
        { corner: 1.5 },
        { textSize: 8 },
        { font: 'figtree' },
      ].map(isFine),
    ).toEqual(Array(8).fill(false))
  })
})
