import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Sequelize } from 'sequelize'
import sqlite3 from 'sqlite3'
import { describe, expect, it } from 'vitest'
import { readChanges, readHistory } from '../journalStore'
import { openDatabase } from '../database'
import { firstTables } from './0001-first-tables'

describe('the migrations', () => {
  it('bring a database of the first structure up to date, with its links and its journal', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: file, logging: false })
    for (const statement of firstTables.statements) await old.query(statement)
    await old.query(`CREATE TABLE SequelizeMeta (name TEXT PRIMARY KEY)`)
    await old.query(`INSERT INTO SequelizeMeta VALUES ('${firstTables.name}')`)
    for (const id of [1, 2]) {
      await old.query(`INSERT INTO products (id, sku, name, title, tags, stock, status, attributes, description) VALUES (${id}, 'P${id}', '{}', '', '[]', 1, 'active', '{}', '{}')`)
    }
    await old.query(`INSERT INTO links (sourceId, kind, place, targetId) VALUES (1, 'upsell', 1, 2)`)
    const changes = JSON.stringify([{ source: 'P1', kind: 'upsell', before: [], after: [{ target: 'P2' }] }])
    await old.query(`INSERT INTO journal (at, editor, type, command, words, changes, state) VALUES ('2026-01-01T00:00:00Z', 'one', 'link', '{}', 'Linked', '${changes}', 'done')`)
    await old.close()

    const db = await openDatabase(file)
    expect(await db.models.links.findAll({ raw: true })).toEqual([{ sourceId: 1, kind: 'upsell', place: 1, targetId: 2, variantId: null, activeFrom: null, activeUntil: null, note: null }])
    expect(await readChanges(db, 1)).toEqual([{ of: 'links', source: 'P1', kind: 'upsell', before: [], after: [{ target: 'P2' }] }])
    expect((await readHistory(db, ['P1'], 99, 10)).map(({ words, lanes }) => [words, lanes])).toEqual([['Linked', 1]])
    expect(await readHistory(db, ['P2'], 99, 10)).toEqual([])
    expect(await db.select('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }])
    await db.close()
    await rm(folder, { recursive: true, force: true })
  })
})
