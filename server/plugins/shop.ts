import { keepRecountingProblems } from '../live/recountProblems'
import { useShop } from '../running/useShop'
import { sweepReceived } from '../exchange/receiveFile'
import { publishWhenDue } from '../running/publishDue'
import { openStreams } from '../journal/openStreams'
import { stopCounting } from '../counting/useCounting'
import { log } from '../log'

/** Opens the shop when the server starts, so that the first request need not wait, and closes it with the server. */
export default defineNitroPlugin(nitro => {
  void sweepReceived()
  const opening = useShop()
  opening.catch((error: unknown) => {
    log.fatal(error, 'Manada could not open its data.')
    process.exit(1)
  })
  // The server waits for open requests before it stops; streams would never end by themselves.
  const closeStreams = () => {
    for (const stream of openStreams) void stream.close()
  }
  process.once('SIGINT', closeStreams)
  process.once('SIGTERM', closeStreams)
  const closing = new AbortController()
  void opening.then(({ shop }) => keepRecountingProblems(shop, closing.signal))
  void opening.then(running => closing.signal.addEventListener('abort', publishWhenDue(running)))
  nitro.hooks.hook('close', async () => {
    closing.abort()
    await stopCounting()
    await (await opening).store.close()
  })
})
