import { describe, expect, it } from 'vitest'
import { Catalogue } from '../../catalogue/catalogue'
import { makeProduct } from '../../catalogue/makeProduct.testing'
import { makeSettings } from '../../catalogue/makeSettings.testing'
import type { Product } from '../../catalogue/product'
import type { ShopSettings } from '../../catalogue/shopSettings'
import { ChangedTogether } from '../../journal/record'
import type { CommandContext } from '../../journal/commandContext'
import { HeldStates } from '../../journal/states'
import { commandSchema, describeCommand, planCommand } from '../registry'
import { settingRecord } from './settingRecord'
import { withSettings } from './settings'

const own = makeSettings({ name: 'My shop' })

/** A shop with what was set since it was made. */
function shopWith(products: readonly Product[] = [], set: Record<string, string> = {}) {
  const states = new HeldStates()
  for (const [key, after] of Object.entries(set)) settingRecord.apply!({ owner: '', key, after }, states)
  const shop = { states, settings: withSettings(own, states.of(settingRecord)), catalogue: new Catalogue(products, [], []) }
  return { shop, states } as unknown as CommandContext
}
const set = (settings: Partial<ShopSettings>) => commandSchema.parse({ type: 'changeSettings', settings })

describe('settings', () => {
  it('are set, set otherwise, and left when they are so already', () => {
    const change = { of: 'setting', owner: '', key: 'timeZone', after: 'Europe/London' }
    expect(planCommand(set({ timeZone: 'Europe/London' }), shopWith())).toEqual([{ ...change, before: null }])
    const set1 = shopWith([], { timeZone: 'Asia/Tokyo' })
    expect(planCommand(set({ timeZone: 'Europe/London' }), set1)).toEqual([{ ...change, before: 'Asia/Tokyo' }])
    for (const isSet of [{}, { timeZone: 'UTC' }] as Record<string, string>[])
      expect(planCommand(set({ timeZone: 'UTC' }), shopWith([], isSet))).toEqual([])
  })

  it('are as they were set when they are read again', () => {
    const all: Partial<ShopSettings> = {
      name: 'Corner',
      currency: 'JPY',
      language: 'de',
      languages: ['de', 'en'],
      productUrl: 'https://shop.example/p/{sku}?from=here',
      timeZone: 'Asia/Tokyo',
      few: 0,
      emptyStock: 'none',
      welcome: { en: 'Hello', de: 'Hallo' },
    }
    const changes = planCommand(set(all), shopWith())
    const kept = Object.fromEntries(changes.map(({ key, after }) => [key, after as string]))
    expect(shopWith([], kept).shop.settings).toEqual({ ...own, ...all })
  })

  it('keep the currency once there are prices, and the shop’s own language once there are products, undo included', () => {
    const unpriced = makeProduct('A', { price: null, was: null, cost: null })
    const code = (settings: Partial<ShopSettings>, products: Product[]) => {
      try {
        return planCommand(set(settings), shopWith(products)).length
      } catch (error) {
        return (error as Error).message
      }
    }
    const german = { language: 'de', languages: ['de'] }
    expect([code({ currency: 'JPY' }, []), code({ currency: 'JPY' }, [unpriced]), code(german, [])]).toEqual([1, 1, 2])
    expect(code({ currency: 'JPY' }, [unpriced, makeProduct('B')])).toBe('The currency stays: there are prices in it, such as that of B.')
    expect(code(german, [unpriced])).toContain('own language stays')
    expect(code({ languages: ['de'] }, [])).toContain('has to be among its languages')
    const back = { of: 'setting', owner: '', key: 'currency', before: 'JPY', after: null } as const
    const usedIn = (products: Product[]) => settingRecord.usedBy!(back, shopWith(products).shop, new ChangedTogether([]))
    expect([usedIn([unpriced]), usedIn([makeProduct('B')])?.about]).toEqual([null, 'currency'])
  })

  it('are told in words', () => {
    const words = (settings: Partial<ShopSettings>) => describeCommand(set(settings), shopWith(), 'en')
    expect([
      words({ few: 0 }),
      words({ few: 3 }),
      words({ name: 'Corner', timeZone: 'Asia/Tokyo' }),
      words({ emptyStock: 'none' }),
    ]).toEqual([
      'Told shoppers no longer that only a few are left',
      'Told shoppers of 3 things or fewer that only a few are left',
      'Called the shop Corner and Set the shop’s time zone to Asia/Tokyo',
      'Took an empty stock cell for nothing in stock',
    ])
  })

  it('are refused when there is no such thing', () => {
    const wrong = [
      ...['', 'Nowhere/Else', 'x'.repeat(100), 3].map(timeZone => ({ timeZone })),
      ...[-1, 100, 1.5, '3'].map(few => ({ few })),
      ...['/products', '{sku}', 'javascript:{sku}', 'http:/{sku}', 'https://shop.example/a b/{sku}'].map(productUrl => ({ productUrl })),
      ...[{ name: ' ' }, { currency: 'eur' }, { languages: [] }, { languages: ['en', 'en'] }, { languages: ['EN'] }, { colour: 'red' }],
    ]
    for (const settings of wrong)
      expect(commandSchema.safeParse({ type: 'changeSettings', settings }).success, JSON.stringify(settings)).toBe(false)
    expect(commandSchema.safeParse({ type: 'changeSettings', settings: { productUrl: 'https://shop.example/p/{sku}' } }).success).toBe(true)
  })
})
