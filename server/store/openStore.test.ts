import { fork } from 'node:child_process'
import { once } from 'node:events'
import { mkdtemp, open, readdir, rename, rm, stat, truncate, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Sequelize } from 'sequelize'
import sqlite3 from 'sqlite3'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { openStore } from './openStore'
import { UnusableDataError } from './port'
import { databaseFile } from './sqlite/database'
import { migrations } from './sqlite/migrations'
import { faultsIn } from './sqlite/soundness'
import { takeWriterLock } from './sqlite/writerLock'

let folder = ''
beforeEach(async () => void (folder = await mkdtemp(join(tmpdir(), 'manada-test-'))))
afterEach(() => rm(folder, { recursive: true, force: true }))

const file = () => databaseFile(folder)
const openAndClose = async () => (await openStore(folder)).close()

/** Does something to the file of a shop that is not open. */
async function inFile(...statements: string[]): Promise<void> {
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: file(), logging: false })
  for (const statement of statements) await sequelize.query(statement)
  await sequelize.close()
}

/** What is said when the shop can't be opened; whatever is in the folder is as it was. */
async function refusal(): Promise<string> {
  const state = async () => (await readdir(folder)).filter(each => !each.startsWith('manada.lock')).sort()
  const before = await state()
  const error = await openStore(folder).then(
    () => new Error('It was opened.'),
    (thrown: unknown) => thrown,
  )
  expect(error).toBeInstanceOf(UnusableDataError)
  expect(await state()).toEqual(before)
  return (error as Error).message
}

describe('a data folder', () => {
  it('is open in one place at a time, and says where', async () => {
    const store = await openStore(folder)
    expect(await refusal()).toContain(`process ${process.pid} on `)
    await store.close()
    await openAndClose()
  })

  it('can be opened as soon as the process that had it is gone, however it went', async () => {
    const holder = fork(join(import.meta.dirname, 'holdFolder.testing.ts'), [folder], { execArgv: ['--import', 'tsx'] })
    await once(holder, 'message')
    expect(await refusal()).toContain(`process ${holder.pid} on `)
    holder.kill('SIGKILL')
    await once(holder, 'exit')
    await openAndClose()
  })

  it('that had a shop never gets an empty one without a word', async () => {
    await openAndClose()
    await rename(file(), join(folder, 'elsewhere'))
    expect(await refusal()).toMatch(/its file .* is gone\. Nothing was changed\. Put the newest copy/)
    await writeFile(file(), '')
    expect(await refusal()).toContain('is empty')
    await rename(join(folder, 'elsewhere'), file())
    await openAndClose()
  })

  it('in which a first start was cut short begins with an empty shop', async () => {
    await (
      await takeWriterLock(folder)
    )()
    await openAndClose()
  })

  it('with a damaged shop is not opened', async () => {
    await openAndClose()
    // In the middle of the tree of tables and indices.
    const handle = await open(file(), 'r+')
    await handle.write(Buffer.alloc(4096, 0xa5), 0, 4096, 8 * 4096)
    await handle.close()
    expect(await refusal()).toContain('is damaged')
    await truncate(file(), 3000)
    expect(await refusal()).toContain('is damaged')
    await writeFile(file(), 'This is no database, but long enough to be taken for one at a first look. '.repeat(100))
    expect(await refusal()).toContain('is damaged (')
  })

  it('that a newer version has written is not opened by an older one', async () => {
    await openAndClose()
    await inFile(`INSERT INTO SequelizeMeta VALUES ('9999-of-tomorrow')`)
    expect(await refusal()).toContain('newer version of Manada (it has 9999-of-tomorrow)')
  })

  it('is copied before it is upgraded; an upgrade that was cut short goes on', async () => {
    const [last, ...done] = migrations.map(each => each.name).toReversed()
    await openAndClose()
    // As it was before the last migration.
    await inFile(
      ...['orders_by_placed', 'order_lines_in_bundles', 'order_lines_reduced'].map(each => `DROP INDEX ${each}`),
      ...['chosen', 'reductions', 'origin'].map(each => `ALTER TABLE order_lines DROP COLUMN ${each}`),
      `DELETE FROM SequelizeMeta WHERE name = '${last}'`,
    )
    await openAndClose()
    const copy = join(folder, 'backups', `before-upgrade-from-${done[0]}.sqlite`)
    expect((await stat(copy)).size).toBeGreaterThan(0)
    expect(await faultsIn(copy, 'integrity_check')).toEqual([])
    expect(await faultsIn(file(), 'integrity_check')).toEqual([])
    // What was copied opens too.
    await rename(copy, file())
    await openAndClose()
    expect(await readdir(join(folder, 'backups'))).toEqual([`before-upgrade-from-${done[0]}.sqlite`])
  })
})
