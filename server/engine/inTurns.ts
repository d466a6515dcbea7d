import { setImmediate as nextTurn } from 'node:timers/promises'

/**
 * Runs long work step by step, and lets other work have a turn in between.
 * @param between looks after each step whether to go on; to stop, it throws
 */
export async function inTurns<T>(steps: Generator<void, T>, between?: () => void): Promise<T> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    between?.()
    await nextTurn()
  }
}
