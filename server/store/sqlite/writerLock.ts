import { readFile, writeFile } from 'node:fs/promises'
import { hostname } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import sqlite3 from 'sqlite3'
import { UnusableDataError } from '../port'

/** The file that is locked; it has nothing in it, and stays. */
const lockFile = (folder: string) => join(folder, 'manada.lock')
/** Who has the lock, for people to read. */
const holderFile = (folder: string) => join(folder, 'manada.lock.json')

/**
 * Makes this process the only one that writes into a data folder, until it lets go or ends, however it ends: the lock is one of SQLite's,
 * which the system takes back with the process (SQLite, "File Locking And Concurrency", section 3).
 * @returns how to let go
 * @throws UnusableDataError when another process has it
 */
export async function takeWriterLock(folder: string): Promise<() => Promise<void>> {
  const lock = await opened(lockFile(folder))
  const close = promisify(lock.close.bind(lock))
  try {
    await promisify(lock.exec.bind(lock) as (sql: string, done: (error: Error | null) => void) => void)(
      'PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE',
    )
  } catch (error) {
    await close()
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error
    const holder = await readFile(holderFile(folder), 'utf8').then(
      text => (JSON.parse(text) as { words: string }).words,
      () => 'another process',
    )
    throw new UnusableDataError(
      `The shop in ${folder} is open already: ${holder} has it. Stop that one first, or give this one a data folder of its own ` +
        '(MANADA_DATA). Two that write into one folder would undo each other’s work.',
    )
  }
  const words = `process ${process.pid} on ${hostname()}, since ${new Date().toISOString()}`
  // On a folder that can't be written the lock is as good; only its name is missing.
  await writeFile(holderFile(folder), JSON.stringify({ words })).catch(() => undefined)
  return close
}

const opened = (file: string) =>
  new Promise<sqlite3.Database>((resolve, reject) => {
    const database = new sqlite3.Database(file, error => (error ? reject(error) : resolve(database)))
  })
