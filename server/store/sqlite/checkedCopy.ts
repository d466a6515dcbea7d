import { QueryTypes, Sequelize } from 'sequelize'
import sqlite3 from 'sqlite3'
import { UnusableDataError } from '../port'
import { copyDatabase } from './copyDatabase'
import { migrations } from './migrations'
import { faultsIn } from './soundness'

/** What a copy of a shop has, for whoever made it. */
export interface CopyFacts {
  products: number
  /** Of the history. */
  entries: number
}

const withDatabase = async <T>(file: string, work: (sequelize: Sequelize) => Promise<T>): Promise<T> => {
  const mode = sqlite3.OPEN_READONLY
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: sqlite3, dialectOptions: { mode }, storage: file, logging: false })
  try {
    return await work(sequelize)
  } finally {
    await sequelize.close()
  }
}

async function countedIn(sequelize: Sequelize): Promise<CopyFacts> {
  const [facts] = await sequelize.query<CopyFacts>(
    'SELECT (SELECT count(*) FROM products) AS products, (SELECT count(*) FROM journal) AS entries',
    { type: QueryTypes.SELECT },
  )
  return facts!
}

/** Copies a shop's file while a server may be writing into it, and looks whether the copy is whole. */
export async function copyShop(file: string, target: string): Promise<CopyFacts> {
  const [before, after] = await withDatabase(file, async sequelize => {
    const before = await countedIn(sequelize)
    await copyDatabase(sequelize, target)
    return [before, await countedIn(sequelize)] as const
  })
  const copied = await checkCopy(target)
  if (copied.entries < before.entries || copied.entries > after.entries)
    throw new UnusableDataError(`The copy ${target} has ${copied.entries} entries of the history, and should have ${before.entries}.`)
  return copied
}

/**
 * Whether a file is a shop that this version can open, and whole.
 * @throws UnusableDataError when it is not
 */
export async function checkCopy(file: string): Promise<CopyFacts> {
  const faults = await faultsIn(file, 'integrity_check')
  if (faults.length) throw new UnusableDataError(`${file} is damaged (${faults.slice(0, 3).join('; ')}).`)
  return withDatabase(file, async sequelize => {
    const rows = await sequelize
      .query<{ name: string }>('SELECT name FROM SequelizeMeta', { type: QueryTypes.SELECT })
      .catch(() => [] as { name: string }[])
    if (!rows.length) throw new UnusableDataError(`${file} is no shop of Manada’s.`)
    const known = new Set(migrations.map(each => each.name))
    if (rows.some(({ name }) => !known.has(name))) throw new UnusableDataError(`${file} was written by a newer version of Manada.`)
    return countedIn(sequelize)
  })
}
