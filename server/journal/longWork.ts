import type { LiveShop } from '../live/liveShop'
import type { JournalEntry } from '../store/journal'
import type { StoreWriter } from '../store/port'
import { now, writeChanges } from './carryOut'
import type { Piece } from './piece'
import { StoppedError } from './piece'
import type { Done, WriteQueue } from './writeQueue'

/** Work that would hold up everybody else, if it were done at once: files, commands on a great many things, and taking those back. */
export class LongWork {
  readonly #queue: WriteQueue
  readonly #shop: LiveShop
  readonly #stopping: AbortSignal
  /** Entries that are being carried out, or taken back, piece by piece. */
  readonly underWay = new Set<number>()

  /** @param stopping it ends between two pieces when this says so */
  constructor(queue: WriteQueue, shop: LiveShop, stopping: AbortSignal) {
    this.#queue = queue
    this.#shop = shop
    this.#stopping = stopping
  }

  /**
   * Carries out long work as one entry, piece by piece: between two of them whoever waits has a turn, and each is worked out on the shop as
   * it is then. Stopped or failed between two, what is made stays, and the entry says how far it came.
   * @param next works out the next piece, and is told how many milliseconds the one before took, 0 for the first; null: that was all
   * @param words of all of it
   * @throws StoppedError when it was stopped between two pieces
   */
  async run(
    what: Pick<JournalEntry, 'type' | 'command'>,
    next: (writer: StoreWriter, took: number) => Promise<Piece | null>,
    words: () => string,
    editor: string,
  ): Promise<Pick<Done, 'entry' | 'words'>> {
    let entry: number | null = null
    let pieces = 0
    let begun = 0
    let took = 0
    try {
      for (let isOver = false; !isOver;) {
        if (this.#stopping.aborted) throw new StoppedError()
        let piece: Piece | null = null
        await this.#queue.turnOfPiece(async (writer): Promise<Done> => {
          begun = performance.now()
          piece = await next(writer, took)
          isOver = piece === null
          const done = { entry, type: what.type, words: piece?.words ?? words(), changes: piece?.changes ?? [], editor }
          if (done.changes.length) {
            // What was undone before is not done again after something else.
            if (entry === null && what.type !== 'undo' && what.type !== 'redo') await writer.dropUndone(editor)
            entry ??= await writer.addEntry({ at: now(), editor, state: 'done', ...what, words: done.words }, [])
            this.underWay.add(entry)
            await writeChanges(this.#shop, { command: what.command, words: done.words }, done.changes, editor, writer)
            await writer.addPiece(entry, pieces, done.changes, done.words)
            Object.assign(done, { entry, piece: pieces++ })
          } else if (entry !== null) await writer.setWords(entry, done.words)
          return done
        })
        took = performance.now() - begun
        tellWritten(piece)
      }
      return { entry, words: words() }
    } finally {
      if (entry !== null) this.underWay.delete(entry)
    }
  }
}

const tellWritten = (piece: Piece | null) => piece?.written?.()
