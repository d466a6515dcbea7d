import type { Store } from './port'
import { databaseFile } from './sqlite/database'
import { openSqliteStore } from './sqlite/sqliteStore'

/** Opens the shop that is kept in a data folder; an empty one when there is none yet. */
export const openStore = (folder: string): Promise<Store> => openSqliteStore(databaseFile(folder))
