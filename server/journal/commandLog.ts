import { needWords } from '../../core/access/access'
import type { Role } from '../../core/access/roles'
import { isAtLeast } from '../../core/access/roles'
import { contextOf } from '../../core/journal/commandContext'
import { CommandError } from '../../core/journal/commandError'
import { backwards } from '../../core/journal/record'
import type { Stored } from '../../core/journal/shopView'
import type { Change, Command } from '../../core/records/registry'
import { describeCommand, findingUse, importRole, isAs, neededBy, planCommand, recordOf, roleFor } from '../../core/records/registry'
import { areForShoppers, liveAfter } from '../../core/records/releases/liveAfter'
import type { ImportCommand, JournalEntry, Write } from '../store/journal'
import type { Store, StoreReader, StoreWriter } from '../store/port'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { pausing, runInSteps } from '../live/runInSteps'
import { log } from '../log'

/** What a command, undo or redo did. */
export interface Done {
  /** Number of the journal entry; null when everything already was as asked for and nothing was written. */
  entry: number | null
  type: JournalEntry['type'] | 'beside'
  words: string
  changes: Change[]
  editor: string
}

/** What was written, with what follows from it, for those who follow. */
export interface FollowedWrite extends Pick<Write, 'number' | 'words' | 'changes'> {
  /** The live shop was made anew: more may have changed than is named. */
  rebuilt: boolean
}

/** What undo and redo would do for an editor, in words; null: nothing. */
export interface UndoState {
  undo: string | null
  redo: string | null
}

/**
 * The only way to write. A command is planned, carried out and put into the journal in one transaction;
 * then the live shop takes it over and those who follow are told.
 */
export class CommandLog {
  readonly #store: Store
  readonly #shop: LiveShop
  readonly #followers = new Set<(told: FollowedWrite) => void>()
  readonly #stop: (error: unknown) => void
  #last: Promise<unknown> = Promise.resolve()
  #waiting = 0

  /** @param stop is called when memory can't follow the database any more: whoever goes on would tell what is not so */
  constructor(store: Store, shop: LiveShop, stop: (error: unknown) => void = rethrow) {
    this.#store = store
    this.#shop = shop
    this.#stop = stop
  }

  /** Number of the last write that the live shop has taken over: what was worked out before holds as long as it is the same. */
  get followed(): number {
    return this.#shop.followed
  }

  /** How many writes are under way or wait for those before them. */
  get waiting(): number {
    return this.#waiting
  }

