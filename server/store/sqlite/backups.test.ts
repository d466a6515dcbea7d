import { mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { copyOfDay } from '../../running/dailyCopies'
import { backUp, restore } from './backups'
import { contentsWith, entryOf, linkChange } from '../contract/sample.testing'
import { openStore } from '../openStore'
import type { Store } from '../port'
import { databaseFile, openDatabase } from './database'

const now = '2026-05-01T10:00:00.000Z'
let folder: string
let store: Store
const copy = () => join(folder, 'copies', 'one.sqlite')
const other = () => join(folder, 'other')
const shop = () => join(folder, 'shop')
const entriesOf = async (of: Store) => (await of.history(null, 1e9, 1000)).map(each => each.words)

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'manada-backups-'))
  store = await openStore(shop())
  await store.fill(contentsWith())
})
afterEach(async () => {
  await store.close().catch(() => undefined)
  await rm(folder, { recursive: true, force: true })
})

async function link(words: string): Promise<void> {
  await store.write(async writer => {
    const changes = [linkChange('A', 'upsell', ['B'])]
    await writer.writeChanges(changes, 'en')
    await writer.addEntry(entryOf({ words }), changes)
  })
}

describe('a copy of the shop', () => {
  it('is made while others write, is whole, and put back gives the shop as it was then, with its pictures', async () => {
    await mkdir(join(shop(), 'pictures'), { recursive: true })
    await writeFile(join(shop(), 'pictures', 'bee.svg'), '<svg/>')
    for (let i = 0; i < 50; i++) await link(`before ${i}`)
    let isWriting = true
    const writing = (async () => {
      for (let i = 0; isWriting; i++) await link(`meanwhile ${i}`)
    })()
    const { products, entries } = await backUp(shop(), copy())
    isWriting = false
    await writing
    expect(products).toBe(4)
    expect(entries).toBeGreaterThanOrEqual(50)
    await link('after')

    expect(await restore(other(), copy(), now)).toEqual({ products, entries, kept: null })
    const restored = await openStore(other())
    const words = await entriesOf(restored)
    expect(words).toHaveLength(entries)
    expect(words).not.toContain('after')
    expect(await entriesOf(store)).toEqual(expect.arrayContaining(words))
    expect(await restored.faults()).toEqual([])
    await restored.close()
    expect(await readFile(join(other(), 'pictures', 'bee.svg'), 'utf8')).toBe('<svg/>')
  })

  it('takes the place of what is there, which is kept', async () => {
    await link('first')
    await backUp(shop(), copy())
    await link('second')
    await store.close()
    const { kept } = await restore(shop(), copy(), now)
    store = await openStore(shop())
    expect(await entriesOf(store)).toEqual(['first'])
    // The way back from the way back.
    await store.close()
    await restore(shop(), kept!, '2026-05-01T11:00:00.000Z')
    store = await openStore(shop())
    expect(await entriesOf(store)).toEqual(['second', 'first'])
  })

  it('is put back over a shop that is damaged', async () => {
    await link('first')
    await backUp(shop(), copy())
    await store.close()
    await writeFile(databaseFile(shop()), 'This is no database any more, but it is long enough for one. '.repeat(50))
    const { kept } = await restore(shop(), copy(), now)
    expect(await readFile(kept!, 'utf8')).toContain('no database any more')
    store = await openStore(shop())
    expect(await entriesOf(store)).toEqual(['first'])
  })

  it('is refused in words where it would lose something, and nothing is changed', async () => {
    await backUp(shop(), copy())
    await expect(backUp(shop(), copy())).rejects.toThrow('is there already')
    await expect(backUp(other(), join(folder, 'x.sqlite'))).rejects.toThrow('There is no shop in')
    await expect(restore(shop(), copy(), now)).rejects.toThrow('is open already')
    await store.close()
    await expect(restore(shop(), join(folder, 'none.sqlite'), now)).rejects.toThrow('There is no file')
    const nonsense = join(folder, 'nonsense.sqlite')
    await writeFile(nonsense, 'not a database '.repeat(300))
    await expect(restore(shop(), nonsense, now)).rejects.toThrow('is damaged')
    const empty = join(folder, 'empty.sqlite')
    await writeFile(empty, '')
    await expect(restore(shop(), empty, now)).rejects.toThrow('is no shop of Manada’s')
    const newer = await openDatabase(join(folder, 'newer.sqlite'))
    await newer.sequelize.query("INSERT INTO SequelizeMeta VALUES ('9999-of-tomorrow')")
    await newer.close()
    await expect(restore(shop(), join(folder, 'newer.sqlite'), now)).rejects.toThrow('a newer version')
    store = await openStore(shop())
    expect((await store.productNumbers()).length).toBe(4)
  })

  it('is kept of each of the last seven days on which there was one', async () => {
    const days = Array.from({ length: 10 }, (_, i) => `2026-05-${String(20 + i)}`)
    await mkdir(join(shop(), 'backups'), { recursive: true })
    await writeFile(join(shop(), 'backups', 'mine.sqlite'), 'not to be touched')
    for (const day of days) {
      expect(await copyOfDay(store, shop(), day)).toContain(`daily-${day}.sqlite`)
      expect(await copyOfDay(store, shop(), day)).toBeNull()
    }
    // A copy of what is damaged would take the place of a whole one.
    const damaged = { ...store, faults: () => Promise.resolve(['row 3 missing from index']) }
    expect(await copyOfDay(damaged, shop(), '2026-06-01')).toBeNull()
    expect((await readdir(join(shop(), 'backups'))).sort()).toEqual([...days.slice(-7).map(day => `daily-${day}.sqlite`), 'mine.sqlite'])
    expect(await restore(other(), join(shop(), 'backups', 'daily-2026-05-29.sqlite'), now)).toMatchObject({ products: 4 })
  })
})
