import { expect, it } from 'vitest'
import { withStore } from '../store/temporaryStore.testing'
import { AccessBook } from './accessBook'
import type { AccessRefused } from './accessRefused'

const refusal = (work: Promise<unknown>) =>
  work.then(
    () => 'done',
    (error: AccessRefused) => error.code,
  )

it('passkeys are their person’s, are kept, and go with the person', () =>
  withStore({}, async store => {
    const book = await AccessBook.open(store)
    const [one, other] = [
      await book.join(book.firstKey()!, { name: 'Wilma', email: 'wilma@shop.example', password: 'a hash' }),
      await book.join(await book.invite('Ansgar', 'editor'), { name: 'Ansgar', email: 'ansgar@shop.example', password: 'a hash' }),
    ]
    const passkey = { person: other.id, device: 'Firefox on Linux', publicKey: 'pQECAyYg', counter: 0, transports: ['internal'] }
    await book.passkeys.add('one', passkey)
    expect(await refusal(book.passkeys.add('one', { ...passkey, person: one.id }))).toBe('passkey-known')
    for (let i = 1; i < 10; i++) await book.passkeys.add(`more-${i}`, passkey)
    expect(await refusal(book.passkeys.add('too-many', passkey))).toBe('too-many-passkeys')
    book.passkeys.used('one', 7)
    expect(await refusal(book.passkeys.remove(one.id, 'one'))).toBe('no-passkey')
    await book.passkeys.remove(other.id, 'more-1')

    const again = await AccessBook.open(store)
    expect(again.passkeys.of(other.id)).toHaveLength(9)
    expect(again.passkeys.with('one')).toMatchObject({ counter: 7, used: expect.any(String) as string })
    await again.passkeys.add('another', { ...passkey, person: one.id })
    expect([await again.passkeys.removeAll(one.id), await again.passkeys.removeAll(one.id)]).toEqual([1, 0])
    expect(again.passkeys.of(other.id)).toHaveLength(9)
    await again.remove(other.id)
    expect([again.passkeys.of(other.id), again.passkeys.with('one')]).toEqual([[], null])
    expect(await store.admissions('passkey')).toEqual([])
  }))
