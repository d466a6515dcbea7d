/** A list of whole numbers begins with room for so many. */
const leastRoom = 4
const noNumbers: readonly number[] = []

/**
 * Lists of whole numbers (0 to 2³¹ − 1), each named by such a number itself, in one array: a million numbers in a hundred thousand lists
 * take a few megabytes, and nothing that the garbage collector goes through.
 *
 * @example
 * const lists = new NumberLists()
 * lists.set(7, [3, 1])
 * lists.add(7, 2)
 * lists.of(7) // [3, 1, 2]
 */
export class NumberLists {
  #numbers = new Int32Array(64)
  /** Up to here the array is given to lists, or was. */
  #end = 0
  /** Places up to the end that no list has any more. */
  #left = 0
  #starts = new Int32Array(16)
  #lengths = new Int32Array(16)
  #rooms = new Int32Array(16)

  /** How many numbers a list has. */
  length(list: number): number {
    return this.#lengths[list] ?? 0
  }

  /** A number of a list by its index, which is less than the list's length. */
  at(list: number, index: number): number {
    return this.#numbers[this.#starts[list]! + index]!
  }

  /** A copy of a list; empty when nothing was ever put there. */
  of(list: number): readonly number[] {
    const length = this.length(list)
    if (!length) return noNumbers
    const start = this.#starts[list]!
    return Array.from(this.#numbers.subarray(start, start + length))
  }

  /** The names of the lists that are not empty, ascending. */
  *lists(): Generator<number> {
    for (let list = 0; list < this.#lengths.length; list++) if (this.#lengths[list]) yield list
  }

  set(list: number, numbers: readonly number[]): void {
    this.#makeRoom(list, numbers.length, numbers.length)
    this.#numbers.set(numbers, this.#starts[list])
    this.#lengths[list] = numbers.length
  }

  /** Puts a number at the end of a list. */
  add(list: number, number: number): void {
    const length = this.length(list)
    // Twice the room each time, so that a list of any length is seldom moved.
    this.#makeRoom(list, length + 1, Math.max(leastRoom, 2 * length))
    this.#numbers[this.#starts[list]! + length] = number
    this.#lengths[list] = length + 1
  }

  /** Takes a number out of a list that has it; the last takes its place. */
  remove(list: number, number: number): void {
    const start = this.#starts[list]!
    const last = start + this.length(list) - 1
    this.#numbers[this.#numbers.indexOf(number, start)] = this.#numbers[last]!
    this.#lengths[list]!--
  }

  /** Sees to it that a list has room for so many numbers; if it has to be moved for it, for more. What it has stays. */
  #makeRoom(list: number, needed: number, wanted: number): void {
    if (list >= this.#starts.length) this.#growLists(list)
    const room = this.#rooms[list]!
    if (needed <= room) return
    if (this.#end + wanted > this.#numbers.length) this.#gather(wanted)
    this.#left += room
    const start = this.#starts[list]!
    this.#numbers.copyWithin(this.#end, start, start + this.#lengths[list]!)
    this.#starts[list] = this.#end
    this.#rooms[list] = wanted
    this.#end += wanted
  }

  #growLists(list: number): void {
    const size = Math.max(list + 1, 2 * this.#starts.length)
    this.#starts = grown(this.#starts, size)
    this.#lengths = grown(this.#lengths, size)
    this.#rooms = grown(this.#rooms, size)
  }

  /** Moves all lists together, without what no list has any more, with half as much again and so many places behind them. */
  #gather(more: number): void {
    const before = this.#numbers
    this.#numbers = new Int32Array(Math.ceil(1.5 * (this.#end - this.#left)) + more)
    let end = 0
    for (const list of this.#rooms.keys()) {
      const start = this.#starts[list]!
      this.#numbers.set(before.subarray(start, start + this.#lengths[list]!), end)
      this.#starts[list] = end
      end += this.#rooms[list]!
    }
    this.#end = end
    this.#left = 0
  }
}

function grown(numbers: Int32Array, size: number): Int32Array<ArrayBuffer> {
  const more = new Int32Array(size)
  more.set(numbers)
  return more
}
