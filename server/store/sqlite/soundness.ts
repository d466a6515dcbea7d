import { stat } from 'node:fs/promises'
import { dirname } from 'node:path'
import { QueryTypes, Sequelize } from 'sequelize'
import sqlite3 from 'sqlite3'
import { UnusableDataError } from '../port'

/** What is told when a shop can't be opened, after what is wrong. */
const whatToDo = (folder: string) =>
  `Nothing was changed. Put the newest copy from ${folder}/backups in its place, or, to begin with an empty shop, empty the folder.`

/**
 * Checks that the shop's file can be opened as it is. A missing or empty one is a new shop only in a folder that never had one.
 * @param hadShop whether a shop was opened in the folder before
 * @param folder what is told of; another than the file's when that is a copy
 * @throws UnusableDataError when it is gone or damaged
 */
export async function checkSound(file: string, hadShop: boolean, folder = dirname(file)): Promise<void> {
  const [size, logged] = await Promise.all([sizeOf(file), sizeOf(`${file}-wal`)])
  if (!size) {
    if (!hadShop && !logged) return
    const state = size === null ? 'is gone' : 'is empty'
    throw new UnusableDataError(`There was a shop in ${folder}, but its file ${file} ${state}. ${whatToDo(folder)}`)
  }
  const faults = await faultsIn(file, 'quick_check')
  if (faults.length)
    throw new UnusableDataError(`The shop’s file ${file} is damaged (${faults.slice(0, 3).join('; ')}). ${whatToDo(folder)}`)
}

/**
 * What is wrong with how a database is kept; empty: nothing.
 * @param check `quick_check` leaves out whether indices match their tables, which takes as long as all else
 */
export async function faultsIn(file: string, check: 'quick_check' | 'integrity_check'): Promise<string[]> {
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, storage: file, logging: false })
  try {
    const rows = await sequelize.query<Record<string, string>>(`PRAGMA ${check}`, { type: QueryTypes.SELECT })
    return rows.flatMap(row => Object.values(row)).filter(each => each !== 'ok')
  } catch (error) {
    // What can't even be read as a database says so here.
    if (/SQLITE_(CORRUPT|NOTADB)/.test(String(error))) return [String((error as Error).message)]
    throw error
  } finally {
    await sequelize.close()
  }
}

/** Bytes of a file; null: it is not there. */
const sizeOf = (file: string) =>
  stat(file).then(
    ({ size }) => size,
    () => null,
  )
