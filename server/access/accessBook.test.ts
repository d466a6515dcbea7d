import { describe, expect, it } from 'vitest'
import type { SqliteStore } from '../store/sqlite/sqliteStore'
import { withStore } from '../store/temporaryStore.testing'
import { AccessBook } from './accessBook'
import type { AccessRefused } from './accessRefused'

const day = 24 * 3_600_000
const start = Date.parse('2026-05-01T10:00:00Z')
const wilma = { name: 'Wilma', email: 'wilma@shop.example', password: 'a hash' }
const ansgar = { name: 'Ansgar', email: 'ansgar@shop.example', password: 'another hash' }

interface Clock {
  now: number
}

const withBook = (work: (book: AccessBook, clock: Clock, store: SqliteStore) => Promise<void>) =>
  withStore({}, async store => {
    const clock = { now: start }
    await work(await AccessBook.open(store, () => clock.now), clock, store)
  })
const refusal = (work: Promise<unknown>) =>
  work.then(
    () => 'done',
    (error: AccessRefused) => error.code,
  )

describe('who may come in', () => {
  it('the first admin comes by a link that holds once, and as long as there is no admin', () =>
    withBook(async (book, _, store) => {
      const key = book.firstKey()!
      expect(book.firstKey()).toBe(key)
      expect(book.invitationOf(key)).toMatchObject({ role: 'admin' })
      expect(await refusal(book.join('made up', wilma))).toBe('no-invitation')
      // Two at once: one of them is it.
      const both = [refusal(book.join(key, wilma)), refusal(book.join(key, ansgar))]
      expect(await Promise.all(both)).toEqual(['done', 'no-invitation'])
      expect([book.firstKey(), book.invitationOf(key)]).toEqual([null, null])
      const again = await AccessBook.open(store)
      expect(again.people).toEqual(book.people)
      expect([again.firstKey(), again.secret]).toEqual([null, book.secret])
    }))

  it('others by invitation, once, for a week, and each with an address of their own', () =>
    withBook(async (book, clock, store) => {
      await book.join(book.firstKey()!, wilma)
      const [key, late, taken] = [
        await book.invite('Ansgar', 'editor'),
        await book.invite('Berthe', 'viewer'),
        await book.invite('C', 'viewer'),
      ]
      expect(await refusal(book.join(key, { ...ansgar, email: wilma.email }))).toBe('email-taken')
      expect(await book.join(key, ansgar)).toMatchObject({ name: 'Ansgar', role: 'editor', colour: 'clay' })
      expect(await refusal(book.join(key, { ...ansgar, email: 'x@shop.example' }))).toBe('no-invitation')
      await book.takeBackInvitation(book.invitations.find(each => each.name === 'C')!.id)
      expect(await refusal(book.join(taken, { ...ansgar, email: 'c@shop.example' }))).toBe('no-invitation')
      clock.now += 7 * day
      expect([book.invitationOf(late), book.invitations]).toEqual([null, []])
      // No key stands in the database.
      const kept = JSON.stringify(await store.admissions('invitation'))
      for (const each of [key, late, taken]) expect(kept).not.toContain(each)
    }))

  it('there is always an admin; who is gone keeps the name and loses all else', () =>
    withBook(async book => {
      const { id } = await book.join(book.firstKey()!, wilma)
      expect([await refusal(book.remove(id)), await refusal(book.change(id, { role: 'viewer' }))]).toEqual(['last-admin', 'last-admin'])
      const other = await book.join(await book.invite('Ansgar', 'admin'), ansgar)
      const session = await book.beginSession(id, 'a browser')
      await book.remove(id)
      expect([book.person(id), book.personWith(wilma.email), book.personIn(session.id)]).toEqual([null, null, null])
      expect(book.shown(id)).toEqual({ id, name: 'Wilma', colour: 'petrol' })
      expect(await refusal(book.remove(other.id))).toBe('last-admin')
      expect(await refusal(book.change(id, { name: 'x' }))).toBe('unknown-person')
      // The address is free again.
      expect(await refusal(book.join(await book.invite('Wilma', 'viewer'), wilma))).toBe('done')
    }))

  it('is signed in for thirty days, where it was not ended, also after a start anew', () =>
    withBook(async (book, clock, store) => {
      const { id } = await book.join(book.firstKey()!, wilma)
      const [first, second, third] = [await book.beginSession(id, '1'), await book.beginSession(id, '2'), await book.beginSession(id, '3')]
      expect(book.sessionsOf(id).map(each => each.device)).toEqual(['3', '2', '1'])
      expect(await book.endSessions(id, second.id)).toBe(2)
      expect([first, second, third].map(each => book.personIn(each.id)?.id)).toEqual([undefined, id, undefined])
      clock.now += 2 * 3_600_000
      const again = await AccessBook.open(store, () => clock.now)
      expect(again.personIn(second.id)?.id).toBe(id)
      expect(again.sessionsOf(id)[0]!.seen).toBe(new Date(clock.now).toISOString())
      clock.now += 30 * day
      expect([again.personIn(second.id), again.sessionsOf(id)]).toEqual([null, []])
      // What is over is swept with the next one.
      await again.beginSession(id, '4')
      expect(await store.admissions('session')).toHaveLength(1)
    }))

  it('programs have tokens, which are kept as hashes, hold for their time, and can be taken back', () =>
    withBook(async (book, clock, store) => {
      const token = await book.tokens.make('Feed', ['exchange:write'], 30)
      const other = await book.tokens.make('Other', ['draft:read'], 90)
      expect(book.tokens.programWith(token)).toMatchObject({ name: 'Feed', scopes: ['exchange:write'] })
      expect(book.tokens.programWith(`${token}x`)).toBeNull()
      expect(JSON.stringify(await store.admissions('token'))).not.toContain(token)
      clock.now += 30 * day
      expect([book.tokens.programWith(token), book.tokens.programWith(other)?.name]).toEqual([null, 'Other'])
      await book.tokens.takeBack(book.tokens.all.find(each => each.name === 'Other')!.id)
      expect(book.tokens.programWith(other)).toBeNull()
      expect(await refusal(book.tokens.takeBack('gone'))).toBe('no-token')
    }))

  it('is not taken for let in when it could not be written', () =>
    withBook(async (_, __, store) => {
      const book = await AccessBook.open({ ...store, write: () => Promise.reject(new Error('The disk is full.')) })
      const key = book.firstKey()!
      await expect(book.join(key, wilma)).rejects.toThrow('The disk is full.')
      expect([book.people, book.firstKey()]).toEqual([[], key])
    }))
})
