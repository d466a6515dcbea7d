import { resolve } from 'node:path'
import type { Store } from '../store/port'
import { openStore } from '../store/openStore'
import { CommandLog } from '../journal/commandLog'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { log } from '../log'

export interface Running {
  store: Store
  shop: LiveShop
  log: CommandLog
}

/** Where Manada keeps its data. */
export const dataFolder = () => resolve(process.env.MANADA_DATA || 'data')

let running: Promise<Running> | undefined
let opened = false

/** The open database, the live shop and the command log of this process; opened by the first who asks. */
export function useShop(): Promise<Running> {
  return (running ??= open())
}

/** Whether the shop is open: it takes a while to read a large one. */
export const isOpen = () => opened

async function open(): Promise<Running> {
  const store = await openStore(dataFolder())
  const shop = await loadLiveShop(store)
  opened = true
  return { store, shop, log: new CommandLog(store, shop, stop) }
}

/** What is written is safe; the next start takes it over. */
function stop(error: unknown): void {
  log.fatal(
    error,
    'Manada’s memory does not follow its database any more. It stops, so that nobody is told what is not so; start it again.',
  )
  process.exit(1)
}
