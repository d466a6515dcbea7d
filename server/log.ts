import pino from 'pino'

/** What the server tells whoever keeps it running: lines of JSON on standard error. */
export const log = pino({ name: 'manada' }, pino.destination(2))
