import { Histogram } from 'prom-client'

/** Seconds that writes wait for those before them. */
export const writeWaits = new Histogram({
  name: 'manada_write_wait_seconds',
  help: 'Seconds that a write waited for those before it.',
  buckets: [0.01, 0.05, 0.1, 0.25, 0.5, 1, 5],
  registers: [],
})
