import type { EventStream } from 'h3'
import { openStreams } from '../journal/openStreams'
import type { Store } from '../store/port'
import { NotWrittenError } from '../store/port'

/** What keeps the server from doing all that it should, until whoever runs it has seen to it. */
export type Trouble = 'disk-full' | 'read-only' | 'damaged'

const words: Record<Trouble, string> = {
  'disk-full':
    'The server’s disk is full: nothing can be saved. Shoppers are answered as before; whoever runs the server has to make room.',
  'read-only': 'The server may only read its data: nothing can be saved. Shoppers are answered as before.',
  'damaged':
    'The shop’s file is damaged. Shoppers are answered as before; whoever runs the server should put back a copy from before it was, ' +
    'and what is done from now on may be lost.',
}
const now = new Set<Trouble>()

/** What is wrong now. */
export const troubles = (): Trouble[] => [...now]

/** Notes that something is wrong; studios that are open say so. */
export function troubleBegan(trouble: Trouble): void {
  if (now.has(trouble)) return
  now.add(trouble)
  tellAll()
}

export function troubleEnded(trouble: Trouble): void {
  if (now.delete(trouble)) tellAll()
}

function tellAll(): void {
  for (const stream of openStreams.keys()) tellTroubles(stream)
}

/** Tells a studio what is wrong, in words. */
export const tellTroubles = (stream: EventStream) =>
  void stream.push({ event: 'troubles', data: JSON.stringify(troubles().map(each => words[each])) })

/** Notes of a store whether there is room to write. */
export const notingTroubles = <S extends Store>(store: S): S => ({
  ...store,
  async write(work) {
    try {
      const done = await store.write(work)
      troubleEnded('disk-full')
      return done
    } catch (error) {
      if (error instanceof NotWrittenError && error.reason) troubleBegan(error.reason)
      throw error
    }
  },
})
