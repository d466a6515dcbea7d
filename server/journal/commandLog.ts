import { needWords } from '../../core/access/access'
import type { Role } from '../../core/access/roles'
import { isAtLeast } from '../../core/access/roles'
import { contextOf } from '../../core/journal/commandContext'
import { CommandError } from '../../core/journal/commandError'
import type { Stored } from '../../core/journal/shopView'
import { areForShoppers } from '../../core/records/releases/liveAfter'
import type { Change, Command } from '../../core/records/registry'
import { describeCommand, neededBy, partsOfCommand, planCommand, roleFor } from '../../core/records/registry'
import type { LiveShop } from '../live/liveShop'
import type { ImportCommand, JournalEntry } from '../store/journal'
import type { Store, StoreReader, StoreWriter } from '../store/port'
import { carryOut } from './carryOut'
import { isMadeInPieces, roleOf } from './entryOrigin'
import { LongWork } from './longWork'
import type { Piece } from './piece'
import { StoppedError } from './piece'
import type { TakingBackType } from './takingBack'
import { TakingBack } from './takingBack'
import type { Done, FollowedWrite } from './writeQueue'
import { WriteQueue } from './writeQueue'

/** What undo and redo would do for an editor, in words; null: nothing. */
export interface UndoState {
  undo: string | null
  redo: string | null
}

const never = new AbortController().signal

/**
 * The only way to write. A command is planned, carried out and put into the journal in one transaction;
 * then the live shop takes it over and those who follow are told.
 */
export class CommandLog {
  readonly #store: Store
  readonly #shop: LiveShop
  readonly #queue: WriteQueue
  readonly #stopping: AbortSignal
  readonly #longWork: LongWork

  /**
   * @param stop is called when memory can't follow the database any more: whoever goes on would tell what is not so
   * @param stopping long work ends between two pieces when this says so
   */
  constructor(store: Store, shop: LiveShop, stop: (error: unknown) => void = rethrow, stopping: AbortSignal = never) {
    this.#store = store
    this.#shop = shop
    this.#queue = new WriteQueue(store, shop, stop)
    this.#stopping = stopping
    this.#longWork = new LongWork(this.#queue, shop, stopping)
  }

  /** Number of the last write that the live shop has taken over: what was worked out before holds as long as it is the same. */
  get followed(): number {
    return this.#shop.followed
  }

  /** How many writes are under way or wait for those before them. */
  get waiting(): number {
    return this.#queue.waiting
  }

  /** Whether somebody’s edit or order is among them, and not only pieces of long work. */
  get doesSomebodyWait(): boolean {
    return this.#queue.doesSomebodyWait
  }

  /** See WriteQueue. @param after number of a write; left out: from now on */
  follow(follower: (told: FollowedWrite) => void, after = this.followed): () => void {
    return this.#queue.follow(follower, after)
  }

  /**
   * @param role what the editor may do; left out: it is the server's own doing
   * @throws CommandError when the command can't be carried out; then nothing was changed
   */
  run(command: Command, editor: string, role: Role = 'admin'): Promise<Done> {
    const parts = partsOfCommand(command)
    if (parts.length > 1) return this.#runParts(command, parts, editor, role)
    return this.#queue.turn(async writer => {
      allow(roleFor(command), role)
      const context = contextOf(this.#shop, await this.#readStored(command, writer))
      const changes = planCommand(command, context)
      const words = describeCommand(command, context, this.#shop.settings.language)
      if (!changes.length) return { entry: null, type: command.type, words, changes, editor }
      await writer.dropUndone(editor)
      return carryOut(this.#shop, { type: command.type, command, words }, changes, editor, writer)
    })
  }

  /** A long command, as one entry. */
  async #runParts(command: Command, parts: readonly Command[], editor: string, role: Role): Promise<Done> {
    allow(roleFor(command), role)
    const changes: Change[] = []
    let words = ''
    let begun = 0
    const next = async (writer: StoreWriter): Promise<Piece | null> => {
      const part = parts[begun++]
      if (!part) return null
      const context = contextOf(this.#shop, await this.#readStored(command, writer))
      if (begun === 1) {
        words = describeCommand(command, context, this.#shop.settings.language)
        // What can’t be carried out as a whole is not begun.
        planCommand(command, context)
      }
      const some = planCommand(part, context)
      changes.push(...some)
      return { changes: some, words: begun < parts.length ? `${words}: ${begun} of ${parts.length} parts done` : words }
    }
    try {
      const { entry } = await this.runInPieces({ type: command.type, command }, next, () => words, editor)
      return { entry, type: command.type, words, changes, editor }
    } catch (error) {
      if (!(error instanceof StoppedError)) throw error
      throw new CommandError('stopped', `${error.message} ${words}: done in part; do it again to go on.`)
    }
  }

  /**
   * Carries out what a file asks for, as one entry.
   * @param plan works out the changes on the shop as it is then, with no other write between
   * @param words of what was done, for the history
   */
  runImport(what: ImportCommand, plan: () => Promise<Change[]>, words: () => string, editor: string): Promise<Done> {
    return this.#queue.turn(async writer => {
      const changes = await plan()
      if (!changes.length) return { entry: null, type: what.type, words: words(), changes, editor }
      await writer.dropUndone(editor)
      return carryOut(this.#shop, { type: what.type, command: what, words: words() }, changes, editor, writer)
    })
  }

  /** See LongWork. */
  runInPieces(...work: Parameters<LongWork['run']>): Promise<Pick<Done, 'entry' | 'words'>> {
    return this.#longWork.run(...work)
  }

  /**
   * Carries out what is not a merchandiser's doing, such as a sale: in its turn, and taken over by the live shop, but no entry of the
   * history.
   * @param words of what was done, for those who listen
   */
  async runOutsideHistory<T>(words: string, work: (writer: StoreWriter) => Promise<{ changes: Change[]; answer: T }>): Promise<T> {
    let answer: T | undefined
    await this.#queue.turn(async writer => {
      const done = await work(writer)
      answer = done.answer
      await writer.writeChanges(done.changes, this.#shop.settings.language)
      return { entry: null, type: 'beside', words, changes: done.changes, editor: '' }
    })
    return answer!
  }

