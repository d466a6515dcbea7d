// Fills the data folder with the demo shop, unless there is a shop in it already. With --fresh it starts over.
import { mkdir, rename, rm, stat, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Command } from '../core/records/registry'
import { databaseFile } from '../server/store/sqlite/database'
import { openSqliteStore } from '../server/store/sqlite/sqliteStore'
import { takeWriterLock } from '../server/store/sqlite/writerLock'
import { UnusableDataError } from '../server/store/port'
import { loadLiveShop } from '../server/live/loadLiveShop'
import { dataFolder } from '../server/running/dataFolder'
import { CommandLog } from '../server/journal/commandLog'
import { bundleCommands } from './bundles'
import { checkCommands } from './checks'
import { links } from './links'
import { sectionCommands } from './sections'
import { makeDemoShop } from './shop'

/** Whose changes the demo's links are in the journal. */
const demoEditor = 'demo-shop'

const fresh = process.argv.includes('--fresh')
const folder = dataFolder()
const file = databaseFile(folder)

if (!fresh && (await stat(file).catch(() => null))) {
  console.log(`Keeping the shop in ${folder}. To start over: npm run demo -- --fresh`)
} else {
  await mkdir(folder, { recursive: true })
  const letGo = await takeWriterLock(folder).catch((error: unknown) => {
    if (!(error instanceof UnusableDataError)) throw error
    console.error(error.message)
    process.exit(1)
  })
  await fill()
  await letGo()
}

/** Fills a file of its own and puts it in place when it is complete, so that a stop half-way leaves no half shop. */
async function fill(): Promise<void> {
  const unfinished = `${file}.unfinished`
  await mkdir(join(folder, 'pictures'), { recursive: true })
  await remove(unfinished)

  const { contents, pictures, marks } = makeDemoShop()
  const store = await openSqliteStore(unfinished)
  await store.fill(contents)
  const log = new CommandLog(store, await loadLiveShop(store))
  const markCommands = marks.map((mark): Command => ({ type: 'setBrandMark', ...mark }))
  for (const command of [...bundleCommands, ...linkCommands(), ...markCommands, ...sectionCommands, ...checkCommands])
    await log.run(command, demoEditor)
  // Everything into the one file, so that it can be moved on its own.
  await store.database.sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)')
  await store.close()

  await Promise.all(pictures.map(({ name, svg }) => writeFile(join(folder, 'pictures', name), svg)))
  await remove(file)
  await rename(unfinished, file)
  await remove(unfinished)
  const variants = contents.products.reduce((sum, each) => sum + each.variants.length, 0)
  console.log(
    `Made the demo shop in ${folder}: ${contents.products.length} products with ${variants} variants, ${contents.orders.length} orders.`,
  )
}

function linkCommands(): Command[] {
  return Object.entries(links).flatMap(([source, lanes]) =>
    Object.entries(lanes)
      .filter(([, targets]) => targets.length)
      .map(([kind, targets]): Command => ({ type: 'link', kind, on: [{ source, seen: [] }], targets })),
  )
}

async function remove(database: string): Promise<void> {
  for (const suffix of ['', '-wal', '-shm']) await rm(database + suffix, { force: true })
}
