import { setImmediate as nextTurn } from 'node:timers/promises'

/** Milliseconds after which other work gets a turn. */
export const longestTurn = 8

/**
 * Runs long work step by step, and lets other work have a turn every few milliseconds.
 * @param between looks after each step whether to go on; to stop, it throws
 */
export async function runInSteps<T>(steps: Generator<void, T>, between?: () => void): Promise<T> {
  for (let begun = performance.now(); ;) {
    const step = steps.next()
    if (step.done) return step.value
    between?.()
    if (performance.now() - begun < longestTurn) continue
    await nextTurn()
    begun = performance.now()
  }
}
