import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Sequelize } from 'sequelize'
import sqlite3 from 'sqlite3'
import { describe, expect, it } from 'vitest'
import { builtInPlans } from '../../../../core/pagePlans/builtInPlans'
import { builtInSections } from '../../../../core/sections/builtIn'
import { makeProduct } from '../../../../core/catalogue/makeProduct.testing'
import { makeOffer } from '../../../../core/offers/makeOffer.testing'
import { readSettings } from '../catalogueTables'
import { readProductsBySku } from '../productReading'
import { tableOf } from '../recordTables'
import { readKept, readHistory } from '../journalTables'
import { readRelease } from '../releaseTables'
import type { Database } from '../database'
import { openDatabase } from '../database'
import type { RecordName } from '../../../../core/records/registry'
import { recordOf } from '../../../../core/records/registry'
import { migrations } from './index'
import { firstTables } from './0001-first-tables'

/** A database as it was after the migrations up to one of them. */
async function oldDatabase(file: string, until: string): Promise<Sequelize> {
  const old = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: file, logging: false })
  await old.query(`CREATE TABLE SequelizeMeta (name TEXT PRIMARY KEY)`)
  for (const { name, statements } of migrations.slice(0, migrations.findIndex(each => each.name === until) + 1)) {
    for (const statement of statements) await old.query(statement)
    await old.query(`INSERT INTO SequelizeMeta VALUES ('${name}')`)
  }
  return old
}

/** What is stored of a record, by key. */
async function stored(db: Database, of: RecordName): Promise<Record<string, unknown>> {
  const things: Record<string, unknown> = {}
  for await (const { key: kind, value } of tableOf(of).read(db, undefined, sku => sku)) things[kind] = recordOf({ of }).upgrade(value)
  return things
}