  /**
   * Tells a follower of every write after one of them: first of those that are over, then of each when the live shop has taken it over.
   * What the follower throws is only logged, for the write is made.
   * @param after number of a write; left out: from now on
   * @returns how to stop that
   */
  follow(follower: (told: FollowedWrite) => void, after = this.followed): () => void {
    const waiting: FollowedWrite[] = []
    let isCatchingUp = after < this.followed
    const hear = (told: FollowedWrite) => (isCatchingUp ? waiting.push(told) : follower(told))
    this.#followers.add(hear)
    const catchUp = async () => {
      const until = this.followed
      for await (const write of this.#store.writesAfter(after)) {
        if (write.number > until || !this.#followers.has(hear)) break
        safely(follower, { ...write, changes: [...write.changes, ...this.#shop.bundlesFollowing(write.changes)], rebuilt: false })
      }
    }
    const go = (missed: FollowedWrite[]) => {
      isCatchingUp = false
      for (const told of [...missed, ...waiting]) safely(follower, told)
    }
    // Whoever can't be told what they missed is told that they missed something.
    const failed = (error: unknown) => {
      log.error(error, 'A follower could not catch up.')
      go([{ number: this.followed, words: '', changes: [], rebuilt: true }])
    }
    if (isCatchingUp) void catchUp().then(() => go([]), failed)
    return () => this.#followers.delete(hear)
  }

  /**
   * @param role what the editor may do; left out: it is the server's own doing
   * @throws CommandError when the command can't be carried out; then nothing was changed
   */
  run(command: Command, editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#queued(async writer => {
      allow(roleFor(command), role)
      const context = contextOf(this.#shop, await this.#readStored(command, writer))
      const changes = planCommand(command, context)
      const words = describeCommand(command, context, this.#shop.settings.language)
      if (!changes.length) return { entry: null, type: command.type, words, changes, editor }
      await writer.dropUndone(editor)
      return this.#carryOut({ type: command.type, command, words }, changes, editor, writer)
    })
  }

  /**
   * Carries out what a file asks for, as one entry.
   * @param plan works out the changes on the shop as it is then, with no other write between
   * @param words of what was done, for the history
   */
  runImport(what: ImportCommand, plan: () => Promise<Change[]>, words: () => string, editor: string): Promise<Done> {
    return this.#queued(async writer => {
      const changes = await plan()
      if (!changes.length) return { entry: null, type: what.type, words: words(), changes, editor }
      await writer.dropUndone(editor)
      return this.#carryOut({ type: what.type, command: what, words: words() }, changes, editor, writer)
    })
  }

  /**
   * Carries out what is not a merchandiser's doing, such as a sale: in its turn, and taken over by the live shop, but no entry of the
   * history.
   * @param words of what was done, for those who listen
   */
  async runOutsideHistory<T>(words: string, work: (writer: StoreWriter) => Promise<{ changes: Change[]; answer: T }>): Promise<T> {
    let answer: T | undefined
    await this.#queued(async writer => {
      const done = await work(writer)
      answer = done.answer
      await writer.writeChanges(done.changes, this.#shop.settings.language)
      return { entry: null, type: 'beside', words, changes: done.changes, editor: '' }
    })
    return answer!
  }

  /** @throws CommandError when there is nothing to undo, or someone changed the same since */
  undo(editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#step(editor, role, 'undo')
  }

  /** @throws CommandError when there is nothing to redo, or someone changed the same since */
  redo(editor: string, role: Role = 'admin'): Promise<Done> {
    return this.#step(editor, role, 'redo')
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
    return this.#queued(async writer => {
      const of = await writer.entry(id)
      if (!of) throw new CommandError('no-such-entry', `There is no entry ${id} in the history.`)
      if (of.state !== 'done' || of.type === 'undo' || of.type === 'redo')
        throw new CommandError('not-in-force', `“${of.words}” is not in force any more.`)
      allow(await roleOf(of, writer), role)
      const changes = backwards(await writer.changesOf(id))
      await this.#checkUnchanged(of, changes, 'taken back', writer)
      await writer.setState(id, 'dropped')
      await writer.dropUndone(editor)
      return this.#carryOut({ type: 'revert', command: { entry: id }, words: `Taken back: ${of.words}` }, changes, editor, writer)
    })
  }

  #step(editor: string, role: Role, type: 'undo' | 'redo'): Promise<Done> {
    return this.#queued(async writer => {
      const of = await writer.nextEntry(editor, type === 'undo' ? 'done' : 'undone')
      if (!of) throw new CommandError(type === 'undo' ? 'nothing-to-undo' : 'nothing-to-redo', `There is nothing to ${type}.`)
      allow(await roleOf(of, writer), role)
      const did = await writer.changesOf(of.id)
      const changes = type === 'redo' ? did : backwards(did)
      await this.#checkUnchanged(of, changes, type === 'undo' ? 'undone' : 'redone', writer)
      await writer.setState(of.id, type === 'undo' ? 'undone' : 'done')
      return this.#carryOut(
        { type, command: { entry: of.id }, words: `${type === 'undo' ? 'Undone' : 'Redone'}: ${of.words}` },
        changes,
        editor,
        writer,
      )
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

  /** @throws CommandError when a thing is not as the changes would begin with, or can't be taken away because something stands on it */
  async #checkUnchanged(of: JournalEntry, changes: readonly Change[], verb: string, writer: StoreWriter): Promise<void> {
    const products = await writer.productsBySku(changes.filter(change => change.of === 'product').map(change => change.owner))
    const pause = pausing()
    for (const change of changes) {
      const held = recordOf(change).read(change, this.#shop)
      if (!isAs(change, held === undefined ? (products.get(change.owner) ?? null) : held)) {
        const later = await writer.laterEntry(of.id, change)
        throw new CommandError(
          'changed-since',
          `“${of.words}” can’t be ${verb}: ${recordOf(change).called} was changed later${later ? ` (“${later.words}”)` : ''}, ` +
            'and that would be lost. Nothing was changed.',
          [change.owner || change.key],
        )
      }
      await pause()
    }
    const use = await runInSteps(findingUse(changes, this.#shop))
    if (use) throw new CommandError('in-use', `“${of.words}” can’t be ${verb}: ${use.words} Nothing was changed.`, [use.about])
  }

  /** Writes changes and their journal entry. */
  async #carryOut(
    what: Pick<JournalEntry, 'type' | 'command' | 'words'>,
    changes: Change[],
    editor: string,
    writer: StoreWriter,
  ): Promise<Done> {
    const at = new Date().toISOString()
    await writer.writeChanges(changes, this.#shop.settings.language)
    if (areForShoppers(changes)) {
      const versions = { sections: this.#shop.sectionVersions, plans: this.#shop.planVersions, looks: this.#shop.lookVersions }
      await writer.addRelease(
        { at, note: this.#noteOf(what.command), words: what.words, editor },
        liveAfter(changes, versions),
        liveAfter([], versions),
      )
    }
    const entry = await writer.addEntry({ at, editor, state: 'done', ...what }, changes)
    return { entry, type: what.type, words: what.words, changes, editor }
  }

  #noteOf(command: JournalEntry['command']): string {
    if ('type' in command && command.type === 'publish') return command.note ?? ''
    return 'type' in command && command.type === 'runSchedule' ? (this.#shop.schedules.get(command.key)?.note ?? '') : ''
  }

  /** One write after the other: each is planned on the live shop with all earlier ones taken over. */
  #queued(work: (writer: StoreWriter) => Promise<Done>): Promise<Done> {
    const turn = this.#last.then(async () => {
      const { done, write } = await this.#store.write(async writer => {
        await this.#applyMissed(writer)
        const done = await work(writer)
        if (!done.changes.length) return { done, write: null }
        const logged = { ...done, at: new Date().toISOString() }
        return { done, write: { ...logged, number: await writer.appendWrite(logged) } }
      })
      if (write) await this.#applyWrites([write])
      return done
    })
    this.#waiting++
    this.#last = turn.catch(() => undefined).finally(() => this.#waiting--)
    return turn
  }

  /** Nobody plans on a shop of yesterday: what another process has written in the meantime is taken over first. */
  async #applyMissed(writer: StoreWriter): Promise<void> {
    if ((await writer.lastWrite()) === this.followed) return
    const missed: Write[] = []
    for await (const write of writer.writesAfter(this.followed)) missed.push(write)
    await this.#applyWrites(missed)
  }

  /**
   * Lets the live shop take over what is written, all at once, and tells those who follow. When it can't, it is made anew from the
   * database.
   */
  async #applyWrites(writes: readonly Write[]): Promise<void> {
    const told = writes.map(({ number, words, changes }): FollowedWrite => ({ number, words, changes, rebuilt: false }))
    const last = told.at(-1)!
    try {
      last.changes = [
        ...last.changes,
        ...(await this.#shop.apply(
          writes.flatMap(write => write.changes),
          this.#store,
        )),
      ]
      this.#shop.followed = last.number
    } catch (error) {
      log.error(error, 'The live shop could not take over a change and is built anew.')
      await loadLiveShop(this.#store)
        .then(fresh => this.#shop.become(fresh))
        .catch(this.#stop)
      last.rebuilt = true
    }
    for (const each of told) for (const follower of this.#followers) safely(follower, each)
  }
}

/** What it takes to undo, redo or take back an entry: as much as to make it. */
async function roleOf({ type, command }: JournalEntry, reader: StoreReader): Promise<Role> {
  if (type === 'import') return importRole
  if (!('entry' in command)) return roleFor(command as Command)
  const of = await reader.entry(command.entry)
  return of ? roleOf(of, reader) : 'admin'
}

/** @throws CommandError when a role is not enough */
function allow(needed: Role, role: Role): void {
  if (!isAtLeast(role, needed)) throw new CommandError('not-allowed', `${needWords(needed, role)} Nothing was changed.`)
}

function safely(follower: (told: FollowedWrite) => void, told: FollowedWrite): void {
  try {
    follower(told)
  } catch (error) {
    log.error(error, 'A follower could not take a change.')
  }
}

function rethrow(error: unknown): never {
  throw error
}
