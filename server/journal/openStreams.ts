import type { EventStream } from 'h3'

/** The streams of changes that studios are listening to; closed with the server, which would wait for them otherwise. */
export const openStreams = new Set<EventStream>()
