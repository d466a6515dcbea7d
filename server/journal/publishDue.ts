import { CommandError } from '../../core/commands/commandError'
import type { Running } from '../engine/useShop'

/** The longest that a timer can wait. */
const longest = 2 ** 31 - 1
const editor = 'schedule'

/**
 * Publishes what was planned when its time has come; what came due while the server was not running, at once.
 * @returns how to stop that
 */
export function publishWhenDue({ shop, log }: Pick<Running, 'shop' | 'log'>): () => void {
  let timer: NodeJS.Timeout | undefined
  let stopped = false
  const next = () => [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))[0]

  function wait(): void {
    clearTimeout(timer)
    const due = next()
    if (due && !stopped) timer = setTimeout(() => void run(), Math.min(longest, Math.max(0, Date.parse(due.at) - Date.now())))
  }
  async function run(): Promise<void> {
    const due = next()
    if (due && Date.parse(due.at) <= Date.now()) {
      try {
        await log.run({ type: 'runSchedule', key: due.key }, editor)
      } catch (error) {
        // Somebody has cancelled or published it at this very moment.
        if (!(error instanceof CommandError)) throw error
      }
    }
    wait()
  }
  const deafen = log.listen(({ changes }) => changes.some(change => change.of === 'schedule') && wait())
  wait()
  return () => {
    stopped = true
    clearTimeout(timer)
    deafen()
  }
}
