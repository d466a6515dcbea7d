import type { ResourceLimits } from 'node:worker_threads'

/**
 * Megabytes that a thread may take for what is soon gone again. Left to itself V8 takes six times as much, for each thread anew; what the
 * threads make is gone as soon with less.
 */
export const resourceLimits: ResourceLimits = { maxYoungGenerationSizeMb: 8 }
