import { firstIndex } from '../sorted'
import { completed, sorting } from '../steps'

/** Texts that get a number before a pause. */
const textsInStep = 1000

/**
 * Numbers that stand for texts in their order, so that lists can be sorted by comparing numbers, which is many times faster.
 * Equal texts have equal numbers. A text that comes in later gets a number between its neighbours'.
 */
export class Ranks {
  readonly #texts: string[]
  readonly #compare: (a: string, b: string) => number
  /** Positions in the order of their texts. */
  #sorted: number[]
  readonly #ranks: number[] = []

  /** Its numbers come with `#renumbering`. */
  private constructor(texts: string[], sorted: number[], compare: (a: string, b: string) => number) {
    this.#texts = texts
    this.#sorted = sorted
    this.#compare = compare
  }

  /** @param compare a total order of texts */
  static *building(texts: string[], compare: (a: string, b: string) => number): Generator<void, Ranks> {
    const sorted = yield* sorting(Uint32Array.from(texts.keys()), (a, b) => compare(texts[a]!, texts[b]!))
    const ranks = new Ranks(texts, [...sorted], compare)
    yield* ranks.#renumbering()
    return ranks
  }

  /** By position. Replaced texts change them. */
  get ranks(): readonly number[] {
    return this.#ranks
  }

  /** Puts a text at a position; the position of a new one is next to the last. */
  put(position: number, text: string): void {
    const { length } = this.#texts
    if (position < length) {
      const first = firstIndex(this.#sorted, each => this.#ranks[each]! >= this.#ranks[position]!)
      this.#sorted.splice(this.#sorted.indexOf(position, first), 1)
    }
    const at = firstIndex(this.#sorted, each => this.#compare(this.#texts[each]!, text) >= 0)
    const next = this.#sorted[at]
    this.#texts[position] = text
    this.#sorted.splice(at, 0, position)
    if (next !== undefined && this.#compare(this.#texts[next]!, text) === 0) {
      this.#ranks[position] = this.#ranks[next]!
      return
    }
    const below = at > 0 ? this.#ranks[this.#sorted[at - 1]!]! : (next === undefined ? 0 : this.#ranks[next]!) - 2
    const above = next === undefined ? below + 2 : this.#ranks[next]!
    const between = below + (above - below) / 2
    this.#ranks[position] = between
    if (between <= below || between >= above) completed(this.#renumbering())
  }

  *#renumbering(): Generator<void, void> {
    let rank = 0
    for (const [i, position] of this.#sorted.entries()) {
      if (i % textsInStep === 0) yield
      if (i && this.#compare(this.#texts[this.#sorted[i - 1]!]!, this.#texts[position]!) !== 0) rank++
      this.#ranks[position] = rank
    }
  }
}
