import { z } from 'zod'
import { fewSchema, timeZoneSchema } from '../../catalogue/shopSettings'
import type { CommandContext } from '../../journal/commandContext'
import type { CommandGroup } from '../../journal/commandGroup'
import { counted } from '../../text/sentence'
import type { SettingChange } from './settingRecord'
import { settingRecord } from './settingRecord'

/** Commands on what holds for the shop as a whole. */
const settingCommandSchema = z.discriminatedUnion('type', [
  /** Sets where the shop’s days begin and end. */
  z.strictObject({ type: z.literal('setTimeZone'), timeZone: timeZoneSchema }),
  /** Sets of how many shoppers are told that only a few are left. */
  z.strictObject({ type: z.literal('setFew'), few: fewSchema }),
])

export const settingCommands: CommandGroup<typeof settingCommandSchema> = {
  schema: settingCommandSchema,
  // It holds for everything.
  role: () => 'admin',
  plan(command, context): SettingChange[] {
    const { states, timeZone, few } = context
    switch (command.type) {
      case 'setTimeZone':
        return setting('timeZone', timeZone, command.timeZone, states)
      case 'setFew':
        return setting('few', String(few), String(command.few), states)
    }
  },
  words(command) {
    if (command.type === 'setTimeZone') return `Set the shop’s time zone to ${command.timeZone}`
    return command.few
      ? `Told shoppers of ${counted(command.few, 'thing')} or fewer that only a few are left`
      : 'Told shoppers no longer that only a few are left'
  },
}

/** @param now how it is, which may be as the shop brought it along */
function setting(key: string, now: string, after: string, states: CommandContext['states']): SettingChange[] {
  return now === after ? [] : [{ of: 'setting', owner: '', key, before: states.of(settingRecord).get(key) ?? null, after }]
}
