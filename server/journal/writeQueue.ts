import type { Change } from '../../core/records/registry'
import type { LiveShop } from '../live/liveShop'
import { loadLiveShop } from '../live/loadLiveShop'
import { log } from '../log'
import { writeWaits } from './writeWaits'
import type { JournalEntry, Write } from '../store/journal'
import type { Store, StoreWriter } from '../store/port'

/** What a command, undo or redo did. */
export interface Done {
  /** Number of the journal entry; null when everything already was as asked for and nothing was written. */
  entry: number | null
  /** Number of the piece of the entry that was written; left out: it is all of the entry. */
  piece?: number
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

/** Carries out one write after the other; the live shop takes each over before the next begins, and those who follow are told. */
export class WriteQueue {
  readonly #store: Store
  readonly #shop: LiveShop
  readonly #followers = new Set<(told: FollowedWrite) => void>()
  readonly #stop: (error: unknown) => void
  #last: Promise<unknown> = Promise.resolve()
  #waiting = 0
  #waitingPieces = 0

  /** @param stop is called when memory can't follow the database any more: whoever goes on would tell what is not so */
  constructor(store: Store, shop: LiveShop, stop: (error: unknown) => void) {
    this.#store = store
    this.#shop = shop
    this.#stop = stop
  }

  /** How many writes are under way or wait for those before them. */
  get waiting(): number {
    return this.#waiting
  }

  /** Whether somebody’s edit or order is among them, and not only pieces of long work. */
  get doesSomebodyWait(): boolean {
    return this.#waiting > this.#waitingPieces
  }

  /**
   * Tells a follower of every write after one of them: first of those that are over, then of each when the live shop has taken it over.
   * What the follower throws is only logged, for the write is made.
   * @param after number of a write
   * @returns how to stop that
   */
  follow(follower: (told: FollowedWrite) => void, after: number): () => void {
    const waiting: FollowedWrite[] = []
    const until = this.#shop.followed
    let isCatchingUp = after < until
    const hear = (told: FollowedWrite) => (isCatchingUp ? waiting.push(told) : follower(told))
    this.#followers.add(hear)
    const catchUp = async () => {
      let next = after + 1
      for await (const write of this.#store.writesAfter(after)) {
        if (write.number > until || !this.#followers.has(hear)) break
        if (write.number !== next++) throw new Error(`Write ${next - 1} is not kept any more.`)
        safely(follower, { ...write, changes: [...write.changes, ...this.#shop.bundlesFollowing(write.changes)], rebuilt: false })
      }
      if (next <= until && this.#followers.has(hear)) throw new Error(`Write ${next} is not kept any more.`)
    }
    const go = (missed: FollowedWrite[]) => {
      isCatchingUp = false
      for (const told of [...missed, ...waiting]) safely(follower, told)
    }
    // Whoever can't be told what they missed is told that they missed something.
    const failed = (error: unknown) => {
      log.warn(error, 'A follower could not catch up.')
      go([{ number: this.#shop.followed, words: '', changes: [], rebuilt: true }])
    }
    if (isCatchingUp) void catchUp().then(() => go([]), failed)
    return () => this.#followers.delete(hear)
  }

  /** Takes a turn for a piece of long work, for which other work need not rest: see `turn`. */
  async turnOfPiece<D extends Done>(work: (writer: StoreWriter) => Promise<D>): Promise<D> {
    this.#waitingPieces++
    return this.turn(work).finally(() => this.#waitingPieces--)
  }

  /** Takes a turn: all earlier writes are taken over by the live shop, and no other is between. Without changes it is no write. */
  turn<D extends Done>(work: (writer: StoreWriter) => Promise<D>): Promise<D> {
    const asked = performance.now()
    const turn = this.#last.then(async () => {
      writeWaits.observe((performance.now() - asked) / 1000)
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
    if ((await writer.lastWrite()) === this.#shop.followed) return
    const missed: Write[] = []
    for await (const write of writer.writesAfter(this.#shop.followed)) missed.push(write)
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
      const changes = writes.flatMap(write => write.changes)
      last.changes = [...last.changes, ...(await this.#shop.apply(changes, this.#store))]
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

function safely(follower: (told: FollowedWrite) => void, told: FollowedWrite): void {
  try {
    follower(told)
  } catch (error) {
    log.error(error, 'A follower could not take a change.')
  }
}
