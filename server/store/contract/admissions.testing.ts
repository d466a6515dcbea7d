import { describe, expect, it } from 'vitest'
import type { WithShop } from './sample.testing'

/** Who may come in. */
export function describeAdmissions(withStore: WithShop): void {
  describe('keeps who may come in', () => {
    it('sort by sort, in the order in which it was made, changed where it stands and taken away', async () => {
      await withStore({}, async (store, another) => {
        const session = (device: string) => ({ person: 'p', device, begun: '2026-05-01T10:00:00Z', seen: '2026-05-01T10:00:00Z' })
        await store.write(async writer => {
          for (const id of ['b', 'a', 'c']) await writer.putAdmission('session', id, session(id))
          await writer.putAdmission('secret', 'a', { value: 'another sort of the same name' })
          await writer.putAdmission('session', 'b', session('changed'))
          await writer.putAdmission('session', 'a', null)
          await writer.putAdmission('session', 'none', null)
        })
        const kept = [
          { id: 'b', value: session('changed') },
          { id: 'c', value: session('c') },
        ]
        expect(await store.admissions('session')).toEqual(kept)
        expect(await (await another()).admissions('session')).toEqual(kept)
        expect(await store.admissions('secret')).toEqual([{ id: 'a', value: { value: 'another sort of the same name' } }])
        expect(await store.admissions('person')).toEqual([])
      })
    })

    it('and none of it when the write fails', async () => {
      await withStore({}, async store => {
        const failing = store.write(async writer => {
          await writer.putAdmission('secret', 's', { value: 'x' })
          throw new Error('No.')
        })
        await expect(failing).rejects.toThrow('No.')
        expect(await store.admissions('secret')).toEqual([])
      })
    })
  })
}
