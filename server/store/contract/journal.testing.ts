import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Change } from '../../../core/records/registry'
import type { JournalEntry, JournalState } from '../journal'
import type { WithShop } from './sample.testing'
import { skus, allOf, entryOf, linkChange } from './sample.testing'

/** What was done: entries, undo and redo, the log of every write. */
export function describeJournal(withStore: WithShop): void {
  describe('keeps what was done', () => {
    it('keeps what entries changed, in its order, and names the first later one that changed the same', async () => {
      const many = Array.from({ length: 450 }, (_, i) => linkChange(skus[i % 4]!, `kind-${i}`, ['A']))
      await withStore({}, async store => {
        const [first, second, third] = await store.write(async writer => [
          await writer.addEntry(entryOf({ words: 'Many' }), many),
          await writer.addEntry(entryOf(), [linkChange('A', 'other', [])]),
          await writer.addEntry(entryOf({ words: 'Again' }), [many[7]!]),
        ])
        expect(await store.changesOf(first!)).toEqual(many)
        expect(await store.entry(first!)).toEqual({ id: first, ...entryOf({ words: 'Many' }) })
        expect(await store.entry(999)).toBeNull()
        expect(await store.laterEntry(first!, many[7]!)).toMatchObject({ id: third, words: 'Again' })
        expect([await store.laterEntry(first!, many[8]!), await store.laterEntry(third!, many[7]!)]).toEqual([null, null])
        expect((await store.history(null, third!, 10)).map(({ id, lanes }) => [id, lanes])).toEqual([
          [second, 1],
          [first, 450],
        ])
        expect((await store.history(['D', 'B'], 1e9, 1)).map(each => each.id)).toEqual([third])
        expect(await store.history(['none'], 1e9, 10)).toEqual([])
      })
    })

    it('knows who changed each thing last, of what is in force', async () => {
      const change = (key: string): Change => ({ of: 'look', owner: '', key, before: null, after: { live: null, draft: null } })
      await withStore({}, async store => {
        const add = (editor: string, type: JournalEntry['type'], ...changes: Change[]) =>
          store.write(writer => writer.addEntry(entryOf({ editor, type }), changes))
        await add('one', 'addLook', change('a'), change('b'))
        await add('two', 'publish', change('b'))
        const undone = await add('three', 'changeLook', change('a'))
        await add('four', 'link', linkChange('A', 'upsell', ['B']))
        await store.write(writer => writer.setState(undone, 'undone'))
        const last = async (...of: string[]) =>
          (await store.lastChanges(of)).map(each => `${each.of} ${each.key}: ${each.type} by ${each.editor}`).toSorted()
        expect(await last('look', 'section')).toEqual(['look a: addLook by one', 'look b: publish by two'])
        expect(await last('section')).toEqual([])
      })
    })

    it('knows what an editor can undo and redo, as a plain list of entries does', async () => {
      const step = fc.record({
        editor: fc.constantFrom('one', 'two'),
        does: fc.constantFrom('add' as const, 'add' as const, 'undo' as const, 'redo' as const, 'step' as const),
      })
      await fc.assert(
        fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 15 }), async steps =>
          withStore({}, async store => {
            const entries: { id: number; editor: string; type: string; state: JournalState }[] = []
            const next = (editor: string, state: 'done' | 'undone') => {
              const all = entries.filter(each => each.editor === editor && each.state === state && each.type === 'link')
              return (state === 'done' ? all.at(-1) : all[0]) ?? null
            }
            for (const { editor, does } of steps) {
              const about = does === 'undo' || does === 'redo' ? next(editor, does === 'undo' ? 'done' : 'undone') : null
              await store.write(async writer => {
                if (about) await writer.setState(about.id, (about.state = does === 'undo' ? 'undone' : 'done'))
                if (does !== 'add' && does !== 'step') return
                // What is itself a step back is never undone again.
                const type = does === 'add' ? ('link' as const) : ('undo' as const)
                if (does === 'add') {
                  await writer.dropUndone(editor)
                  for (const each of entries) if (each.editor === editor && each.state === 'undone') each.state = 'dropped'
                }
                entries.push({ id: await writer.addEntry(entryOf({ editor, type }), []), editor, type, state: 'done' })
              })
              for (const each of ['one', 'two']) {
                for (const state of ['done', 'undone'] as const)
                  expect((await store.nextEntry(each, state))?.id ?? null).toBe(next(each, state)?.id ?? null)
              }
            }
          }),
        ),
        { numRuns: 12 },
      )
    }, 60_000)

    it('keeps every write in one log, each with the number after the one before, and hands it out from any of them on', async () => {
      await withStore({}, async (store, another) => {
        expect(await store.lastWrite()).toBe(0)
        const write = { at: '2026-05-01T10:00:00Z', type: 'link', words: 'Linked', editor: 'one' }
        const sold: Change = { of: 'sold', owner: 'A', key: '', before: 1, after: 2 }
        const numbers = await store.write(async writer => {
          const entry = await writer.addEntry(entryOf(), [linkChange('A', 'related', ['B'])])
          return [
            await writer.appendWrite({ ...write, entry, changes: [linkChange('A', 'related', ['B'])] }),
            await writer.appendWrite({ ...write, type: 'beside', entry: null, changes: [sold] }),
          ]
        })
        const other = await another()
        numbers.push(await other.write(writer => writer.appendWrite({ ...write, entry: null, changes: [] })))
        expect(numbers).toEqual([1, 2, 3])
        expect([await store.lastWrite(), await other.lastWrite()]).toEqual([3, 3])
        for (const after of [0, 1, 2, 3])
          expect((await allOf(store.writesAfter(after))).map(each => each.number)).toEqual(numbers.slice(after))
        expect((await allOf(other.writesAfter(0))).map(each => each.changes)).toEqual([[linkChange('A', 'related', ['B'])], [sold], []])
      })
    })
  })
}
