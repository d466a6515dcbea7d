import type { ImportStage } from './importFile'

/** An import that is under way. */
export interface Job {
  stage: ImportStage | 'receiving'
  /** Rows read so far. */
  rows: number
  /** Bytes read so far, and of the whole file. */
  bytes: number
  size: number
  cancel: AbortController
}

/** Imports that are under way, by the name that their sender gave them. */
export const jobs = new Map<string, Job>()
