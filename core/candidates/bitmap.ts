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

  copy(): Bitmap {
    return new Bitmap(this.size, this.#words.slice())
  }

  /** What is in both. */
  and(other: Bitmap): Bitmap {
    const words = new Uint32Array(this.#words.length)
    for (let i = 0; i < words.length; i++) words[i] = this.#words[i]! & other.#words[i]!
    return new Bitmap(this.size, words)
  }

  /** What is in either. */
  or(other: Bitmap): Bitmap {
    const words = new Uint32Array(this.#words.length)
    for (let i = 0; i < words.length; i++) words[i] = this.#words[i]! | other.#words[i]!
    return new Bitmap(this.size, words)
  }

  /** What is in this one alone. */
  without(other: Bitmap): Bitmap {
    const words = new Uint32Array(this.#words.length)
    for (let i = 0; i < words.length; i++) words[i] = this.#words[i]! & ~other.#words[i]!
    return new Bitmap(this.size, words)
  }

  /** How many positions are in it. */
  get count(): number {
    let count = 0
    for (const word of this.#words) count += bitsIn(word)
    return count
  }

  /** The positions in it, ascending. */
  positions(): number[] {
    const positions: number[] = []
    for (let i = 0; i < this.#words.length; i++) {
      for (let word = this.#words[i]!; word; word &= word - 1) positions.push(i * 32 + 31 - Math.clz32(word & -word))
    }
    return positions
  }
}

/** How many bits of a word are set (H. S. Warren, Hacker's Delight, section 5–1). */
function bitsIn(word: number): number {
  word -= (word >>> 1) & 0x55555555
  word = (word & 0x33333333) + ((word >>> 2) & 0x33333333)
  return Math.imul((word + (word >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24
}
