import { join } from 'node:path'
import { setTimeout } from 'node:timers/promises'
import type { AccessBook } from '../access/accessBook'
import { joinLink } from '../admission/joinLink'
import { publicAddress } from '../http/door'
import { keepRecountingProblems } from '../live/recountProblems'
import type { LiveShop } from '../live/liveShop'
import { picturesInUse } from '../live/picturesInUse'
import { sweepPictures } from '../pictures/pictureFolder'
import { isWhole } from '../running/damage'
import { useShop } from '../running/useShop'
import { dataFolder } from '../running/dataFolder'
import { sweepReceived } from '../exchange/receiveFile'
import { keepCopying } from '../running/dailyCopies'
import { keepThinning } from '../running/thinHistory'
import { publishWhenDue } from '../running/publishDue'
import { beginStopping } from '../running/stopping'
import { openStreams } from '../journal/openStreams'
import { stopCounting } from '../counting/useCounting'
import { log } from '../log'
import { UnusableDataError } from '../store/port'

/** Opens the shop when the server starts, so that the first request need not wait, and closes it with the server. */
export default defineNitroPlugin(nitro => {
  const opening = useShop()
  opening.catch((error: unknown) => {
    // Whoever has just started it reads this.
    if (error instanceof UnusableDataError) process.stderr.write(`\n${error.message}\n\n`)
    else log.fatal(error, 'Manada could not open its data.')
    process.exit(1)
  })
  // Only who has the data folder may tidy it.
  void opening.then(sweepReceived).catch((error: unknown) => log.warn(error, 'What was being imported could not be swept away.'))
  void opening.then(({ store }) => isWhole(store))
  void opening.then(({ access }) => tellReady(access))
  // The server waits for open requests before it stops; streams would never end by themselves, and a file may take minutes.
  const endLongRequests = () => {
    beginStopping()
    for (const stream of openStreams.keys()) void stream.close()
  }
  process.once('SIGINT', endLongRequests)
  process.once('SIGTERM', endLongRequests)
  const closing = new AbortController()
  void opening.then(({ shop }) => keepRecountingProblems(shop, closing.signal))
  void opening.then(({ shop }) => keepSweepingPictures(shop, closing.signal))
  void opening.then(running => keepThinning(running.log, closing.signal))
  void opening.then(({ store }) => keepCopying(store, dataFolder(), closing.signal))
  void opening.then(running => closing.signal.addEventListener('abort', publishWhenDue(running)))
  nitro.hooks.hook('close', async () => {
    closing.abort()
    await stopCounting()
    await (await opening).store.close()
  })
})

/** Shops are answered from now on. Somebody has to be the first who may let others in: whoever sees what the server tells. */
function tellReady(access: AccessBook): void {
  process.stdout.write(`Manada is ready at ${publicAddress()}\n`)
  const key = access.firstKey()
  if (key) process.stdout.write(`\nThere is no admin yet. Whoever opens this link becomes the first, once:\n${joinLink(key)}\n\n`)
}

const day = 24 * 3600 * 1000

/** Takes away pictures that nothing shows any more, now and once a day. */
async function keepSweepingPictures(shop: LiveShop, signal: AbortSignal): Promise<void> {
  while (!signal.aborted) {
    try {
      await sweepPictures(join(dataFolder(), 'pictures'), picturesInUse(shop), Date.now())
    } catch (error) {
      log.error(error, 'Pictures that nothing shows could not be taken away.')
    }
    await setTimeout(day, null, { signal, ref: false }).catch(() => undefined)
  }
}
