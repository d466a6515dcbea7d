import { access, mkdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Store } from './port'
import { databaseFile } from './sqlite/database'
import { checkSound } from './sqlite/soundness'
import { openSqliteStore } from './sqlite/sqliteStore'
import { takeWriterLock } from './sqlite/writerLock'

/**
 * Opens the shop that is kept in a data folder; an empty one in a folder that never had one. Until it is closed, or the process ends, no
 * other can open it.
 * @throws UnusableDataError when it can't be opened without losing something
 */
export async function openStore(folder: string): Promise<Store> {
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
