import { z } from 'zod'
import { timeZoneSchema } from '../../catalogue/shopSettings'
import type { CommandGroup } from '../../journal/commandGroup'
import type { SettingChange } from './settingRecord'
import { settingRecord } from './settingRecord'

/** Commands on what holds for the shop as a whole. */
const settingCommandSchema = z.discriminatedUnion('type', [
  /** Sets where the shop’s days begin and end. */
  z.strictObject({ type: z.literal('setTimeZone'), timeZone: timeZoneSchema }),
])

export const settingCommands: CommandGroup<typeof settingCommandSchema> = {
  schema: settingCommandSchema,
  // It holds for everything.
  role: () => 'admin',
  plan({ timeZone }, context): SettingChange[] {
    // It may be so already, as the shop brought it along.
    if (timeZone === context.timeZone) return []
    return [
      { of: 'setting', owner: '', key: 'timeZone', before: context.states.of(settingRecord).get('timeZone') ?? null, after: timeZone },
    ]
  },
  words: ({ timeZone }) => `Set the shop’s time zone to ${timeZone}`,
}
