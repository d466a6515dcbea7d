import type { Change } from '../../core/records/registry'

/** A piece of long work. */
export interface Piece {
  changes: Change[]
  /** What is done with it and all pieces before, in words. */
  words: string
  /** Called when it is written. */
  written?(): void
}

/** Long work was stopped between two pieces: those before it are made. */
export class StoppedError extends Error {
  constructor() {
    super('The server is being stopped.')
    this.name = 'StoppedError'
  }
}
