import { useShop } from '../running/useShop'
import { CountingThread } from './countingThread'

let thread: Promise<CountingThread> | undefined

/** The counting thread of this process. */
export function useCounting(): Promise<CountingThread> {
  return (thread ??= useShop().then(running => new CountingThread(running)))
}

/** Ends their thread, if it was ever needed. */
export async function stopCounting(): Promise<void> {
  await (await thread)?.stop()
}
