import { log } from '../log'
import type { Store } from '../store/port'
import { troubleBegan } from './troubles'

/** Looks through all of the shop’s file, beside everything else: a start looks quickly. Returns whether it is whole, as far as is known. */
export async function isWhole(store: Pick<Store, 'faults'>): Promise<boolean> {
  try {
    const faults = await store.faults()
    if (!faults.length) return true
    troubleBegan('damaged')
    log.error({ faults: faults.slice(0, 20) }, 'The shop’s file is damaged. Put back a copy from before it was.')
    return false
  } catch (error) {
    log.error(error, 'The shop’s file could not be checked for damage.')
    return true
  }
}