  /** @throws CommandError when there is nothing to undo, or someone changed the same since */
  undo(editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#takeBack('undo', editor, role, reader => nextOf(reader, editor, 'undo'))
  }

  /** @throws CommandError when there is nothing to redo, or someone changed the same since */
  redo(editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#takeBack('redo', editor, role, reader => nextOf(reader, editor, 'redo'))
  }

  async undoState(editor: string): Promise<UndoState> {
    const [undo, redo] = await Promise.all([this.#store.nextEntry(editor, 'done'), this.#store.nextEntry(editor, 'undone')])
    return { undo: undo?.words ?? null, redo: redo?.words ?? null }
  }

  /**
   * Takes back a single entry of anyone's, whatever was done since, unless something later depends on it.
   * @throws CommandError when it is unknown, no longer in force, or what it changed was changed later
   */
  revert(id: number, editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#takeBack('revert', editor, role, async reader => {
      const of = await reader.entry(id)
      if (!of) throw new CommandError('no-such-entry', `There is no entry ${id} in the history.`)
      if (of.state !== 'done' || of.type === 'undo' || of.type === 'redo')
        throw new CommandError('not-in-force', `“${of.words}” is not in force any more.`)
      return of
    })
  }

  /** Takes an entry back, or does it again: at once, or piece by piece where it was made so. */
  async #takeBack(type: TakingBackType, editor: string, role: Role, find: (reader: StoreReader) => Promise<JournalEntry>): Promise<Done> {
    let inPieces: JournalEntry | undefined
    const done = await this.#queue.turn(async (writer): Promise<Done> => {
      const of = await find(writer)
      if (this.#longWork.underWay.has(of.id))
        throw new CommandError('under-way', `“${of.words}” is still under way. Try again when it is done.`)
      allow(await roleOf(of, writer), role)
      const pieces = await writer.pieces(of.id)
      if (!pieces) throw new CommandError('not-kept', `What “${of.words}” changed is too long ago to be kept.`)
      if (pieces > 1 && (await isMadeInPieces(of, writer))) {
        inPieces = of
        this.#longWork.underWay.add(of.id)
        return { entry: null, type, words: '', changes: [], editor }
      }
      const work = new TakingBack(type, of, this.#shop)
      const changes = await work.changes(writer)
      // What was live at once in a version before is for shoppers all the same.
      if (areForShoppers(changes)) allow('publisher', role)
      await work.note(editor, writer)
      return carryOut(this.#shop, { type, command: { entry: of.id }, words: work.words }, changes, editor, writer)
    })
    return inPieces ? this.#takeBackInPieces(type, inPieces, editor) : done
  }

  async #takeBackInPieces(type: TakingBackType, of: JournalEntry, editor: string): Promise<Done> {
    try {
      const work = new TakingBack(type, of, this.#shop)
      await work.begin(this.#store)
      const done = await this.runInPieces(
        { type, command: { entry: of.id } },
        (writer, took) => work.next(editor, writer, took),
        () => work.words,
        editor,
      )
      return { ...done, type, changes: [], editor }
    } catch (error) {
      if (!(error instanceof StoppedError)) throw error
      throw new CommandError('stopped', `${error.message} “${of.words}” is taken back in part; do it again to go on.`)
    } finally {
      this.#longWork.underWay.delete(of.id)
    }
  }

  /** Forgets what old entries changed; a little at a time, so that nobody waits for it. See StoreWriter. */
  async thin(old: { files: string; others: string }): Promise<void> {
    for (let isMore = true; isMore && !this.#stopping.aborted;)
      await this.#queue.turnOfPiece(async (writer): Promise<Done> => {
        isMore = await writer.thinJournal({ ...old, most: 200 })
        return { entry: null, type: 'beside', words: '', changes: [], editor: '' }
      })
  }

  /** What a command is planned on that memory doesn't hold. */
  async #readStored(command: Command, writer: StoreWriter): Promise<Stored> {
    const { product, release } = neededBy(command)
    return {
      product: product === undefined ? undefined : (await writer.productsBySku([product])).get(product),
      release: release === undefined ? undefined : ((await writer.release(release)) ?? undefined),
    }
  }
}

/** The entry that an editor's undo or redo is about. */
async function nextOf(reader: StoreReader, editor: string, type: 'undo' | 'redo'): Promise<JournalEntry> {
  const of = await reader.nextEntry(editor, type === 'undo' ? 'done' : 'undone')
  if (!of) throw new CommandError(type === 'undo' ? 'nothing-to-undo' : 'nothing-to-redo', `There is nothing to ${type}.`)
  return of
}

/** @throws CommandError when a role is not enough */
function allow(needed: Role, role: Role): void {
  if (!isAtLeast(role, needed)) throw new CommandError('not-allowed', `${needWords(needed, role)} Nothing was changed.`)
}

function rethrow(error: unknown): never {
  throw error
}
