import { describe, expect, it } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import { makeOffer } from '../../core/offers/makeOffer.testing'
import { pageKinds } from '../../core/pageTypes/registry'
import type { Change } from '../../core/records/registry'
import { resolvePage } from '../../core/selection/resolvePage'
import { visitTo } from '../../core/selection/visit'
import type { SqliteStore } from '../store/sqlite/sqliteStore'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'

const contents = {
  products: [makeProduct('A'), makeProduct('B')],
  categories: [{ key: 'hives', name: { en: 'Hives' }, parent: null }],
  articles: [{ key: 'spring', title: { en: 'Spring' }, body: {}, image: null, products: ['A'] }],
  orders: [{ number: '1', placed: '2026-01-01', lines: [{ sku: 'B', quantity: 2, unitPrice: 500 }] }],
}
const newKinds = ['home', 'search', 'ordered'] as const

/**
 * What the shop would be that a version without some kinds of pages had filled: their plans and sections are in no table and in no release.
 */
async function asBefore(store: SqliteStore): Promise<void> {
  await store.database.write(async transaction => {
    for (const kind of newKinds) {
      await store.database.run('DELETE FROM plans WHERE key = $key', { key: `${kind}-default` }, transaction)
      await store.database.run('DELETE FROM sections WHERE key LIKE $key', { key: `${kind}-%` }, transaction)
    }
  })
}

/** Keys of what each kind of page shows. */
const shownOn = (shop: LiveShop) =>
  Object.fromEntries(
    pageKinds.map(kind => {
      const about = { category: 'hives', article: 'spring' }[kind as string] ?? 'A'
      return [
        kind,
        resolvePage(shop, ...visitTo(kind, about, shop.now())).sections.map(({ section, items }) => [
          section.key,
          items.map(each => each.product.sku),
        ]),
      ]
    }),
  )

describe('a shop from before some kinds of pages', () => {
  it('gets their plans and sections when it is opened, and keeps its own', async () => {
    await withStore(contents, async store => {
      await loadLiveShop(store)
      await asBefore(store)
      await store.database.write(transaction =>
        store.database.run(`UPDATE sections SET live = json_set(live, '$.places', 3) WHERE key = 'related'`, {}, transaction),
      )
      const shop = await loadLiveShop(store)
      expect(shop.sections.get('related')!.places).toBe(3)
      expect(shownOn(shop)).toMatchObject({ home: [['home-best-sellers', ['B', 'A']]], search: [['search-best-sellers', ['B']]] })
    })
  })

  it('has every kind of page, and what stands on it, also after going back to a release from before', async () => {
    await withStore(contents, async store => {
      await loadLiveShop(store)
      await asBefore(store)
      const before = await store.database.models.plans.findAll()
      const sections = await store.database.models.sections.findAll()
      const live = (rows: { live: unknown }[]) => rows.map(row => row.live)
      await store.database.models.releases.create({
        at: '2026-01-01T00:00:00Z',
        note: '',
        words: 'Published',
        editor: '',
        sections: live(sections) as never,
        plans: live(before) as never,
        looks: null,
      })

      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      await log.run({ type: 'changeSection', key: 'related', settings: { places: 2 }, seen: {} }, 'one')
      await log.run({ type: 'publish', sections: ['related'], plans: [] }, 'one')
      const now = shownOn(shop)
      await log.run({ type: 'goBack', release: 1 }, 'one')
      expect(shop.sections.get('related')!.places).toBe(4)
      for (const kind of newKinds) expect([kind, shownOn(shop)[kind]]).toEqual([kind, now[kind]])
      expect(shownOn(await loadLiveShop(store))).toEqual(shownOn(shop))
      await log.undo('one')
      expect(shop.sections.get('related')!.places).toBe(2)
      expect(shownOn(shop)).toEqual(now)
    })
  })
})

it('an offer that was switched on before there were drafts is taken back by publishers alone', async () => {
  await withStore({}, async store => {
    await loadLiveShop(store)
    const offer = makeOffer('along')
    const switched = { before: { live: null, draft: offer }, after: { live: offer, draft: offer } }
    const changes: Change[] = [{ of: 'offer', owner: '', key: 'along', ...switched }]
    const command = { type: 'changeOffer' as const, key: 'along', settings: {}, seen: {} }
    const entry = await store.write(async writer => {
      await writer.writeChanges(changes, 'en')
      const said = { at: '2026-01-01T00:00:00Z', editor: 'one', words: 'Switched it on', state: 'done' as const }
      return writer.addEntry({ ...said, type: 'changeOffer', command }, changes)
    })
    const shop = await loadLiveShop(store)
    const log = new CommandLog(store, shop)
    await expect(log.revert(entry, 'two', 'editor')).rejects.toThrow('Nothing was changed.')
    expect(shop.offers).toEqual([offer])
    await log.revert(entry, 'two', 'publisher')
    expect([shop.offers, shop.drafted.offers]).toEqual([[], [offer]])
  })
})
