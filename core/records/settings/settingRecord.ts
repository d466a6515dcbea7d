import { asItIs, keyedRecord } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'

/** What was set for the shop as a whole, by the name of the setting; what was not set is as the shop brought it along. */
export const settingRecord = keyedRecord<'setting', string>(
  {
    of: 'setting',
    called: 'the same setting',
    live: (_, effects) => effects.settingsChanged(),
    // Days begin and end otherwise everywhere.
    counting: { isCopied: false, apply: () => false },
  },
  asItIs,
)
export type SettingChange = ChangeOf<'setting', string | null>
