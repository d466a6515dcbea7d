import type { ImportProgress } from './importFile'

/** An import that is under way. */
export interface Job {
  stage: ImportProgress['stage'] | 'receiving'
  /** Rows read, or written, so far. */
  rows: number
  /** Rows of the file; 0: not known yet. */
  of: number
  /** Bytes read so far, and of the whole file. */
  bytes: number
  size: number
  cancel: AbortController
}

/** Imports that are under way, by the name that their sender gave them. */
export const jobs = new Map<string, Job>()
