import { CommandError } from '../../core/journal/commandError'
import type { Running } from './useShop'
import { log as serverLog } from '../log'

/** What goes out later than this is told of, in milliseconds. */
const late = 60_000
const longestPause = 3_600_000
const editor = 'schedule'

/**
 * Publishes what was planned when its time has come; what came due while the server was not running, at once.
 * @param often clocks are set, and machines sleep: at least once in so many milliseconds is looked whether something is due
 * @param now milliseconds since 1970
 * @param pause milliseconds until what could not be published is tried again; every failure doubles it, up to an hour
 * @returns how to stop that
 */
export function publishWhenDue(
  { shop, log }: Pick<Running, 'shop' | 'log'>,
  { pause = 5000, often = 10_000, now = Date.now } = {},
): () => void {
  let timer: NodeJS.Timeout | undefined
  let stopped = false
  let failures = 0
  const next = () => [...shop.schedules.values()].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))[0]

  function wait(): void {
    clearTimeout(timer)
    const due = next()
    const soonest = failures ? Math.min(longestPause, pause * 2 ** (failures - 1)) : 0
    if (due && !stopped) timer = setTimeout(() => void run(), Math.max(soonest, Math.min(often, Date.parse(due.at) - now())))
  }
  async function run(): Promise<void> {
    const due = next()
    const overdue = due ? now() - Date.parse(due.at) : -1
    if (due && overdue >= 0) {
      if (overdue > late) serverLog.warn({ planned: due.at }, 'What was planned goes out late.')
      try {
        await log.run({ type: 'runSchedule', key: due.key }, editor)
        failures = 0
      } catch (error) {
        // Else somebody has cancelled or published it at this very moment.
        if (!(error instanceof CommandError) || shop.schedules.has(due.key)) {
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
