import type { ChangeEvent } from '../../core/bench/bench'
import { useShop } from '../engine/useShop'
import { namedChanges } from '../journal/commandAnswer'
import { openStreams } from '../journal/openStreams'

/** Tells an open studio of every change, as server-sent events (HTML Living Standard, §9.2). */
export default defineEventHandler(async (event) => {
  const stream = createEventStream(event)
  const { log } = await useShop()
  const stop = log.listen(({ words, changes, rebuilt, editor }) => {
    const told: ChangeEvent = { words, changes: rebuilt ? null : namedChanges(changes), editor }
    void stream.push(JSON.stringify(told))
  })
  openStreams.add(stream)
  stream.onClosed(() => {
    stop()
    openStreams.delete(stream)
  })
  // Sends the headers at once, so that the studio knows it is connected.
  void stream.push({ event: 'connected', data: '' })
  return stream.send()
})
