import { setImmediate as nextTurn, setTimeout as rest } from 'node:timers/promises'

/** Milliseconds after which other work gets a turn. */
const longestTurn = 3

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

/** What is being written. */
export interface Writing {
  /** How many writes are under way or wait. */
  readonly waiting: number
  /** Whether somebody’s edit or order is among them. */
  readonly doesSomebodyWait: boolean
}

/** Milliseconds that work beside everything else rests after each turn while something is being written. */
const restWhileWriting = 6
/** As often it rests at most for those who wait, for it must come to an end as well. */
const mostRests = 20
let lastBeside: Promise<unknown> = Promise.resolve()

/**
 * The same for work that may take its time, such as handing out a file or trying one: of all such work only one has a turn at a time, and
 * while something is written they rest in between, for each of the many steps of a write would wait for all of them.
 * @param writing left out: nothing is ever written
 */
export function pausingBeside(writing?: Writing): () => Promise<void> | undefined {
  let begun = performance.now()
  const havePaused = () => void (begun = performance.now())
  return () => {
    if (performance.now() - begun < longestTurn) return undefined
    const pause = lastBeside.then(() => (writing?.waiting ? restBeside(writing) : nextTurn()))
    lastBeside = pause
    return pause.then(havePaused)
  }
}

async function restBeside(writing: Writing): Promise<void> {
  let rests = 0
  do await rest(restWhileWriting)
  while (++rests < mostRests && writing.doesSomebodyWait)
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
