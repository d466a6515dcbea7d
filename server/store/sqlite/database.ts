import { join } from 'node:path'
import { BaseError, QueryTypes, Sequelize, Transaction } from 'sequelize'
import sqlite3 from 'sqlite3'
import { NotWrittenError } from '../port'
import { migrate } from './migrate'
import type { Models } from './models'
import { defineModels } from './models'

export interface Database {
  sequelize: Sequelize
  models: Models
  /** Rows of a query; `?` or `:name` stand for values. */
  select<T extends object>(sql: string, replacements?: Record<string, unknown> | unknown[], transaction?: Transaction): Promise<T[]>
  /** Runs a statement; `$name` stands for a value, of any length. */
  run(sql: string, values: Record<string, unknown>, transaction: Transaction): Promise<void>
  /** Adds a row and returns its number; `$name` stands for a value, of any length. */
  insert(sql: string, values: Record<string, unknown>, transaction: Transaction): Promise<number>
  /** Reads what takes long on a connection of its own: all other reads share one, and would wait for it. */
  readAside<T>(work: (transaction: Transaction) => Promise<T>): Promise<T>
  /** Runs a write. All of it takes effect or, when it throws, none. Writes wait for each other. */
  write<T>(work: (transaction: Transaction) => Promise<T>): Promise<T>
  close(): Promise<void>
}

/** The database's file in a data folder. */
export const databaseFile = (folder: string) => join(folder, 'manada.sqlite')

/**
 * Opens a database file, made if it is not there, and brings its structure up to date. One with data in it is copied before that.
 * @throws UnusableDataError when a newer version of Manada has written it
 */
export async function openDatabase(file: string): Promise<Database> {
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    dialectModule: sqlite3,
    storage: file,
    logging: false,
    define: { timestamps: false, freezeTableName: true },
  })
  // A confirmed write must be on the disk: WAL with full synchronisation (SQLite's default) keeps that promise.
  await sequelize.query('PRAGMA journal_mode = WAL')
  try {
    await migrate(sequelize, file)
  } catch (error) {
    await sequelize.close()
    throw error
  }

  let lastWrite: Promise<unknown> = Promise.resolve()
  return {
    sequelize,
    models: defineModels(sequelize),
    select: (sql, replacements, transaction) => sequelize.query(sql, { type: QueryTypes.SELECT, replacements, transaction, raw: true }),
    run: async (sql, values, transaction) => {
      await sequelize.query(sql, { bind: values, transaction, raw: true })
    },
    insert: async (sql, values, transaction) => {
      const [number] = await sequelize.query(sql, { type: QueryTypes.INSERT, bind: values, transaction, raw: true })
      return number
    },
    readAside: work => sequelize.transaction({ type: Transaction.TYPES.DEFERRED }, work),
    write(work) {
      const turn = lastWrite.then(() => writeNow(sequelize, work))
      lastWrite = turn.catch(() => undefined)
      return turn
    },
    async close() {
      await lastWrite
      await sequelize.close()
    },
  }
}

/** SQLite says so before anything of a transaction counts (Result and Error Codes, SQLITE_FULL, SQLITE_READONLY). */
function reasonOf(error: unknown): NotWrittenError['reason'] {
  const message = String((error as Error).message)
  if (message.includes('SQLITE_FULL')) return 'disk-full'
  return message.includes('SQLITE_READONLY') ? 'read-only' : null
}

async function writeNow<T>(sequelize: Sequelize, work: (transaction: Transaction) => Promise<T>): Promise<T> {
  let isComplete = false
  try {
    return await sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, async transaction => {
      const result = await work(transaction)
      isComplete = true
      return result
    })
  } catch (error) {
    const reason = reasonOf(error)
    // Of another error at the very end it is not certain that nothing was written.
    throw error instanceof BaseError && (reason || !isComplete) ? new NotWrittenError(error, reason) : error
  }
}
