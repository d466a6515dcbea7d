import { setImmediate as nextTurn } from 'node:timers/promises'

/** Milliseconds after which other work gets a turn. */
const longestTurn = 8

/**
 * For long work: called after each part of it, it lets other work have a turn every few milliseconds.
 *
 * @example
 * const pause = pausing()
 * for (const each of many) {
 *   work(each)
 *   await pause()
 * }
 */
export function pausing(): () => Promise<void> | undefined {
  let begun = performance.now()
  const havePaused = () => void (begun = performance.now())
  return () => (performance.now() - begun < longestTurn ? undefined : nextTurn().then(havePaused))
}

/**
 * Runs long work step by step, and lets other work have a turn every few milliseconds.
 * @param between looks after each step whether to go on; to stop, it throws
 */
export async function runInSteps<T>(steps: Generator<void, T>, between?: () => void): Promise<T> {
  const pause = pausing()
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    between?.()
    await pause()
  }
}
