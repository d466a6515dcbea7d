import { setTimeout as pause } from 'node:timers/promises'
import { Transaction } from 'sequelize'
import { describe, expect, it, vi } from 'vitest'
import { makeProduct } from '../../core/catalogue/makeProduct.testing'
import type { Command } from '../../core/records/registry'
import { databaseFile } from '../store/sqlite/database'
import { openSqliteStore } from '../store/sqlite/sqliteStore'
import { loadLiveShop } from '../live/loadLiveShop'
import { withStore } from '../store/temporaryStore.testing'
import { CommandLog } from './commandLog'
import { publishWhenDue } from '../running/publishDue'
import { log as serverLog } from '../log'

const products = [makeProduct('A')]
const places = (count: number): Command => ({ type: 'changeSection', key: 'related', settings: { places: count }, seen: {} })
const publish = (note: string): Command => ({ type: 'publish', sections: ['related'], plans: [], note })

describe('releases', () => {
  it('are made with everything that shoppers get anew, an undo too, and any of them can be gone back to', async () => {
    await withStore({ products }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const live = () => shop.sections.get('related')!.places
      await log.run(places(5), 'one')
      expect(await store.releases(10)).toEqual([])
      await log.run(publish('five of them'), 'one')
      await log.run(places(6), 'one')
      await log.run(publish(''), 'one')
      await log.undo('one')
      expect((await store.releases(10)).map(({ number, note, words }) => [number, note, words])).toEqual([
        [4, '', 'Undone: Published the section “Also worth a look”'],
        [3, '', 'Published the section “Also worth a look”'],
        [2, 'five of them', 'Published the section “Also worth a look”'],
        [1, '', 'As it was before the first publishing'],
      ])
      const placesOf = async (number: number) => (await store.release(number))!.sections.find(each => each.key === 'related')!.places
      expect(await Promise.all([1, 2, 3, 4].map(placesOf))).toEqual([4, 5, 6, 5])

      await log.run({ type: 'goBack', release: 1 }, 'two')
      expect(live()).toBe(4)
      expect((await store.releases(1))[0]).toMatchObject({ number: 5, words: 'Went back to release 1' })
      await log.run({ type: 'goBack', release: 3 }, 'two')
      expect([live(), (await loadLiveShop(store)).sections.get('related')!.places]).toEqual([6, 6])
      await log.undo('two')
      expect(live()).toBe(4)
    })
  })

  it('go out at their time, also after a restart, and a cancelled one does not', async () => {
    await withStore({ products }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const soon = (milliseconds: number) => new Date(Date.now() + milliseconds).toISOString()
      const schedule = (at: string): Command => ({ type: 'schedulePublish', at, sections: ['related'], plans: [], note: 'planned' })
      await log.run(places(7), 'one')
      await log.run(schedule(soon(-60_000)), 'one')
      await log.run(places(8), 'one')

      // Nobody was there when it came due.
      const restarted = await loadLiveShop(store)
      const later = new CommandLog(store, restarted)
      const stop = publishWhenDue({ shop: restarted, log: later })
      try {
        await expect.poll(() => restarted.sections.get('related')!.places).toBe(7)
        expect(restarted.versions.sections.get('related')!.draft!.places).toBe(8)
        expect((await store.releases(1))[0]).toMatchObject({ note: 'planned' })
        expect(restarted.schedules.size).toBe(0)

        await later.run(schedule(soon(150)), 'one')
        await later.run({ type: 'cancelSchedule', key: '1' }, 'one')
        await later.run({ type: 'changeSection', key: 'related', settings: { places: 9 }, seen: {} }, 'one')
        await later.run(schedule(soon(100)), 'one')
        await expect.poll(() => restarted.sections.get('related')!.places).toBe(9)
        await pause(150)
        expect(restarted.schedules.size).toBe(0)
      } finally {
        stop()
      }
    })
  })

  it('go out soon after the clock was set to a time after theirs, and it is said that they are late', async () => {
    await withStore({ products }, async store => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const said = vi.spyOn(serverLog, 'warn').mockImplementation(() => undefined)
      const inAnHour = new Date(Date.now() + 3_600_000).toISOString()
      await log.run(places(7), 'one')
      await log.run({ type: 'schedulePublish', at: inAnHour, sections: ['related'], plans: [], note: '' }, 'one')
      let ahead = 0
      const stop = publishWhenDue({ shop, log }, { often: 20, now: () => Date.now() + ahead })
      try {
        await pause(100)
        expect(shop.schedules.size).toBe(1)
        // Set back it stays planned; set to two hours later it is due since an hour.
        ahead = -86_400_000
        await pause(100)
        expect(shop.schedules.size).toBe(1)
        ahead = 2 * 3_600_000
        await expect.poll(() => shop.sections.get('related')!.places).toBe(7)
        expect(said).toHaveBeenCalledWith({ planned: inAnHour }, 'What was planned goes out late.')
      } finally {
        stop()
        said.mockRestore()
      }
    })
  })

  it('are tried again when the database could not write them, and those after them go out too', async () => {
    await withStore({ products }, async (store, folder) => {
      const shop = await loadLiveShop(store)
      const log = new CommandLog(store, shop)
      const said = vi.spyOn(serverLog, 'error').mockImplementation(() => undefined)
      await log.run(places(7), 'one')
      await log.run(
        { type: 'schedulePublish', at: new Date(Date.now() - 1000).toISOString(), sections: ['related'], plans: [], note: '' },
        'one',
      )
      // Somebody else holds the database for longer than a write waits.
      const other = await openSqliteStore(databaseFile(folder))
      const held = await other.database.sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE })
      const stop = publishWhenDue({ shop, log }, { pause: 20 })
      try {
        await expect.poll(() => said.mock.calls.length, { timeout: 20_000 }).toBeGreaterThan(0)
        expect(shop.sections.get('related')!.places).not.toBe(7)
        await held.rollback()
        await expect.poll(() => shop.sections.get('related')!.places, { timeout: 20_000 }).toBe(7)
      } finally {
        stop()
        said.mockRestore()
        await other.close()
      }
    })
  }, 60_000)
})
