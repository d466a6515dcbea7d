import { constants } from 'node:fs'
import { access, copyFile, mkdir, mkdtemp, rm, stat, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { log } from '../log'
import type { Store } from './port'
import { NotWrittenError } from './port'
import { databaseFile } from './sqlite/database'
import { checkSound } from './sqlite/soundness'
import { openSqliteStore } from './sqlite/sqliteStore'
import { takeWriterLock } from './sqlite/writerLock'

/** A shop that is kept in a data folder. */
export interface OpenStore extends Store {
  /** What the server adds by itself as it starts is added: in a folder that may only be read, nothing is written from now on. */
  noMoreWrites(): void
  /** Nothing can be written: the folder may only be read. */
  isReadOnly: boolean
}

/**
 * Opens the shop that is kept in a data folder; an empty one in a folder that never had one. Until it is closed, or the process ends, no
 * other can open it.
 * @throws UnusableDataError when it can't be opened without losing something
 */
export async function openStore(folder: string): Promise<OpenStore> {
  if (await isReadOnly(folder)) return openCopy(folder)
  await mkdir(folder, { recursive: true })
  const file = databaseFile(folder)
  // Left behind once there is a shop: a first start that was cut short before had none.
  const mark = join(folder, 'manada.opened')
  const hadShop = await access(mark).then(
    () => true,
    () => false,
  )
  const letGo = await takeWriterLock(folder)
  try {
    await checkSound(file, hadShop)
    const store = await openSqliteStore(file)
    if (!hadShop) await writeFile(mark, '')
    return {
      ...store,
      isReadOnly: false,
      noMoreWrites: () => undefined,
      async close() {
        await store.close()
        await letGo()
      },
    }
  } catch (error) {
    await letGo()
    throw error
  }
}

/** Whether there is a shop in a folder that this process may only read. */
async function isReadOnly(folder: string): Promise<boolean> {
  if (!(await stat(databaseFile(folder)).catch(() => null))) return false
  return access(folder, constants.W_OK).then(
    () => false,
    () => true,
  )
}

/** Opens a copy of a shop that may only be read: reading a database takes files beside it. What is written there would be lost. */
async function openCopy(folder: string): Promise<OpenStore> {
  const own = await mkdtemp(join(tmpdir(), 'manada-read-only-'))
  for (const suffix of ['', '-wal']) {
    const there = databaseFile(folder) + suffix
    if (await stat(there).catch(() => null)) await copyFile(there, databaseFile(own) + suffix)
  }
  const letGo = () => rm(own, { recursive: true, force: true })
  const store = await checkSound(databaseFile(own), true, folder)
    .then(() => openSqliteStore(databaseFile(own)))
    .catch(async (error: unknown) => {
      await letGo()
      throw error
    })
  log.warn({ folder }, 'The data folder may only be read: shops are answered, and nothing can be changed.')
  let isSealed = false
  return {
    ...store,
    isReadOnly: true,
    noMoreWrites: () => (isSealed = true),
    write: work => (isSealed ? Promise.reject(new NotWrittenError(null, 'read-only')) : store.write(work)),
    async close() {
      await store.close()
      await letGo()
    },
  }
}
