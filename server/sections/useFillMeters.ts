import { useShop } from '../engine/useShop'
import { FillMeters } from './fillMeters'

let meters: Promise<FillMeters> | undefined

/** The fill meters of this process. */
export function useFillMeters(): Promise<FillMeters> {
  return meters ??= useShop().then(running => new FillMeters(running))
}

/** Ends their thread, if it was ever needed. */
export async function stopFillMeters(): Promise<void> {
  await (await meters)?.stop()
}
