import type { ShopSettings } from './shopSettings'

/** The settings of a plain shop in English, for tests. */
export const makeSettings = (part: Partial<ShopSettings> = {}): ShopSettings => ({
  name: '',
  currency: 'EUR',
  language: 'en',
  languages: ['en'],
  productUrl: '/{sku}',
  timeZone: 'UTC',
  few: 5,
  emptyStock: 'untracked',
  welcome: {},
  ...part,
})
