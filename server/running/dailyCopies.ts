import { mkdir, readdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { setTimeout } from 'node:timers/promises'
import { log } from '../log'
import type { Store } from '../store/port'
import { isWhole } from './damage'

/** So many are kept. */
const kept = 7
const name = /^daily-\d{4}-\d{2}-\d{2}\.sqlite$/

/**
 * Keeps a copy of the shop of each day, of the last days on which there was one.
 * @param day of today, as YYYY-MM-DD
 * @returns the file that was made; null: there was one of today, or the shop is damaged: its copies must not take the place of whole ones
 */
export async function copyOfDay(store: Pick<Store, 'copyTo' | 'faults'>, folder: string, day: string): Promise<string | null> {
  const backups = join(folder, 'backups')
  await mkdir(backups, { recursive: true })
  const copies = (await readdir(backups)).filter(each => name.test(each)).sort()
  const own = `daily-${day}.sqlite`
  if (copies.includes(own) || !(await isWhole(store))) return null
  await store.copyTo(join(backups, own))
  for (const old of copies.slice(0, Math.max(0, copies.length + 1 - kept))) await rm(join(backups, old), { force: true })
  return join(backups, own)
}

/** Looks every hour whether there is one of today; for the first time some minutes after the start, when there is less to do. */
export async function keepCopying(store: Pick<Store, 'copyTo' | 'faults'>, folder: string, signal: AbortSignal): Promise<void> {
  const pause = (minutes: number) => setTimeout(minutes * 60_000, null, { signal, ref: false }).catch(() => undefined)
  for (await pause(5); !signal.aborted; await pause(60)) {
    try {
      await copyOfDay(store, folder, new Date().toISOString().slice(0, 10))
    } catch (error) {
      log.error(error, 'Today’s copy of the shop could not be made. It will be tried again in an hour.')
    }
  }
}
