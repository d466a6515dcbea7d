type TypedColumn = Uint8Array<ArrayBuffer> | Uint16Array<ArrayBuffer> | Float64Array<ArrayBuffer>

/** Positions whose products are taken away: those behind them move up. */
export class Gaps {
  /** Ascending. */
  readonly positions: readonly number[]
  /** Whether they are the last of all, so that none moves up. */
  readonly areLast: boolean
  readonly #gone: ReadonlySet<number>
  readonly #moved: Int32Array

  /** @param size how many positions there are now */
  constructor(positions: Iterable<number>, size: number) {
    this.positions = [...positions].sort((a, b) => a - b)
    this.#gone = new Set(this.positions)
    this.areLast = this.positions.every((position, i) => position === size - this.positions.length + i)
    this.#moved = new Int32Array(this.areLast ? 0 : size)
    let moved = 0
    for (let position = 0; position < this.#moved.length; position++) this.#moved[position] = this.#gone.has(position) ? -1 : moved++
  }

  has(position: number): boolean {
    return this.#gone.has(position)
  }

  /** Where the product at a position that stays stands afterwards. */
  after(position: number): number {
    return this.areLast ? position : this.#moved[position]!
  }

  /** Renames the positions in a list; those that are taken away are no longer in it. */
  rename(positions: number[]): void {
    if (this.areLast) return
    for (let i = 0; i < positions.length; i++) positions[i] = this.#moved[positions[i]!]!
  }

  /** A column with a number for each position, without the gaps. */
  closed<Column extends TypedColumn>(column: Column): Column {
    if (this.areLast) return column.slice(0, column.length - this.positions.length) as Column
    const closed = new (column.constructor as new (length: number) => Column)(column.length - this.positions.length)
    let to = 0
    for (let i = 0; i <= this.positions.length; i++) {
      const between = column.subarray(i ? this.positions[i - 1]! + 1 : 0, this.positions[i] ?? column.length)
      closed.set(between, to)
      to += between.length
    }
    return closed
  }

  /** Closes the gaps in a list with something for each position. */
  close(things: unknown[]): void {
    if (this.areLast) {
      things.length -= this.positions.length
      return
    }
    let kept = this.positions[0] ?? things.length
    for (let position = kept; position < things.length; position++) if (!this.has(position)) things[kept++] = things[position]
    things.length = kept
  }
}
