/*
 * Long work is a generator that pauses between its steps: whoever runs it can let other things have a turn there.
 */

/** Runs work to its end without a pause. */
export function completed<T>(steps: Generator<void, T>): T {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** Runs work to its end. @param take is given what each step has brought */
export function steppedThrough<Step, T>(steps: Generator<Step, T>, take: (step: Step) => void): T {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    take(step.value)
  }
}

/** How many comparisons are made before a pause. */
const comparisonsInStep = 2000

/**
 * Sorts as Array.sort does, and stable, with pauses: merge sort, bottom up (J. von Neumann, 1945; D. E. Knuth,
 * The Art of Computer Programming, vol. 3, section 5.2.4).
 */
export function* sorting(items: Uint32Array, compare: (a: number, b: number) => number): Generator<void, Uint32Array> {
  let from: Uint32Array = items
  let to: Uint32Array = new Uint32Array(items.length)
  let compared = 0
  for (let width = 1; width < items.length; width *= 2) {
    for (let start = 0; start < items.length; start += 2 * width) {
      const middle = Math.min(start + width, items.length)
      const end = Math.min(start + 2 * width, items.length)
      let left = start
      let right = middle
      for (let at = start; at < end; at++) {
        const takeLeft = left < middle && (right >= end || compare(from[left]!, from[right]!) <= 0)
        to[at] = takeLeft ? from[left++]! : from[right++]!
        if (++compared % comparisonsInStep === 0) yield
      }
    }
    const next = from === items ? new Uint32Array(items.length) : from
    from = to
    to = next
  }
  return from
}
