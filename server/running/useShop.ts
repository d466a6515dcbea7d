import type { Store } from '../store/port'
import { AccessBook } from '../access/accessBook'
import { adminToken } from '../access/adminToken'
import { openStore } from '../store/openStore'
import { CommandLog } from '../journal/commandLog'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { log } from '../log'
import { dataFolder } from './dataFolder'
import { stopping } from './stopping'
import { keptDays } from './thinHistory'
import { notingTroubles, troubleBegan } from './troubles'

export interface Running {
  store: Store
  shop: LiveShop
  log: CommandLog
}

interface Open extends Running {
  access: AccessBook
}

let running: Promise<Open> | undefined
let opened = false

/** The open database, the live shop and the command log of this process; opened by the first who asks. */
export function useShop(): Promise<Open> {
  return (running ??= open())
}

/** Whether the shop is open: it takes a while to read a large one. */
export const isOpen = () => opened

async function open(): Promise<Open> {
  adminToken()
  keptDays()
  const store = notingTroubles(await openStore(dataFolder()))
  const access = await AccessBook.open(store)
  // Sessions are sealed with what this shop keeps, so that they hold when the server starts anew.
  process.env.NUXT_SESSION_PASSWORD = access.secret
  const shop = await loadLiveShop(store)
  store.noMoreWrites()
  if (store.isReadOnly) troubleBegan('read-only')
  opened = true
  return { store, shop, log: new CommandLog(store, shop, stop, stopping), access }
}

/** What is written is safe; the next start takes it over. */
function stop(error: unknown): void {
  log.fatal(
    error,
    'Manada’s memory does not follow its database any more. It stops, so that nobody is told what is not so; start it again.',
  )
  process.exit(1)
}
