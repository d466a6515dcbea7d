import { idOf } from '../../core/access/access'
import type { ChangeEvent } from '../../core/workbench/workbench'
import { useShop } from '../running/useShop'
import { namedChanges } from '../running/commandAnswer'
import { openStreams, tellWhoIsThere } from '../journal/openStreams'
import { tellTroubles } from '../running/troubles'

/** Whoever has missed more than this loads everything anew. */
const maxMissed = 200

/**
 * Tells an open studio of every change, as server-sent events (HTML Living Standard, §9.2). Each has the number of its write:
 * a browser whose connection broke says the last one it has, and is told what it missed, or that it has to load everything anew.
 */
export default api('viewer', async (event, asker) => {
  const stream = createEventStream(event)
  const { log, access } = await useShop()
  const last = Number(getHeader(event, 'last-event-id') || log.followed)
  const canFollow = last <= log.followed && last >= log.followed - maxMissed
  const stop = log.follow(
    ({ number, words, changes, rebuilt }) => {
      const told: ChangeEvent = { words, changes: rebuilt ? null : namedChanges(changes) }
      void stream.push({ id: String(number), data: JSON.stringify(told) })
    },
    canFollow ? last : log.followed,
  )
  openStreams.set(stream, access.shown(idOf(asker)))
  tellWhoIsThere()
  stream.onClosed(() => {
    stop()
    openStreams.delete(stream)
    tellWhoIsThere()
  })
  // Sends the headers at once, so that the studio knows it is connected; and the number from which it follows.
  void stream.push({ event: canFollow ? 'connected' : 'missed', id: String(canFollow ? last : log.followed), data: '' })
  tellTroubles(stream)
  return stream.send()
})
