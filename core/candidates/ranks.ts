import type { Gaps } from '../catalogue/gaps'
import { firstIndex, putIn, takeOut } from '../sorted'
import { sorting } from '../steps'

/** Between neighbours, when numbers are moved apart. */
const leastRoom = 2 ** -12

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
  readonly #sorted: number[]
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

  readonly #byRank = (a: number, b: number): number => this.#ranks[a]! - this.#ranks[b]!

  /** Puts texts at positions; those of new ones are next to the last, one after the other. */
  put(puts: readonly (readonly [position: number, text: string])[]): void {
    const changed = puts.filter(([position, text]) => this.#texts[position] !== text)
    const known = changed.flatMap(([position]) => (position < this.#texts.length ? position : []))
    takeOut(this.#sorted, known, this.#byRank)
    for (const [position, text] of changed) this.#texts[position] = text
    const coming = changed.map(([position]) => position).sort((a, b) => this.#compare(this.#texts[a]!, this.#texts[b]!))
    const placeOf = (position: number) => firstIndex(this.#sorted, each => this.#compare(this.#texts[each]!, this.#texts[position]!) >= 0)
    let putUntil = 0
    for (let i = 0; i < coming.length;) {
      const at = placeOf(coming[i]!)
      const next = this.#sorted[at]
      let end = i + 1
      while (end < coming.length && (next === undefined || this.#compare(this.#texts[coming[end]!]!, this.#texts[next]!) < 0)) end++
      if (next !== undefined && this.#compare(this.#texts[coming[i]!]!, this.#texts[next]!) === 0) {
        this.#ranks[coming[i]!] = this.#ranks[next]!
        i++
      } else {
        const group = coming.slice(i, end)
        if (!this.#spread(group, at)) {
          // Those before them have to stand among the others when these are moved.
          putIn(this.#sorted, coming.slice(putUntil, i), this.#byRank)
          putUntil = i
          const place = placeOf(coming[i]!)
          this.#makeRoom(place)
          this.#spread(group, place)
        }
        i = end
      }
    }
    putIn(this.#sorted, coming.slice(putUntil), this.#byRank)
  }

  /**
   * Moves the numbers around a place apart, of as few positions as have room among them. The more they are, the more room each must get, so
   * that it is seldom done to many (M. A. Bender et al., "Two simplified algorithms for maintaining order in a list", 2002).
   */
  #makeRoom(place: number): void {
    const { length } = this.#sorted
    const rankAt = (at: number) => this.#ranks[this.#sorted[at]!]!
    const isSame = (at: number) => at > 0 && at < length && rankAt(at) === rankAt(at - 1)
    let least = leastRoom
    for (let reach = 32; ; reach *= 2, least *= 1.3) {
      let from = Math.max(0, place - reach)
      let to = Math.min(length, place + reach)
      while (isSame(from)) from--
      while (isSame(to)) to++
      const isAll = from === 0 && to === length
      const below = from ? rankAt(from - 1) : rankAt(0) - 1
      const room = isAll ? 1 : ((to < length ? rankAt(to) : rankAt(length - 1) + 1) - below) / (to - from + 1)
      if (room < least) continue
      let rank = below
      let before = NaN
      for (let at = from; at < to; at++) {
        const own = rankAt(at)
        if (own !== before) rank += room
        before = own
        this.#ranks[this.#sorted[at]!] = rank
      }
      return
    }
  }

  /** Gives some positions numbers between those of two neighbours. Returns whether there was room. @param at place of the one above */
  #spread(positions: readonly number[], at: number): boolean {
    const next = this.#sorted[at]
    const below = at > 0 ? this.#ranks[this.#sorted[at - 1]!]! : (next === undefined ? 0 : this.#ranks[next]!) - positions.length - 1
    const above = next === undefined ? below + positions.length + 1 : this.#ranks[next]!
    let rank = below
    for (const [i, position] of positions.entries()) {
      const isSame = i > 0 && this.#compare(this.#texts[positions[i - 1]!]!, this.#texts[position]!) === 0
      const higher = isSame ? rank : below + ((above - below) * (i + 1)) / (positions.length + 1)
      if (!isSame && higher <= rank) return false
      this.#ranks[position] = rank = higher
    }
    return rank < above
  }

  remove(gaps: Gaps): void {
    takeOut(this.#sorted, gaps.positions, this.#byRank)
    gaps.rename(this.#sorted)
    gaps.close(this.#texts)
    gaps.close(this.#ranks)
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
