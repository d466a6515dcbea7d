import type { EventStream } from 'h3'
import { uniqBy } from 'es-toolkit'
import type { PersonShown } from '../../core/access/people'

/**
 * The streams of changes that studios are listening to, with who listens; closed with the server, which would wait for them otherwise. A
 * program is nobody.
 */
export const openStreams = new Map<EventStream, PersonShown | null>()

/** Whoever goes from one workspace to another is not gone: so long is waited before all are told who is there, in milliseconds. */
const pause = 1500
let telling: NodeJS.Timeout | undefined

/** Tells every studio who is there, once that has settled. */
export function tellWhoIsThere(): void {
  clearTimeout(telling)
  telling = setTimeout(() => {
    const there = uniqBy(
      [...openStreams.values()].filter(each => each !== null),
      each => each.id,
    )
    for (const stream of openStreams.keys()) void stream.push({ event: 'there', data: JSON.stringify(there) })
  }, pause).unref()
}
