import { describe, expect, it } from 'vitest'
import type { LinkKind } from '../../links/kind'
import { makeKind } from '../../links/makeKind.testing'
import { isEmpty } from '../registry'
import { commandSchema } from '../registry'
import type { KindCommand } from './kindCommandSchema'
import { describeCommand } from '../registry'
import { planKinds } from './planKinds'

const kinds = [
  makeKind('related', { plural: { en: 'Related' } }),
  makeKind('upsell', { ceiling: 3 }),
  makeKind('old', { name: { en: 'old' }, retired: true }),
]
const { key: _, retired: __, ...refill } = makeKind('refill', { name: { en: 'Refill' }, plural: { en: 'Refills' }, glyph: 'drop' })
const plan = (asked: object, given: readonly LinkKind[] = kinds) =>
  planKinds(commandSchema.parse(asked) as KindCommand, given)
    .filter(change => !isEmpty(change))
    .map(({ of, key: kind, after }) => [of, kind, after])

describe('planKinds', () => {
  it('adds a kind at the end, under a key of its own', () => {
    expect(plan({ type: 'addKind', settings: refill })).toEqual([
      ['kind', 'refill', { key: 'refill', ...refill, retired: false }],
      ['kindOrder', '', ['related', 'upsell', 'old', 'refill']],
    ])
    expect(
      plan({ type: 'addKind', settings: refill }, [makeKind('refill', { name: { en: 'filling' }, plural: { en: 'Fillings' } })])[0]![1],
    ).toBe('refill-2')
  })

  it('changes what is named and leaves the rest', () => {
    expect(plan({ type: 'changeKind', key: 'upsell', settings: { ceiling: null, name: { en: 'step up' } } })).toEqual([
      ['kind', 'upsell', { ...kinds[1], ceiling: null, name: { en: 'step up' } }],
    ])
    expect(plan({ type: 'changeKind', key: 'upsell', settings: { ceiling: 3 } })).toEqual([])
  })

  it('puts kinds in order, those not named behind', () => {
    expect(plan({ type: 'orderKinds', order: ['old', 'upsell'] })).toEqual([['kindOrder', '', ['old', 'upsell', 'related']]])
  })

  it('retires and restores', () => {
    expect(plan({ type: 'retireKind', key: 'upsell' })).toEqual([['kind', 'upsell', { ...kinds[1], retired: true }]])
    expect(plan({ type: 'restoreKind', key: 'old' })).toEqual([['kind', 'old', { ...kinds[2], retired: false }]])
    expect(plan({ type: 'retireKind', key: 'old' })).toEqual([])
  })

  it('refuses what would confuse: a name that is taken, an empty or long one, an unknown kind, no kind left', () => {
    expect(() => plan({ type: 'addKind', settings: { ...refill, plural: { en: ' RELATED' } } })).toThrow(
      'Another kind is called “RELATED” already.',
    )
    expect(() => plan({ type: 'addKind', settings: { ...refill, name: { en: 'Old' } } })).toThrow('A retired kind is called “Old” already.')
    expect(() => plan({ type: 'changeKind', key: 'upsell', settings: { name: { en: 'related' } } })).toThrow('Another kind')
    expect(() => plan({ type: 'changeKind', key: 'none', settings: {} })).toThrow('no link kind “none”')
    expect(() => plan({ type: 'orderKinds', order: ['none'] })).toThrow('no link kind “none”')
    expect(() => plan({ type: 'retireKind', key: 'upsell' }, kinds.slice(1))).toThrow('One kind has to stay')
    for (const name of [' ', 'x'.repeat(41)])
      expect(commandSchema.safeParse({ type: 'addKind', settings: { ...refill, name: { en: name } } }).success).toBe(false)
    expect(commandSchema.safeParse({ type: 'addKind', settings: { ...refill, name: {} } }).success).toBe(false)
    expect(commandSchema.safeParse({ type: 'addKind', settings: { ...refill, ceiling: 0 } }).success).toBe(false)
    expect(commandSchema.safeParse({ type: 'addKind', settings: { ...refill, glyph: 'anything' } }).success).toBe(false)
  })

  it('is told in plain words', () => {
    const context = { kind: (key: string) => kinds.find(each => each.key === key) } as Parameters<typeof describeCommand>[1]
    const words = (asked: object) => describeCommand(commandSchema.parse(asked), context, 'en')
    expect(words({ type: 'addKind', settings: refill })).toBe('Added the kind Refill')
    expect(words({ type: 'changeKind', key: 'upsell', settings: { name: { en: 'Step up' } } })).toBe('Renamed the kind upsell to Step up')
    expect(words({ type: 'changeKind', key: 'upsell', settings: { ceiling: 4 } })).toBe('Changed the kind upsell')
    expect(words({ type: 'retireKind', key: 'upsell' })).toBe('Retired the kind upsell')
  })
})
