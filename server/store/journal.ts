import type { Change, Command } from '../../core/records/registry'
import type { FileKind } from '../../core/exchange/kinds/registry'

/** An import of a file. The file itself is not kept; what it changed is. */
export interface ImportCommand {
  type: 'import'
  kind: FileKind | 'set-up'
  file: string
}

/** done: in force; undone: can be redone; dropped: was undone, and something else was done since. */
export type JournalState = 'done' | 'undone' | 'dropped'

/** What somebody did, as the history has it. */
export interface JournalEntry {
  id: number
  /** ISO 8601 */
  at: string
  editor: string
  type: (Command | ImportCommand)['type'] | 'undo' | 'redo' | 'revert'
  /** The command, or for an undo, redo or revert the number of the entry that it is about. */
  command: Command | ImportCommand | { entry: number }
  /** What was done, in plain words. */
  words: string
  state: JournalState
}

/** Who changed a thing last, and by what. */
export interface LastChange extends Pick<JournalEntry, 'type' | 'editor'> {
  /** Name of the thing's record, and its key. */
  of: string
  key: string
}

/** An entry as the history lists it, with how many things it changed. */
export interface HistoryRow extends Omit<JournalEntry, 'command'> {
  lanes: number
  /** What it changed is still known: it can be taken back. */
  isKept: boolean
}

/**
 * What was written at one go. All writes stand in one log, in the order in which they were made: it is only ever appended to, and each has
 * the number after the one before. Whoever keeps something that follows from the database (the live shop, a studio) has the number up to
 * which it follows, and can go on from there.
 */
export interface Write {
  number: number
  /** ISO 8601 */
  at: string
  /** Of a command, or `beside` for what is no merchandiser's doing. */
  type: string
  words: string
  editor: string
  /** Number of the journal entry; null: it has none. */
  entry: number | null
  /** Number of the piece of the entry that was written; left out: it is all of the entry. */
  piece?: number
  changes: Change[]
}
