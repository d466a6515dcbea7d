import { makeSettings } from '../../../core/catalogue/makeSettings.testing'
import fc from 'fast-check'
import type { Category } from '../../../core/catalogue/catalogue'
import { makeProduct } from '../../../core/catalogue/makeProduct.testing'
import type { Product } from '../../../core/catalogue/product'
import type { Change, RecordName } from '../../../core/records/registry'
import { productOf } from '../../../core/selection/anyShop.testing'
import type { JournalEntry } from '../journal'
import type { ShopContents, Store } from '../port'

/** Opens an empty database for one test, and again as another process would. */
export type WithEmptyStore = (work: (store: Store, another: () => Promise<Store>) => Promise<void>) => Promise<void>

export const settings = makeSettings({ name: 'Test', languages: ['en', 'de'], productUrl: '/p/{sku}', timeZone: 'Europe/Berlin' })
export const categories: Category[] = [
  { key: 'frames', name: { en: 'Frames' }, parent: 'hives' },
  { key: 'hives', name: { en: 'Hives', de: 'Beuten' }, parent: null },
  { key: 'tools', name: { en: 'Tools' }, parent: null },
]
export const skus = ['A', 'B', 'C', 'D']
export const contentsWith = (part: Partial<ShopContents> = {}): ShopContents => ({
  settings,
  categories,
  products: skus.map(sku => makeProduct(sku)),
  articles: [],
  orders: [],
  ...part,
})
export const known = new Set(categories.map(each => each.key))
export const anyProducts: fc.Arbitrary<Product[]> = fc
  .tuple(...skus.map(sku => productOf(sku)))
  .map(all =>
    all.map(each => ({ ...each, categories: each.categories.filter(key => known.has(key)), description: { de: `Zu ${each.sku}` } })),
  )

export async function allOf<T>(all: AsyncIterable<T>): Promise<T[]> {
  const list: T[] = []
  for await (const each of all) list.push(each)
  return list
}
export const thingsOf = async (store: Pick<Store, 'things'>, of: RecordName) => allOf(store.things(of, sku => sku))
export const numberOf = async (store: Store, sku: string) => (await store.productNumbers([sku]))[0]!.number
export const entryOf = (part: Partial<JournalEntry> = {}): Omit<JournalEntry, 'id'> => ({
  at: '2026-05-01T10:00:00Z',
  editor: 'one',
  type: 'undo',
  command: { entry: 1 },
  words: 'Something',
  state: 'done',
  ...part,
})
export const linkChange = (source: string, kind: string, targets: readonly string[]): Change => ({
  of: 'links',
  owner: source,
  key: kind,
  before: [],
  after: targets.map(target => ({ target })),
})

/** A database with a shop in it, for one test. */
export const withShop =
  (withEmptyStore: WithEmptyStore) =>
  (contents: Partial<ShopContents>, work: (store: Store, another: () => Promise<Store>) => Promise<void>): Promise<void> =>
    withEmptyStore(async (store, another) => {
      await store.fill(contentsWith(contents))
      await work(store, another)
    })
export type WithShop = ReturnType<typeof withShop>
