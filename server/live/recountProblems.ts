import { setImmediate as nextTurn, setTimeout as pause } from 'node:timers/promises'
import type { LiveShop } from './liveShop'

const pieceSize = 1000
const everyHour = 3_600_000

/** Counts links with problems again and again, a few at a time so that no request waits: the calendar alone puts products on sale. */
export async function keepRecountingProblems(shop: LiveShop, signal: AbortSignal): Promise<void> {
  for (;;) {
    await pause(everyHour, undefined, { signal, ref: false }).catch(() => undefined)
    if (signal.aborted) return
    for (let from = 0; from < shop.catalogue.products.length && !signal.aborted; from += pieceSize) {
      shop.finder.recountProblems(from, from + pieceSize)
      await nextTurn()
    }
  }
}
