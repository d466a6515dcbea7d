/**
 * A set of positions, a bit for each: combining two takes a step for every 32 positions.
 * (P. O'Neil and D. Quass, "Improved query performance with variant indexes", SIGMOD 1997, section 2.1.)
 */
export class Bitmap {
  /** How many positions there are; those in the set are below it. */
  readonly size: number
  readonly #words: Uint32Array

  constructor(size: number, words = new Uint32Array(Math.ceil(size / 32))) {
    this.size = size
    this.#words = words
  }

  /** All positions. */
  static full(size: number): Bitmap {
    const words = new Uint32Array(Math.ceil(size / 32)).fill(0xffffffff)
    const spare = size & 31
    if (spare) words[words.length - 1] = 2 ** spare - 1
    return new Bitmap(size, words)
  }

  has(position: number): boolean {
    return ((this.#words[position >>> 5]! >>> (position & 31)) & 1) === 1
  }

  set(position: number, isIn: boolean): void {
    if (isIn) this.#words[position >>> 5]! |= 1 << (position & 31)
    else this.#words[position >>> 5]! &= ~(1 << (position & 31))
  }

  addAll(positions: Iterable<number>): this {
    for (const position of positions) this.#words[position >>> 5]! |= 1 << (position & 31)
    return this
  }

  /** The same for positions that stand between two places of a list. */
  addBetween(positions: readonly number[], from: number, to: number): this {
    const words = this.#words
    for (let i = from; i < to; i++) words[positions[i]! >>> 5]! |= 1 << (positions[i]! & 31)
    return this
  }

  // The loops read the length once, and assign what they work out: they run for every page, and are twice as fast so.

  /** Takes in what is in another. */
  addFrom(other: Bitmap): this {
    const [words, others, count] = [this.#words, other.#words, this.#words.length]
    for (let i = 0; i < count; i++) words[i] = words[i]! | others[i]!
    return this
  }

  /** Takes in what is in both of two others. */
  addFromBoth(a: Bitmap, b: Bitmap): this {
    const [words, ofA, ofB, count] = [this.#words, a.#words, b.#words, this.#words.length]
    for (let i = 0; i < count; i++) words[i] = words[i]! | (ofA[i]! & ofB[i]!)
    return this
  }

  /** Keeps only what is in another too. */
  keep(other: Bitmap): this {
    const [words, others, count] = [this.#words, other.#words, this.#words.length]
    for (let i = 0; i < count; i++) words[i] = words[i]! & others[i]!
    return this
  }

  /** Takes out what is in another. */
  remove(other: Bitmap): this {
    const [words, others, count] = [this.#words, other.#words, this.#words.length]
    for (let i = 0; i < count; i++) words[i] = words[i]! & ~others[i]!
    return this
  }

  copy(): Bitmap {
    return new Bitmap(this.size, this.#words.slice())
  }

  /** The positions in it, ascending. */
  positions(): number[] {
    return this.positionsUpTo(this.size)!
  }

  /** The positions in it, ascending; null when there are more than so many. */
  positionsUpTo(most: number): number[] | null {
    const positions: number[] = []
    const words = this.#words
    for (let i = 0; i < words.length; i++) {
      for (let word = words[i]!; word; word &= word - 1) positions.push(i * 32 + 31 - Math.clz32(word & -word))
      if (positions.length > most) return null
    }
    return positions
  }
}
