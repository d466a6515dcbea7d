import { setTimeout } from 'node:timers/promises'
import { z } from 'zod'
import type { CommandLog } from '../journal/commandLog'
import { log } from '../log'
import { UnusableDataError } from '../store/port'

/** @throws UnusableDataError when it is no number of days */
function days(name: string, usual: number): number {
  const read = z.coerce
    .number()
    .int()
    .min(1)
    .safeParse(process.env[name] || usual)
  if (!read.success) throw new UnusableDataError(`${name} is not a whole number of days, from 1.`)
  return read.data
}
const day = 24 * 3600 * 1000

/**
 * How many days what entries changed is kept, of files and of all else: so long they can be taken back.
 * @throws UnusableDataError when the environment names none
 */
export const keptDays = () => ({
  files: days('MANADA_UNDO_FILES_DAYS', 14),
  others: days('MANADA_UNDO_DAYS', 365),
})

/** Forgets what old entries changed. @param now milliseconds since 1970 */
export function thinHistory(commands: Pick<CommandLog, 'thin'>, now: number): Promise<void> {
  const { files, others } = keptDays()
  const before = (count: number) => new Date(now - count * day).toISOString()
  return commands.thin({ files: before(files), others: before(others) })
}

/** Does so once a day, for the first time some minutes after the start. */
export async function keepThinning(commands: Pick<CommandLog, 'thin'>, signal: AbortSignal): Promise<void> {
  const pause = (milliseconds: number) => setTimeout(milliseconds, null, { signal, ref: false }).catch(() => undefined)
  for (await pause(10 * 60_000); !signal.aborted; await pause(day)) {
    try {
      await thinHistory(commands, Date.now())
    } catch (error) {
      log.error(error, 'The history could not be thinned. It will be tried again in a day.')
    }
  }
}