describe('the migrations', () => {
  it('give sections and page plans of before, also those in the journal, what they have by now', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = await oldDatabase(file, '0009-other-headings')
    const { display: _, buttons: __, look: _____, ...section } = builtInSections.find(each => each.layout === 'list')!
    const { scope: ___, rank: ____, zones, ...today } = builtInPlans[0]!
    const ofSections = zones.filter(({ key }) => key !== 'belowBuy').map(({ key, blocks }) => ({ key, sections: blocks }))
    const plan = { ...today, zones: ofSections }
    const bare = { ...today, key: 'bare', zones: [] }
    const inBundles = builtInSections.find(each => each.key === 'bundles-with-it')!
    const insert = (table: string, thing: { key: string }) =>
      old.query(`INSERT INTO ${table} (key, live, draft) VALUES ($key, $thing, NULL)`, {
        bind: { key: thing.key, thing: JSON.stringify(thing) },
      })
    await insert('sections', section)
    await insert('plans', plan)
    await insert('plans', bare)
    await old.query(
      `INSERT INTO journal (id, at, editor, type, command, words, state)
        VALUES (1, '2026-01-01T00:00:00Z', 'one', 'publish', '{}', 'Published', 'done')`,
    )
    for (const [part, of, thing] of [
      [0, 'section', section],
      [1, 'plan', plan],
    ] as const) {
      await old.query(
        `INSERT INTO journal_changes (entryId, part, "of", source, kind, before, after) VALUES (1, $part, $of, '', $key, $before, 'null')`,
        { bind: { part, of, key: thing.key, before: JSON.stringify({ live: null, draft: thing }) } },
      )
    }
    await old.close()

    const db = await openDatabase(file)
    expect(await stored(db, 'section')).toEqual({
      [section.key]: { live: builtInSections.find(each => each.key === section.key), draft: null },
      // The list of bundles was a part of the page; now it is a section.
      [inBundles.key]: { live: inBundles, draft: inBundles },
    })
    const [belowBuy] = zones
    expect(await stored(db, 'plan')).toEqual({
      [plan.key]: { live: builtInPlans[0], draft: null },
      bare: { live: { ...builtInPlans[0], key: 'bare', zones: [belowBuy] }, draft: null },
    })
    const [ofSection, ofPlan] = await readKept(db, 1, null)
    expect(ofSection).toMatchObject({ before: { live: null, draft: builtInSections.find(each => each.key === section.key) }, after: null })
    expect(ofPlan).toMatchObject({ before: { live: null, draft: builtInPlans[0] }, after: null })
    await db.close()
    await rm(folder, { recursive: true, force: true })
  })

  it('give the sections of releases and of planned publishings their looks too', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = await oldDatabase(file, '0012-releases')
    const before = builtInSections.map(
      ({
        look: _,
        display: {
          heading: { icon: __, ...heading },
          ...display
        },
        ...section
      }) => ({ ...section, display: { ...display, heading: { ...heading, size: 'medium' } } }),
    )
    const planned = { [before[0]!.key]: before[0], gone: null }
    await old.query(`INSERT INTO releases (at, note, words, sections, plans) VALUES ('2026-01-01T00:00:00Z', '', '', $sections, '[]')`, {
      bind: { sections: JSON.stringify(before) },
    })
    await old.query(`INSERT INTO schedules (key, at, note, sections, plans) VALUES ('1', '2026-01-01T00:00:00Z', '', $sections, '{}')`, {
      bind: { sections: JSON.stringify(planned) },
    })
    await old.close()

    const db = await openDatabase(file)
    expect(await readRelease(db, 1)).toMatchObject({ sections: builtInSections, plans: [], looks: null })
    expect((await stored(db, 'schedule'))['1']).toMatchObject({
      sections: { [before[0]!.key]: builtInSections[0], gone: null },
      plans: {},
      looks: {},
    })
    await db.close()
    await rm(folder, { recursive: true, force: true })
  })

  it('know of products that the journal keeps that they are no bundles, and what lines of orders cost', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = await oldDatabase(file, '0015-brand-marks')
    const { bundle: _, ...product } = makeProduct('SMOKER')
    await old.query(
      `INSERT INTO products (id, sku, name, title, tags, stock, status, attributes, description)
        VALUES (1, 'SMOKER', '{}', '', '[]', 1, 'active', '{}', '{}')`,
    )
    await old.query(
      `INSERT INTO journal (id, at, editor, type, command, words, state)
        VALUES (1, '2026-01-01T00:00:00Z', 'one', 'import', '{}', 'Imported', 'done')`,
    )
    await old.query(
      `INSERT INTO journal_changes (entryId, part, "of", source, kind, before, after)
        VALUES (1, 0, 'product', 'SMOKER', '', 'null', $after)`,
      { bind: { after: JSON.stringify(product) } },
    )
    await old.query(`INSERT INTO orders (id, number, placed) VALUES (1, '1', '2026-01-01')`)
    await old.query(`INSERT INTO order_lines (orderId, line, sku, quantity, unitPrice) VALUES (1, 1, 'SMOKER', 3, 3990)`)
    await old.close()

    const db = await openDatabase(file)
    expect((await readProductsBySku(db, ['SMOKER'])).get('SMOKER')!.bundle).toBeNull()
    expect(await readKept(db, 1, null)).toMatchObject([{ of: 'product', before: null, after: makeProduct('SMOKER') }])
    expect(await db.select('SELECT line, within, total FROM order_lines')).toEqual([{ line: 1, within: null, total: 11970 }])
    await db.close()
    await rm(folder, { recursive: true, force: true })
  })

  it('bring a database of the first structure up to date, with its links and its journal', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: file, logging: false })
    for (const statement of firstTables.statements) await old.query(statement)
    await old.query(`CREATE TABLE SequelizeMeta (name TEXT PRIMARY KEY)`)
    await old.query(`INSERT INTO SequelizeMeta VALUES ('${firstTables.name}')`)
    for (const id of [1, 2]) {
      await old.query(
        `INSERT INTO products (id, sku, name, title, tags, stock, status, attributes, description)
          VALUES (${id}, 'P${id}', '{}', '', '[]', 1, 'active', '{}', '{}')`,
      )
    }
    await old.query(`INSERT INTO links (sourceId, kind, place, targetId) VALUES (1, 'upsell', 1, 2)`)
    const changes = JSON.stringify([{ source: 'P1', kind: 'upsell', before: [], after: [{ target: 'P2' }] }])
    await old.query(
      `INSERT INTO journal (at, editor, type, command, words, changes, state)
        VALUES ('2026-01-01T00:00:00Z', 'one', 'link', '{}', 'Linked', '${changes}', 'done')`,
    )
    await old.close()

    const db = await openDatabase(file)
    expect(await db.models.links.findAll({ raw: true })).toEqual([
      { sourceId: 1, kind: 'upsell', place: 1, targetId: 2, variantId: null, activeFrom: null, activeUntil: null, note: null },
    ])
    expect(await readKept(db, 1, null)).toEqual([{ of: 'links', owner: 'P1', key: 'upsell', before: [], after: [{ target: 'P2' }] }])
    expect((await readHistory(db, ['P1'], 99, 10)).map(({ words, lanes }) => [words, lanes])).toEqual([['Linked', 1]])
    expect(await readHistory(db, ['P2'], 99, 10)).toEqual([])
    expect(await db.select('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }])
    await db.close()
    await rm(folder, { recursive: true, force: true })
  })

  it('let shoppers go on having the offers that were active, and make drafts of all, in the journal too', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = await oldDatabase(file, '0022-journal-pieces')
    const [on, off] = [makeOffer('on'), makeOffer('off', { limit: 3 })]
    for (const [offer, active] of [
      [on, true],
      [off, false],
    ] as const)
      await old.query('INSERT INTO offers (key, offer) VALUES ($key, $offer)', {
        bind: { key: offer.key, offer: JSON.stringify({ ...offer, active }) },
      })
    const change = { of: 'offer', owner: '', key: 'on', before: { ...on, active: false }, after: { ...on, active: true } }
    await old.query(
      `INSERT INTO journal (at, editor, type, command, words, state)
        VALUES ('2026-01-01T00:00:00Z', 'one', 'changeOffer', '{}', 'On', 'done')`,
    )
    await old.query('INSERT INTO journal_pieces (entryId, piece, changed, changes) VALUES (1, 0, 1, $changes)', {
      bind: { changes: JSON.stringify([change]) },
    })
    await old.close()

    const db = await openDatabase(file)
    expect(await stored(db, 'offer')).toEqual({ on: { live: on, draft: on }, off: { live: null, draft: off } })
    expect(await readKept(db, 1, null)).toEqual([{ ...change, before: { live: null, draft: on }, after: { live: on, draft: on } }])
    await db.close()
    await rm(folder, { recursive: true })
  })

  it('keep the stock of products and variants, and what an empty stock cell says in shops of before', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const opened = async (products: number) => {
      const file = join(folder, `${products}.sqlite`)
      const old = await oldDatabase(file, '0026-order-facts')
      if (products) {
        await old.query(
          `INSERT INTO products (id, sku, name, title, tags, stock, status, attributes, description)
            VALUES (1, 'A', '{"en":"A"}', 'A', '[]', 3, 'active', '{}', '{}')`,
        )
        await old.query(`INSERT INTO variants (id, productId, position, sku, options, stock) VALUES (1, 1, 1, 'A-1', '{"size":"1"}', -2)`)
      }
      await old.close()
      const db = await openDatabase(file)
      const product = (await readProductsBySku(db, ['A'])).get('A')
      const { emptyStock } = await readSettings(db)
      await db.close()
      return { emptyStock, stocks: product && [product.stock, ...product.variants.map(each => each.stock)] }
    }
    expect(await opened(1)).toEqual({ emptyStock: 'none', stocks: [3, -2] })
    expect(await opened(0)).toEqual({ emptyStock: 'untracked', stocks: undefined })
    await rm(folder, { recursive: true })
  })

  it('are carried out once, also when the record of one can’t be written at first', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'manada-test-'))
    const file = join(folder, 'manada.sqlite')
    const old = await oldDatabase(file, migrations.at(-2)!.name)
    await old.query(`CREATE TRIGGER stop BEFORE INSERT ON SequelizeMeta BEGIN SELECT raise(ABORT, 'stopped on the way'); END`)
    await expect(openDatabase(file)).rejects.toThrow(`Migration ${migrations.at(-1)!.name} (up) failed`)
    await old.query('DROP TRIGGER stop')
    await old.close()
    const db = await openDatabase(file)
    expect(await db.select('SELECT name FROM SequelizeMeta')).toHaveLength(migrations.length)
    await db.close()
    await rm(folder, { recursive: true })
  })
})
