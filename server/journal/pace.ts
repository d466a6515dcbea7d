/** Milliseconds that a piece of long work may keep others waiting. */
const longest = 60
const [least, most] = [10, 400]

/** How much long work takes at a time: as much as is done soon on this machine, with this shop. */
export class Pace {
  #size = 100

  /** How many things the next piece changes at most. */
  get size(): number {
    return this.#size
  }

  /** @param took milliseconds that the last piece took; 0: there was none */
  note(took: number): void {
    // Not all at once: one piece may have met a noisy moment.
    const factor = took ? Math.min(1.5, Math.max(0.5, longest / took)) : 1
    this.#size = Math.min(most, Math.max(least, Math.round(this.#size * factor)))
  }
}
