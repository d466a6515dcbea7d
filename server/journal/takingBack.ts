import { CommandError } from '../../core/journal/commandError'
import { ChangedTogether } from '../../core/journal/record'
import type { KeptChange } from '../../core/records/keptChange'
import { isMade, keptBackwards, neededFor, ontoNow } from '../../core/records/keptChange'
import type { Change } from '../../core/records/registry'
import { findingUse, recordOf, useOf } from '../../core/records/registry'
import { counted } from '../../core/text/sentence'
import type { LiveShop } from '../live/liveShop'
import { pausing, runInSteps } from '../live/runInSteps'
import type { JournalEntry } from '../store/journal'
import type { StoreReader, StoreWriter } from '../store/port'
import { Pace } from './pace'
import type { Piece } from './piece'

export type TakingBackType = 'undo' | 'redo' | 'revert'

const sorts = {
  undo: { done: 'Undone', verb: 'undone', state: 'undone' },
  redo: { done: 'Redone', verb: 'redone', state: 'done' },
  revert: { done: 'Taken back', verb: 'taken back', state: 'dropped' },
} as const

/** Takes an entry back, or does it again: what it changed, turned round, if all of it still is as the entry left it. */
export class TakingBack {
  readonly #type: TakingBackType
  readonly #of: JournalEntry
  readonly #shop: LiveShop
  readonly #together = new ChangedTogether([])
  readonly #pace = new Pace()
  /** Numbers of the pieces that are still to come. */
  #pieces: number[] = []
  /** Changes that were gone through, and those of them that had to be left because of what others have done. */
  #gone = 0
  #left = 0
  #total = 0

  constructor(type: TakingBackType, of: JournalEntry, shop: LiveShop) {
    this.#type = type
    this.#of = of
    this.#shop = shop
  }

  /** What is done, in words. */
  get words(): string {
    const left = this.#left
      ? `; ${counted(this.#left, 'thing')} changed meanwhile by others ${this.#left === 1 ? 'stays' : 'stay'} as is`
      : ''
    return `${sorts[this.#type].done}: ${this.#of.words}${left}`
  }

  /**
   * All that it changes.
   * @throws CommandError when a thing is not as the entry left it, or can't be taken away because something stands on it
   */
  async changes(reader: StoreReader): Promise<Change[]> {
    const kept = this.#turned(await reader.changesOf(this.#of.id))
    const products = await reader.productsBySku(neededFor(kept))
    const changes: Change[] = []
    const pause = pausing()
    for (const each of kept) {
      const change = ontoNow(each, this.#now(each, products))
      if (!change) throw await this.#changedSince(each, reader)
      changes.push(change)
      await pause()
    }
    const use = await runInSteps(findingUse(changes, this.#shop))
    if (use) throw this.#inUse(use.words, use.about)
    return changes
  }

  /** Notes what has become of the entry. */
  async note(editor: string, writer: StoreWriter): Promise<void> {
    await writer.setState(this.#of.id, sorts[this.#type].state)
    if (this.#type === 'revert') await writer.dropUndone(editor)
  }

  /**
   * Looks, beside everything else, whether all of it can be done; `next` then does it. What is as it is to be already may stay so: an
   * earlier try was stopped on its way.
   * @throws CommandError like `changes`
   */
  async begin(reader: StoreReader): Promise<void> {
    const count = await reader.pieces(this.#of.id)
    const numbers = Array.from({ length: count }, (_, i) => i)
    this.#pieces = this.#type === 'redo' ? numbers : numbers.reverse()
    for (const piece of this.#pieces) {
      const kept = await reader.changesOf(this.#of.id, piece)
      this.#together.add(kept)
      this.#total += kept.length
    }
    for (const piece of this.#pieces) {
      const { made, notAsLeft } = await this.#made(piece, reader)
      if (notAsLeft[0]) throw await this.#changedSince(notAsLeft[0], reader)
      const use = await runInSteps(findingUse(made, this.#shop, this.#together))
      if (use) throw this.#inUse(use.words, use.about)
    }
  }

  /**
   * The next pieces of it, as many as are done soon, on the shop as it is then; null: that was all.
   * @param took milliseconds that the last ones took; 0: there were none
   */
  async next(editor: string, writer: StoreWriter, took: number): Promise<Piece | null> {
    if (!this.#pieces.length) {
      await this.note(editor, writer)
      return null
    }
    this.#pace.note(took)
    const changes: Change[] = []
    for (let taken = 0; taken < this.#pace.size && this.#pieces.length;) {
      const { made, notAsLeft, count } = await this.#made(this.#pieces.shift()!, writer)
      const possible = made.filter(change => !useOf(change, this.#shop, this.#together))
      changes.push(...possible)
      this.#left += notAsLeft.length + made.length - possible.length
      this.#gone += count
      taken += count
    }
    const progress = `${this.#gone.toLocaleString('en')} of ${this.#total.toLocaleString('en')} changes`
    return { changes, words: `${sorts[this.#type].done}, ${progress}: ${this.#of.words}` }
  }

  /** What a piece of it changes in things as they are now, without what is changed already. */
  async #made(piece: number, reader: StoreReader): Promise<{ made: Change[]; notAsLeft: KeptChange[]; count: number }> {
    const kept = this.#turned(await reader.changesOf(this.#of.id, piece))
    const products = await reader.productsBySku(neededFor(kept))
    const made: Change[] = []
    const notAsLeft: KeptChange[] = []
    for (const each of kept) {
      const now = this.#now(each, products)
      const change = ontoNow(each, now)
      if (change) made.push(change)
      else if (!isMade(each, now)) notAsLeft.push(each)
    }
    return { made, notAsLeft, count: kept.length }
  }

  #turned(kept: KeptChange[]): KeptChange[] {
    return this.#type === 'redo' ? kept : keptBackwards(kept)
  }

  /** How a thing is now. */
  #now(kept: KeptChange, products: ReadonlyMap<string, unknown>): unknown {
    const held = recordOf(kept).read(kept, this.#shop)
    return held === undefined ? (products.get(kept.owner) ?? null) : held
  }

  async #changedSince(kept: KeptChange, reader: StoreReader): Promise<CommandError> {
    const later = await reader.laterEntry(this.#of.id, kept)
    return new CommandError(
      'changed-since',
      `“${this.#of.words}” can’t be ${sorts[this.#type].verb}: ${recordOf(kept).called} was changed later` +
        `${later ? ` (“${later.words}”)` : ''}, and that would be lost. Nothing was changed.`,
      [kept.owner || kept.key],
    )
  }

  #inUse(words: string, about: string): CommandError {
    return new CommandError('in-use', `“${this.#of.words}” can’t be ${sorts[this.#type].verb}: ${words} Nothing was changed.`, [about])
  }
}
