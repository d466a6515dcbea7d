import { CommandError } from '../../core/journal/commandError'
import type { Running } from './useShop'
import { log as serverLog } from '../log'

/** The longest that a timer can wait. */
const longest = 2 ** 31 - 1
const longestPause = 3_600_000
const editor = 'schedule'

/**
 * Publishes what was planned when its time has come; what came due while the server was not running, at once.
 * @param pause milliseconds until what could not be published is tried again; every failure doubles it, up to an hour
 * @returns how to stop that
 */
export function publishWhenDue({ shop, log }: Pick<Running, 'shop' | 'log'>, pause = 5000): () => void {
  let timer: NodeJS.Timeout | undefined
  let stopped = false
  let failures = 0
  const next = () => [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))[0]

  function wait(): void {
    clearTimeout(timer)
    const due = next()
    const soonest = failures ? Math.min(longestPause, pause * 2 ** (failures - 1)) : 0
    if (due && !stopped) timer = setTimeout(() => void run(), Math.min(longest, Math.max(soonest, Date.parse(due.at) - Date.now())))
  }
  async function run(): Promise<void> {
    const due = next()
    if (due && Date.parse(due.at) <= Date.now()) {
      try {
        await log.run({ type: 'runSchedule', key: due.key }, editor)
        failures = 0
      } catch (error) {
        // Else somebody has cancelled or published it at this very moment.
        if (!(error instanceof CommandError)) {
          failures++
          serverLog.error(error, 'What was planned could not be published. It will be tried again.')
        }
      }
    }
    wait()
  }
  const deafen = log.follow(({ changes }) => changes.some(change => change.of === 'schedule') && wait())
  wait()
  return () => {
    stopped = true
    clearTimeout(timer)
    deafen()
  }
}
