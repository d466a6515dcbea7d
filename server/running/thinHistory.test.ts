import { afterEach, describe, expect, it, vi } from 'vitest'
import type { FollowedWrite } from '../journal/writeQueue'
import { shopWith, products } from '../exchange/importing.testing'
import { withStore } from '../store/temporaryStore.testing'
import { keptDays, thinHistory } from './thinHistory'

const day = 24 * 3600 * 1000
afterEach(() => vi.unstubAllEnvs())

describe('the history', () => {
  it('forgets what old files changed before it forgets edits, and still tells of them', async () => {
    await withStore({ products }, async store => {
      const { log, take } = await shopWith(store)
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['B'] }, 'one')
      await take('products', 'sku,stock\nA,5\nB,6\n')
      await take('products', 'sku,stock\nB,7\n')
      await log.run({ type: 'link', kind: 'upsell', on: [{ source: 'A' }], targets: ['B'] }, 'two')
      const all = await store.history(null, 1e9, 9)
      expect(all.map(each => each.isKept)).toEqual([true, true, true, true])
      const [, last, file, edit] = all.map(each => each.id) as [number, number, number, number]

      await thinHistory(log, Date.now() + 13 * day)
      expect((await store.history(null, 1e9, 9)).every(each => each.isKept)).toBe(true)
      await thinHistory(log, Date.now() + 15 * day)
      const thinned = await store.history(null, 1e9, 9)
      expect(thinned).toEqual(all.map(each => ({ ...each, isKept: each.id !== file && each.id !== last })))
      expect([await store.pieces(last), await store.pieces(file), await store.pieces(edit)]).toEqual([0, 0, 1])
      await expect(log.revert(file, 'one')).rejects.toThrow('is too long ago to be kept')
      // Undo is about the newest that can still be taken back.
      expect((await log.undoState('one')).undo).toContain('Linked')
      await log.undo('one')
      await thinHistory(log, Date.now() + 366 * day)
      // The last write is kept: whoever follows is told by it how far they are.
      expect((await store.history(['A'], 1e9, 9)).map(each => each.words)).toEqual([expect.stringContaining('Undone')])
      expect(await store.history(null, 1e9, 9)).toHaveLength(5)
    })
  })

  it('tells who follows from a write that is not kept any more that more may have changed', async () => {
    await withStore({ products }, async store => {
      const { log, take } = await shopWith(store)
      const before = log.followed
      await take('products', 'sku,stock\nA,9\n')
      await log.run({ type: 'link', kind: 'related', on: [{ source: 'A' }], targets: ['B'] }, 'one')
      await thinHistory(log, Date.now() + 20 * day)
      const told: FollowedWrite[] = []
      log.follow(each => told.push(each), before)
      await expect.poll(() => told.length).toBe(1)
      expect(told[0]).toMatchObject({ number: log.followed, rebuilt: true })
      const later: FollowedWrite[] = []
      log.follow(each => later.push(each), log.followed - 1)
      await expect.poll(() => later.length).toBe(1)
      expect(later[0]).toMatchObject({ number: log.followed, rebuilt: false })
    })
  })

  it('is kept for as many days as the environment says, and not for “some”', () => {
    expect(keptDays()).toEqual({ files: 14, others: 365 })
    vi.stubEnv('MANADA_UNDO_DAYS', '30')
    vi.stubEnv('MANADA_UNDO_FILES_DAYS', '2')
    expect(keptDays()).toEqual({ files: 2, others: 30 })
    for (const wrong of ['some', '0', '-1', '1.5']) {
      vi.stubEnv('MANADA_UNDO_DAYS', wrong)
      expect(() => keptDays()).toThrow('MANADA_UNDO_DAYS is not a whole number of days, from 1.')
    }
  })
})
